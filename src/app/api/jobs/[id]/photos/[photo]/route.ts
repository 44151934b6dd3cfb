import { answer, bytesOf, fromSave, keepPhoto, readPhoto, refused } from '@/server'

export const dynamic = 'force-dynamic'
type Params = { params: Promise<{ id: string; photo: string }> }

/** A picture of a note. It never changes under its name. */
export const GET = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const { id, photo } = await params
    const jpeg = await readPhoto(id, photo)
    if (jpeg === null) return fromSave({ kind: 'gone' })
    return new Response(new Uint8Array(jpeg), {
      headers: { 'content-type': 'image/jpeg', 'cache-control': 'private, max-age=31536000, immutable' },
    })
  })

/** Keeps a picture that a note of this job names; sent again it changes nothing. */
export const PUT = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const { id, photo } = await params
    const bytes = await bytesOf(request)
    if (!bytes.ok) return bytes.response
    const kept = await keepPhoto(id, photo, bytes.value)
    if (kept === null) return fromSave({ kind: 'gone' })
    return kept.ok ? new Response(null, { status: 204 }) : refused(kept.issues)
  })

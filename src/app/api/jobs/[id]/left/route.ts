import { z } from 'zod'
import { answer, cookieOf, DEVICE_COOKIE, fromSave, leave, leftEntries, bodyOf, tooBusy } from '@/server'

export const dynamic = 'force-dynamic'
type Params = { params: Promise<{ id: string }> }
const body = z.strictObject({ records: z.array(z.unknown()).min(1).max(2000) })

/** What phones that were signed out have left at a job. */
export const GET = (request: Request, { params }: Params) =>
  answer(request, async () =>
    Response.json(await leftEntries((await params).id), { headers: { 'cache-control': 'no-store' } }),
  )

/** Leaves the entries of a phone that was signed out: known by its own cookie, and by nothing else. */
export const POST = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const parsed = await bodyOf(request, body)
    if (!parsed.ok) return parsed.response
    const token = cookieOf(request.headers.get('cookie'), DEVICE_COOKIE)
    switch (await leave((await params).id, parsed.value.records, token)) {
      case 'left':
        return Response.json({}, { status: 201 })
      case 'unknown-phone':
        return Response.json({ error: 'sign-in' }, { status: 401 })
      case 'too-many':
        return tooBusy()
      case 'gone':
        return fromSave({ kind: 'gone' })
    }
  })

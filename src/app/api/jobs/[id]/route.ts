import { z } from 'zod'
import { parseJob } from '@/core/files'
import { answer, archiveJob, byOf, deleteJob, fromSave, oneJob, bodyOf, refused, renameJob, saveJob } from '@/server'

export const dynamic = 'force-dynamic'
type Params = { params: Promise<{ id: string }> }
const saveId = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/)
const putBody = z.strictObject({
  baseRevision: z.int().min(1),
  label: z.string().max(200),
  doc: z.unknown(),
  /** The same each time that one save is sent, so that it counts once. */
  saveId: saveId.optional(),
  /** Saves sent before it whose answers never came. */
  unanswered: z.array(saveId).max(100).default([]),
})
const patchBody = z.union([
  z.strictObject({ name: z.string().trim().min(1).max(120) }),
  z.strictObject({ archived: z.boolean() }),
  z.strictObject({ deleted: z.boolean() }),
])

export const GET = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const job = await oneJob((await params).id)
    return job ? Response.json(job) : fromSave({ kind: 'gone' })
  })

export const PUT = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const parsed = await bodyOf(request, putBody)
    if (!parsed.ok) return parsed.response
    const { baseRevision, label, saveId = null, unanswered } = parsed.value
    const doc = parseJob(parsed.value.doc)
    return doc.ok
      ? fromSave(
          await saveJob(
            (await params).id,
            { baseRevision, doc: doc.value, label, saveId, unanswered },
            byOf(request.headers),
          ),
        )
      : refused(doc.issues)
  })

export const PATCH = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const parsed = await bodyOf(request, patchBody)
    if (!parsed.ok) return parsed.response
    const { id } = await params
    const change = parsed.value
    if ('name' in change) return fromSave(await renameJob(id, change.name, byOf(request.headers)))
    if ('archived' in change) return fromSave(await archiveJob(id, change.archived))
    return fromSave(await deleteJob(id, change.deleted))
  })

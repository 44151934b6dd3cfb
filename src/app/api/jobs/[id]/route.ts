import { z } from 'zod'
import { parseJob } from '@/core/files'
import { issuesOf } from '@/core/result'
import { answer, archiveJob, deleteJob, fromSave, oneJob, readBody, refused, renameJob, saveJob } from '@/server'

export const dynamic = 'force-dynamic'
type Params = { params: Promise<{ id: string }> }
const putBody = z.strictObject({ baseRevision: z.int().min(1), label: z.string().max(200), doc: z.unknown() })
const patchBody = z.union([
  z.strictObject({ name: z.string().trim().min(1).max(120) }),
  z.strictObject({ archived: z.boolean() }),
  z.strictObject({ deleted: z.boolean() }),
])

export const GET = (_: Request, { params }: Params) =>
  answer(async () => {
    const job = await oneJob((await params).id)
    return job ? Response.json(job) : fromSave({ kind: 'gone' })
  })

export const PUT = (request: Request, { params }: Params) =>
  answer(async () => {
    const read = await readBody(request)
    if (!read.ok) return read.response
    const parsed = putBody.safeParse(read.value)
    if (!parsed.success) return refused(issuesOf(parsed.error))
    const doc = parseJob(parsed.data.doc)
    return doc.ok
      ? fromSave(await saveJob((await params).id, parsed.data.baseRevision, doc.value, parsed.data.label))
      : refused(doc.issues)
  })

export const PATCH = (request: Request, { params }: Params) =>
  answer(async () => {
    const read = await readBody(request)
    if (!read.ok) return read.response
    const parsed = patchBody.safeParse(read.value)
    if (!parsed.success) return refused(issuesOf(parsed.error))
    const { id } = await params
    const change = parsed.data
    if ('name' in change) return fromSave(await renameJob(id, change.name))
    if ('archived' in change) return fromSave(await archiveJob(id, change.archived))
    return fromSave(await deleteJob(id, change.deleted))
  })

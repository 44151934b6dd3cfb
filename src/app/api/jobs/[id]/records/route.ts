import { z } from 'zod'
import { issuesOf } from '@/core/result'
import {
  addRecords,
  answer,
  fromSave,
  hearPhone,
  personOf,
  readBody,
  recordsAfter,
  refused,
  type RecordsReply,
} from '@/server'

export const dynamic = 'force-dynamic'
type Params = { params: Promise<{ id: string }> }
const body = z.strictObject({ after: z.int().min(0), records: z.array(z.unknown()) })
const send = (recordsReply: RecordsReply) =>
  recordsReply.kind === 'ok' ? Response.json(recordsReply) : fromSave({ kind: 'gone' })

export const GET = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const after = Number(new URL(request.url).searchParams.get('after') ?? 0)
    const { id } = await params
    await hearPhone(id, request.headers, personOf(request.headers)?.id ?? null)
    return send(await recordsAfter(id, Number.isSafeInteger(after) && after >= 0 ? after : 0))
  })

export const POST = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const read = await readBody(request)
    if (!read.ok) return read.response
    const parsed = body.safeParse(read.value)
    if (!parsed.success) return refused(issuesOf(parsed.error))
    const { records, after } = parsed.data
    const { id } = await params
    const person = personOf(request.headers)
    await hearPhone(id, request.headers, person?.id ?? null)
    return send(await addRecords(id, records, after, person))
  })

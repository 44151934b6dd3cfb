import { z } from 'zod'
import { addRecords, answer, fromSave, hearPhone, personOf, bodyOf, recordsAfter, type RecordsReply } from '@/server'

export const dynamic = 'force-dynamic'
type Params = { params: Promise<{ id: string }> }
const body = z.strictObject({ after: z.int().min(0), records: z.array(z.unknown()) })
const send = (recordsReply: RecordsReply) =>
  recordsReply.kind === 'ok' ? Response.json(recordsReply) : fromSave({ kind: 'gone' })

export const GET = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const after = Number(new URL(request.url).searchParams.get('after') ?? 0)
    const { id } = await params
    await hearPhone(id, request.headers)
    return send(await recordsAfter(id, Number.isSafeInteger(after) && after >= 0 ? after : 0))
  })

export const POST = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const parsed = await bodyOf(request, body)
    if (!parsed.ok) return parsed.response
    const { records, after } = parsed.value
    const { id } = await params
    await hearPhone(id, request.headers)
    return send(await addRecords(id, records, after, personOf(request.headers)))
  })

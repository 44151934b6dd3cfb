import { z } from 'zod'
import { issuesOf } from '@/core/result'
import { answer, fromSave, personOf, readBody, refused, settleLeft } from '@/server'

export const dynamic = 'force-dynamic'
const body = z.strictObject({ take: z.boolean() })

/** Takes or refuses what a phone has left. */
export const POST = (request: Request, { params }: { params: Promise<{ id: string; lot: string }> }) =>
  answer(request, async () => {
    const read = await readBody(request)
    if (!read.ok) return read.response
    const parsed = body.safeParse(read.value)
    if (!parsed.success) return refused(issuesOf(parsed.error))
    const { id, lot } = await params
    const taken = await settleLeft(id, lot, { take: parsed.data.take, by: personOf(request.headers) })
    return taken === null ? fromSave({ kind: 'gone' }) : Response.json({ taken })
  })

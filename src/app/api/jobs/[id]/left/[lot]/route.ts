import { z } from 'zod'
import { answer, fromSave, personOf, bodyOf, settleLeft } from '@/server'

export const dynamic = 'force-dynamic'
const body = z.strictObject({ take: z.boolean() })

/** Takes or refuses what a phone has left. */
export const POST = (request: Request, { params }: { params: Promise<{ id: string; lot: string }> }) =>
  answer(request, async () => {
    const parsed = await bodyOf(request, body)
    if (!parsed.ok) return parsed.response
    const { id, lot } = await params
    const taken = await settleLeft(id, lot, { take: parsed.value.take, by: personOf(request.headers) })
    return taken === null ? fromSave({ kind: 'gone' }) : Response.json({ taken })
  })

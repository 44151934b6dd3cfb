import { z } from 'zod'
import { answer, bodyOf, byOf, duplicateJob, fromSave } from '@/server'

export const dynamic = 'force-dynamic'
const asked = z.strictObject({ practice: z.boolean().default(false) })

/** Copies a job, to go on with or to practice on. */
export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => {
    const body = await bodyOf(request, asked)
    if (!body.ok) return body.response
    return fromSave(await duplicateJob((await params).id, body.value.practice, byOf(request.headers)))
  })

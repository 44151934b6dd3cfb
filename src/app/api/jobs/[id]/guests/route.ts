import { guestCardSchema } from '@/core/people'
import { answer, bodyOf, fromSave, guestCards, makeGuestCard, personOf, refused } from '@/server'

export const dynamic = 'force-dynamic'
type Params = { params: Promise<{ id: string }> }

/** The cards by which guests read posts of a job. */
export const GET = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const cards = await guestCards((await params).id)
    return cards ? Response.json(cards, { headers: { 'cache-control': 'no-store' } }) : fromSave({ kind: 'gone' })
  })

/** Makes one; its address is told this once. */
export const POST = (request: Request, { params }: Params) =>
  answer(request, async () => {
    const body = await bodyOf(request, guestCardSchema)
    if (!body.ok) return body.response
    const { post, until } = body.value
    const made = await makeGuestCard((await params).id, { post, until: new Date(until) }, personOf(request.headers))
    if (made === null) return fromSave({ kind: 'gone' })
    return made.ok ? Response.json(made.value, { status: 201 }) : refused(made.issues)
  })

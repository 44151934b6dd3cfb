import { answer, fromSave, personOf, takeGuestCard } from '@/server'

export const dynamic = 'force-dynamic'

/** Takes a guest's card back: it opens nothing any more. */
export const DELETE = (request: Request, { params }: { params: Promise<{ id: string; card: string }> }) =>
  answer(request, async () => {
    const { id, card } = await params
    return (await takeGuestCard(id, card, personOf(request.headers)))
      ? Response.json({ ok: true })
      : fromSave({ kind: 'gone' })
  })

import { answer, fromResult, personOf, withdraw } from '@/server'

export const dynamic = 'force-dynamic'

/** Ends a person's access. */
export const DELETE = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => fromResult(await withdraw(personOf(request.headers), (await params).id)))

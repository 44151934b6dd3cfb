import { answer, erase, fromResult, personOf } from '@/server'

export const dynamic = 'force-dynamic'

/** Takes a person's name out of everything that stays. */
export const DELETE = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => fromResult(await erase(personOf(request.headers), (await params).id)))

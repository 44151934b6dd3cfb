import { answer, fromResult, personOf, revokeDevice } from '@/server'

export const dynamic = 'force-dynamic'

/** A device that is not known any more. */
export const DELETE = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => fromResult(await revokeDevice(personOf(request.headers), (await params).id)))

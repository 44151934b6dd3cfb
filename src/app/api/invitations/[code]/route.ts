import { answer, fromOf, fromResult, personOf, readInvitation, refused, takeInvitationBack } from '@/server'

export const dynamic = 'force-dynamic'

/** Whom an invitation is for, before it is taken. */
export const GET = (request: Request, { params }: { params: Promise<{ code: string }> }) =>
  answer(request, async () => {
    const found = await readInvitation((await params).code, fromOf(request.headers, '').address)
    if (!found.ok) return refused(found.issues)
    const { name, role } = found.value
    return Response.json({ name, role })
  })

/** Takes one back, by what the office knows it by: its code is known to nobody but who was given it. */
export const DELETE = (request: Request, { params }: { params: Promise<{ code: string }> }) =>
  answer(request, async () => fromResult(await takeInvitationBack(personOf(request.headers), (await params).code)))

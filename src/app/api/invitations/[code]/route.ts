import { answer, fromOf, readInvitation, refused } from '@/server'

export const dynamic = 'force-dynamic'

/** Whom an invitation is for, before it is taken. */
export const GET = (request: Request, { params }: { params: Promise<{ code: string }> }) =>
  answer(request, async () => {
    const found = await readInvitation((await params).code, fromOf(request.headers, '').address)
    if (!found.ok) return refused(found.issues)
    const { name, role } = found.value
    return Response.json({ name, role })
  })

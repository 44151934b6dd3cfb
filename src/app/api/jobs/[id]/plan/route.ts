import { answer, forPhone } from '@/server'

export const dynamic = 'force-dynamic'

/** The plan of a job as phones have it. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => forPhone(request, 'field-plan', (await params).id))

import { answer, forPhone } from '@/server'

export const dynamic = 'force-dynamic'

/** The sheets of a job that phones show: those that no reading changes. */
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => forPhone(request, 'site-sheets', (await params).id))

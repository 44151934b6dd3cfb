import { answer, jobHistory } from '@/server'

export const dynamic = 'force-dynamic'
export const GET = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => Response.json(await jobHistory((await params).id)))

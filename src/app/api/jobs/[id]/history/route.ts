import { answer, jobHistory } from '@/server'

export const dynamic = 'force-dynamic'
export const GET = (_: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => Response.json(await jobHistory((await params).id)))

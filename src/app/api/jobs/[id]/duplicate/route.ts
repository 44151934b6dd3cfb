import { answer, byOf, duplicateJob, fromSave } from '@/server'

export const dynamic = 'force-dynamic'
export const POST = (request: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(request, async () => fromSave(await duplicateJob((await params).id, byOf(request.headers))))

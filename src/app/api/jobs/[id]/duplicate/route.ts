import { answer, duplicateJob, fromSave } from '@/server'

export const dynamic = 'force-dynamic'
export const POST = (_: Request, { params }: { params: Promise<{ id: string }> }) =>
  answer(async () => fromSave(await duplicateJob((await params).id)))

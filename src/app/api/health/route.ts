import { answer, oneJob } from '@/server'

export const dynamic = 'force-dynamic'
export const GET = () =>
  answer(async () => {
    await oneJob('none')
    return Response.json({ ok: true })
  })

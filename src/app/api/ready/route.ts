import { answer, isReady } from '@/server'

export const dynamic = 'force-dynamic'

/** Whether this server can work now: its database answers and has its newest schema. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const ready = await isReady()
    return Response.json(ready, { status: ready.ready ? 200 : 503 })
  })

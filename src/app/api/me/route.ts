import { answer, visitorOf, whoIs } from '@/server'

export const dynamic = 'force-dynamic'

/** Who asks, as far as this server knows. */
export const GET = (request: Request) =>
  answer(request, () =>
    Promise.resolve(Response.json(whoIs(visitorOf(request.headers)), { headers: { 'cache-control': 'no-store' } })),
  )

import { answer, officeIsOpen, visitorOf, whoIs } from '@/server'

export const dynamic = 'force-dynamic'

/** Who asks, as far as this server knows, and whether anybody has an account here. */
export const GET = (request: Request) =>
  answer(request, async () => {
    const who = { ...whoIs(visitorOf(request.headers)), owned: !(await officeIsOpen()) }
    return Response.json(who, { headers: { 'cache-control': 'no-store' } })
  })

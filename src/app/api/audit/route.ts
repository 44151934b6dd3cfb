import { answer, happenings } from '@/server'

export const dynamic = 'force-dynamic'

/** What happened at this office, newest first. */
export const GET = (request: Request) => answer(request, async () => Response.json(await happenings()))

import { allPeople, answer } from '@/server'

export const dynamic = 'force-dynamic'
export const GET = (request: Request) => answer(request, async () => Response.json(await allPeople()))

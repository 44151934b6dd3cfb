import { crewBookRoute } from '../books'

export const dynamic = 'force-dynamic'
export const POST = crewBookRoute

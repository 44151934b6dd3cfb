import { drawingsRoute } from '../books'

export const dynamic = 'force-dynamic'
export const POST = drawingsRoute

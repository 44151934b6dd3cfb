import { stripsRoute } from '../books'

export const dynamic = 'force-dynamic'
export const POST = stripsRoute

import { cutListRoute } from '../books'

export const dynamic = 'force-dynamic'
export const POST = cutListRoute

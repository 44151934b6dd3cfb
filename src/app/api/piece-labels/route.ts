import { labelsRoute } from '../books'

export const dynamic = 'force-dynamic'
export const POST = labelsRoute

import { calcSheetRoute } from '../books'

export const dynamic = 'force-dynamic'
export const POST = calcSheetRoute

import { siteRecordRoute } from '../books'

export const dynamic = 'force-dynamic'
export const POST = siteRecordRoute

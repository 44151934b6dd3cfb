import { fieldSheetsRoute } from '../books'

export const dynamic = 'force-dynamic'
export const POST = fieldSheetsRoute

import { bookRoute } from '../books'

export const dynamic = 'force-dynamic'
export const POST = bookRoute('crew-book')

import { z } from 'zod'
import { join } from '@/server'
import { wayIn } from '../entering'

export const dynamic = 'force-dynamic'
const body = z.strictObject({ code: z.string().max(40), secret: z.string().max(200), label: z.string().max(80) })

export const POST = wayIn(body, ({ code, secret }, from) => join(code, secret, from))

import { z } from 'zod'
import { personName } from '@/core/people'
import { signIn } from '@/server'
import { wayIn } from '../entering'

export const dynamic = 'force-dynamic'
const body = z.strictObject({ name: personName, secret: z.string().max(200), label: z.string().max(80) })

export const POST = wayIn(body, ({ name, secret }, from) => signIn(name, secret, from))

import { z } from 'zod'
import { personName } from '@/core/people'
import { makeOwner } from '@/server'
import { wayIn } from '../entering'

export const dynamic = 'force-dynamic'
const body = z.strictObject({
  name: personName,
  secret: z.string().max(200),
  /** Shown where Burdock was started, for an office that is reached from beyond that machine. */
  code: z.string().max(40),
  label: z.string().max(80),
})

export const POST = wayIn(body, (shown, from) => makeOwner(shown, from))

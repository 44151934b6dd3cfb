import { z } from 'zod'
import { personName, ROLES } from '@/core/people'
import { answer, bodyOf, invite, invitationsWaiting, personOf, refused } from '@/server'

export const dynamic = 'force-dynamic'
const body = z.union([
  z.strictObject({ name: personName, role: z.enum(ROLES) }),
  z.strictObject({ person: z.string().max(24) }),
])

/** Those that nobody has taken yet. */
export const GET = (request: Request) => answer(request, async () => Response.json(await invitationsWaiting()))

export const POST = (request: Request) =>
  answer(request, async () => {
    const wanted = await bodyOf(request, body)
    if (!wanted.ok) return wanted.response
    const made = await invite(personOf(request.headers), wanted.value)
    return made.ok ? Response.json(made.value) : refused(made.issues)
  })

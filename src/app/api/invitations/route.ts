import { z } from 'zod'
import { personName, ROLES } from '@/core/people'
import { issuesOf } from '@/core/result'
import { answer, invite, personOf, readBody, refused } from '@/server'

export const dynamic = 'force-dynamic'
const body = z.union([
  z.strictObject({ name: personName, role: z.enum(ROLES) }),
  z.strictObject({ person: z.string().max(24) }),
])

export const POST = (request: Request) =>
  answer(request, async () => {
    const read = await readBody(request)
    if (!read.ok) return read.response
    const wanted = body.safeParse(read.value)
    if (!wanted.success) return refused(issuesOf(wanted.error))
    const made = await invite(personOf(request.headers), wanted.data)
    return made.ok ? Response.json(made.value) : refused(made.issues)
  })

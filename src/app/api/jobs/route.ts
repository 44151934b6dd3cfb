import { z } from 'zod'
import { parseJob } from '@/core/files'
import { newJob } from '@/core/model'
import { allJobs, answer, byOf, createJob, fromSave, bodyOf, refused } from '@/server'

export const dynamic = 'force-dynamic'
const body = z.union([
  z.strictObject({ name: z.string().trim().min(1).max(120) }),
  z.strictObject({ import: z.unknown() }),
])

export const GET = (request: Request) => answer(request, async () => Response.json(await allJobs()))

export const POST = (request: Request) =>
  answer(request, async () => {
    const parsed = await bodyOf(request, body)
    if (!parsed.ok) return parsed.response
    const by = byOf(request.headers)
    if ('name' in parsed.value) return fromSave(await createJob(newJob(parsed.value.name), 'made new', by))
    const job = parseJob(parsed.value.import)
    return job.ok ? fromSave(await createJob(job.value, 'imported from a file', by)) : refused(job.issues)
  })

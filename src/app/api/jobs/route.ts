import { z } from 'zod'
import { parseJob } from '@/core/files'
import { newJob } from '@/core/model'
import { issuesOf } from '@/core/result'
import { allJobs, answer, byOf, createJob, fromSave, readBody, refused } from '@/server'

export const dynamic = 'force-dynamic'
const body = z.union([
  z.strictObject({ name: z.string().trim().min(1).max(120) }),
  z.strictObject({ import: z.unknown() }),
])

export const GET = (request: Request) => answer(request, async () => Response.json(await allJobs()))

export const POST = (request: Request) =>
  answer(request, async () => {
    const read = await readBody(request)
    if (!read.ok) return read.response
    const parsed = body.safeParse(read.value)
    if (!parsed.success) return refused(issuesOf(parsed.error))
    const by = byOf(request.headers)
    if ('name' in parsed.data) return fromSave(await createJob(newJob(parsed.data.name), 'made new', by))
    const job = parseJob(parsed.data.import)
    return job.ok ? fromSave(await createJob(job.value, 'imported from a file', by)) : refused(job.issues)
  })

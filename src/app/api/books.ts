import { z } from 'zod'
import { parseJob } from '@/core/files'
import { type Job } from '@/core/model'
import { parseRecords } from '@/core/field'
import { issuesOf, type Result } from '@/core/result'
import { answer, bookPdf, fieldSheetsPdf, readBody, refused, stripsOf, type BookKind } from '@/server'

const pdf = (made: Result<Uint8Array>): Response =>
  made.ok
    ? new Response(new Uint8Array(made.value), {
        headers: { 'content-type': 'application/pdf', 'cache-control': 'no-store' },
      })
    : refused(made.issues)

/** A route that turns the job in a request, saved or not, into a PDF; `schema` says what else the request holds. */
const jobRoute =
  <T extends { readonly doc: unknown }>(
    schema: z.ZodType<T>,
    make: (job: Job, body: T) => Promise<Result<Uint8Array>>,
  ) =>
  (request: Request) =>
    answer(async () => {
      const read = await readBody(request)
      if (!read.ok) return read.response
      const parsed = schema.safeParse(read.value)
      if (!parsed.success) return refused(issuesOf(parsed.error))
      const job = parseJob(parsed.data.doc)
      return job.ok ? pdf(await make(job.value, parsed.data)) : refused(job.issues)
    })

const stamp = { doc: z.unknown(), date: z.string().max(40), revision: z.string().max(40) }

/** Crew book or calculation sheet; a crew book takes the readings of the site with it where there are any. */
export const bookRoute = (kind: BookKind) =>
  jobRoute(z.strictObject({ ...stamp, records: z.unknown().optional() }), async (job, { records, ...body }) => {
    const read = parseRecords(records ?? [])
    return read.ok ? bookPdf(kind, job, read.value, body) : read
  })

/** Sheets of the work on site. */
export const fieldSheetsRoute = jobRoute(
  z.strictObject({
    ...stamp,
    records: z.unknown(),
    page: z.url({ protocol: /^https?$/ }).max(300),
    perSheet: z.literal([2, 4]).default(4),
  }),
  async (job, body) => {
    const records = parseRecords(body.records)
    return records.ok ? fieldSheetsPdf(job, records.value, body) : records
  },
)

/** A story pole at 1:1. */
export const stripsRoute = jobRoute(z.strictObject({ doc: z.unknown(), post: z.string().max(60) }), (job, body) =>
  stripsOf(job, body.post),
)

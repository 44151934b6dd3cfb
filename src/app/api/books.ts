import { z } from 'zod'
import { issuesOf, parseJob } from '@/core/model'
import { answer, bookPdf, readBody, refused, type BookKind } from '@/server'

const body = z.strictObject({ doc: z.unknown(), date: z.string().max(40), revision: z.string().max(40) })

/** A route that turns a job in the request into one book as a PDF. */
export const bookRoute = (kind: BookKind) => (request: Request) => answer(async () => {
  const read = await readBody(request)
  if (!read.ok) return read.response
  const parsed = body.safeParse(read.value)
  if (!parsed.success) return refused(issuesOf(parsed.error))
  const job = parseJob(parsed.data.doc)
  if (!job.ok) return refused(job.issues)
  const pdf = await bookPdf(kind, job.value, parsed.data)
  return pdf.ok ? new Response(new Uint8Array(pdf.value), { headers: { 'content-type': 'application/pdf', 'cache-control': 'no-store' } }) : refused(pdf.issues)
})

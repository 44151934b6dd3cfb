import { z } from 'zod'
import { issuesOf, parseJob } from '@/core/model'
import { parseRecords } from '@/core/field'
import type { Result } from '@/core/result'
import { answer, bookPdf, fieldSheetsPdf, readBody, refused, stripsOf, type BookKind } from '@/server'

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
  return sent(pdf)
})

const sent = (pdf: Result<Uint8Array>): Response => pdf.ok ? new Response(new Uint8Array(pdf.value), { headers: { 'content-type': 'application/pdf', 'cache-control': 'no-store' } }) : refused(pdf.issues)
const sheetsBody = z.strictObject({ doc: z.unknown(), date: z.string().max(40), revision: z.string().max(40), records: z.unknown(), page: z.url({ protocol: /^https?$/ }).max(300) })
const stripsBody = z.strictObject({ doc: z.unknown(), post: z.string().max(6) })

/** Sheets of the work on site. */
export const fieldSheetsRoute = (request: Request) => answer(async () => {
  const read = await readBody(request)
  if (!read.ok) return read.response
  const parsed = sheetsBody.safeParse(read.value)
  if (!parsed.success) return refused(issuesOf(parsed.error))
  const job = parseJob(parsed.data.doc)
  if (!job.ok) return refused(job.issues)
  const records = parseRecords(parsed.data.records)
  return records.ok ? sent(await fieldSheetsPdf(job.value, records.value, parsed.data)) : refused(records.issues)
})

/** A story pole at 1:1. */
export const stripsRoute = (request: Request) => answer(async () => {
  const read = await readBody(request)
  if (!read.ok) return read.response
  const parsed = stripsBody.safeParse(read.value)
  if (!parsed.success) return refused(issuesOf(parsed.error))
  const job = parseJob(parsed.data.doc)
  return job.ok ? sent(await stripsOf(job.value, parsed.data.post)) : refused(job.issues)
})

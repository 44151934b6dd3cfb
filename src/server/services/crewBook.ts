import 'server-only'
import { deriveJob, type Derived } from '@/core/derive'
import type { Job } from '@/core/model'
import type { Result } from '@/core/result'
import { calcSheet } from '@/formats/calcsheet'
import { crewBook, pdfDefinition, type CrewBook } from '@/formats/crewbook'
import { pdfOf } from './pdf'

const BOOKS = { 'crew-book': crewBook, 'calc-sheet': calcSheet } as const
export type BookKind = keyof typeof BOOKS

/** A book of a job as a PDF. Needs no database: the job comes with the request, saved or not. */
export async function bookPdf(kind: BookKind, job: Job, p: { readonly date: string; readonly revision: string }): Promise<Result<Uint8Array>> {
  const d = deriveJob(job)
  if (!d.ok) return d
  const write: (j: Job, x: Derived, q: typeof p) => CrewBook = BOOKS[kind]
  return pdfOf(pdfDefinition(write(job, d.value, p)))
}

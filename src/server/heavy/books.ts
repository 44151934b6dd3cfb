import 'server-only'
import { deriveJob } from '@/core/derive'
import { foldBare, measure, tieLevels, type FieldRecord } from '@/core/field'
import type { Job } from '@/core/model'
import type { Result } from '@/core/result'
import { calcSheet } from '@/formats/calcsheet'
import { crewBook, pdfDefinition } from '@/formats/crewbook'
import { drawingSet } from '@/formats/drawings'
import { shownOf } from '@/formats/shown'
import { siteRecord } from '@/formats/siterecord'
import { type Drawn, pdfOf } from './pdf'

/**
 * A book of a job as a PDF. Needs no database: the job and the records of the site come with the request, saved or not.
 */
export async function bookPdf(
  {
    kind,
    job,
    records,
    dated,
  }: {
    readonly kind: 'crew-book' | 'calc-sheet' | 'drawings' | 'site-record'
    readonly job: Job
    readonly records: readonly FieldRecord[]
    readonly dated: { readonly date: string; readonly revision: string }
  },
  drawn?: Drawn,
): Promise<Result<Uint8Array>> {
  const result = deriveJob(job)
  if (!result.ok) return result
  const stamp = { date: dated.date, revision: dated.revision }
  const { paper } = job.fieldwork
  if (kind === 'calc-sheet') return pdfOf(pdfDefinition(calcSheet(job, result.value, stamp), paper), drawn)
  if (kind === 'drawings')
    return pdfOf(pdfDefinition({ ...drawingSet(job, shownOf(result.value)), ...stamp }, paper), drawn)
  const state = foldBare(records)
  const measured = measure(job, result.value, state, tieLevels(state))
  const derived = shownOf(result.value)
  const book =
    kind === 'site-record'
      ? siteRecord({ job, derived, state, measured, ...stamp })
      : crewBook(job, derived, { ...stamp, measured })
  return pdfOf(pdfDefinition(book, paper), drawn)
}

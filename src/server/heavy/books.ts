import 'server-only'
import { deriveJob } from '@/core/derive'
import { foldBare, measure, tieLevels, type FieldRecord } from '@/core/field'
import type { Job } from '@/core/model'
import type { Result } from '@/core/result'
import { calcSheet } from '@/formats/calcsheet'
import { crewBook, pdfDefinition } from '@/formats/crewbook'
import { drawingSet } from '@/formats/drawings'
import { shownOf } from '@/formats/shown'
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
    readonly kind: 'crew-book' | 'calc-sheet' | 'drawings'
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
  return pdfOf(
    pdfDefinition(
      crewBook(job, shownOf(result.value), {
        ...stamp,
        measured: measure(job, result.value, state, tieLevels(state)),
      }),
      paper,
    ),
    drawn,
  )
}

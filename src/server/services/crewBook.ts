import { shownOf } from '@/formats/shown'
import 'server-only'
import { deriveJob } from '@/core/derive'
import { foldBare, measure, tieLevels, type FieldRecord } from '@/core/field'
import type { Job } from '@/core/model'
import type { Result } from '@/core/result'
import { calcSheet } from '@/formats/calcsheet'
import { crewBook, pdfDefinition } from '@/formats/crewbook'
import { pdfOf } from './pdf'

export type BookKind = 'crew-book' | 'calc-sheet'

/**
 * A book of a job as a PDF. Needs no database: the job and the records of the site come with the request, saved or not.
 */
export async function bookPdf(
  kind: BookKind,
  job: Job,
  records: readonly FieldRecord[],
  dated: { readonly date: string; readonly revision: string },
): Promise<Result<Uint8Array>> {
  const result = deriveJob(job)
  if (!result.ok) return result
  const stamp = { date: dated.date, revision: dated.revision }
  if (kind === 'calc-sheet') return pdfOf(pdfDefinition(calcSheet(job, result.value, stamp)))
  const state = foldBare(records)
  return pdfOf(
    pdfDefinition(
      crewBook(job, shownOf(result.value), {
        ...stamp,
        rods: measure(job, result.value, state, tieLevels(state)).rods,
      }),
    ),
  )
}

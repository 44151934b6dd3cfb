import 'server-only'
import { deriveJob, measuredSticks, sawingOf, toSaw } from '@/core/derive'
import { type FieldRecord, foldBare, measure, piecesAsBuilt, tieLevels } from '@/core/field'
import type { Job } from '@/core/model'
import { priceBook } from '@/core/quantities'
import type { Result } from '@/core/result'
import { buyingOf, cutGroups, type CutStage } from '@/core/sticks'
import { pdfDefinition } from '@/formats/crewbook'
import { cutBook, type CutOf } from '@/formats/cutfiles'
import { shownOf } from '@/formats/shown'
import { planCuts } from '@/workers/cutting'
import { type Drawn, pdfOf } from './pdf'

/** What is still to be cut of a stage, from which boards, as a PDF: what the cut list of the desk shows. */
export async function cutListPdf(
  job: Job,
  records: readonly FieldRecord[],
  { stage, date, revision }: { readonly stage: CutStage | 'all'; readonly date: string; readonly revision: string },
  drawn?: Drawn,
): Promise<Result<Uint8Array>> {
  const result = deriveJob(job)
  if (!result.ok) return result
  const state = foldBare(records)
  const { sticks } = measuredSticks(job, result.value, measure(job, result.value, state, tieLevels(state)))
  const { pieces } = piecesAsBuilt(sticks, state, priceBook(job.sizing.prices))
  const cuts: CutOf[] = []
  for (const group of cutGroups(toSaw(pieces, stage), buyingOf(job))) {
    const { request, uses, lengthsIn } = sawingOf(job, group)
    cuts.push({ group, uses, lengthsIn, plan: await planCuts(request) })
  }
  const book = cutBook(job, shownOf(result.value), cuts, { date, revision })
  return pdfOf(pdfDefinition(book, job.fieldwork.paper), drawn)
}

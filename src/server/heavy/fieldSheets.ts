import 'server-only'
import { deriveJob, jobSticks } from '@/core/derive'
import { poleOf } from '@/core/drawn'
import { bearersOf, foldBare, postOf, tieLevels, type FieldRecord } from '@/core/field'
import type { Job } from '@/core/model'
import { fail, type Result } from '@/core/result'
import type { CutStage } from '@/core/sticks'
import { pdfDefinition } from '@/formats/crewbook'
import { shownOf } from '@/formats/shown'
import { fieldSheets, labelSheets, poleStrips, stripsPdf, type CardsASheet } from '@/formats/fieldsheets'
import { type Drawn, pdfOf } from './pdf'

/** The sheets of the work on site as a PDF, from the job and the records that come with the request. */
export async function fieldSheetsPdf(
  job: Job,
  records: readonly FieldRecord[],
  dated: { readonly date: string; readonly revision: string; readonly page: string; readonly perSheet?: CardsASheet },
  drawn?: Drawn,
): Promise<Result<Uint8Array>> {
  const result = deriveJob(job)
  if (!result.ok) return result
  const state = foldBare(records)
  return pdfOf(
    pdfDefinition(
      fieldSheets({
        job,
        derived: shownOf(result.value),
        state,
        levels: tieLevels(state),
        date: dated.date,
        revision: dated.revision,
        page: dated.page,
        perSheet: dated.perSheet,
      }),
      job.fieldwork.paper,
    ),
    drawn,
  )
}

/** Labels for the pieces of a stage as a PDF. */
export async function labelsPdf(
  job: Job,
  of: { readonly stage: CutStage | 'all'; readonly page: string } & Stamp,
  drawn?: Drawn,
): Promise<Result<Uint8Array>> {
  const result = deriveJob(job)
  if (!result.ok) return result
  const derived = shownOf(result.value)
  const { sticks } = jobSticks(job, derived)
  const { stage, page, date, revision } = of
  return pdfOf(
    pdfDefinition(labelSheets({ job, derived, sticks, stage, page, date, revision }), job.fieldwork.paper),
    drawn,
  )
}

/** Day and revision that are printed on every sheet. */
interface Stamp {
  readonly date: string
  readonly revision: string
}

/** A story pole at 1:1 as strips: a post's, a wall's, or one for the building. An unknown name is refused. */
export async function stripsOf(job: Job, key: string, stamp: Stamp, drawn?: Drawn): Promise<Result<Uint8Array>> {
  const result = deriveJob(job)
  if (!result.ok) return result
  const { names } = result.value
  // A post by its identity, or by the name that a person typed.
  const post = postOf(key, new Set(Object.keys(names)), bearersOf(job.building, names))
  const pole = poleOf(result.value, job.building.heelIn, post.ok ? post.value : key)
  if (!pole) return post.ok ? fail('no-such-post', ['post'], { post: key }) : post
  const { paper } = job.fieldwork
  const { date, revision } = stamp
  const pages = poleStrips(pole.name, pole.marks, pole.longPointIn, { job: job.name, date, revision, paper })
  return pdfOf(stripsPdf(job.name, pages, { date, paper }), drawn)
}

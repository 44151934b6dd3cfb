import 'server-only'
import { deriveJob } from '@/core/derive'
import { poleOf } from '@/core/drawn'
import { bearersOf, foldBare, postOf, tieLevels, type FieldRecord } from '@/core/field'
import type { Job } from '@/core/model'
import { fail, type Result } from '@/core/result'
import { pdfDefinition } from '@/formats/crewbook'
import { shownOf } from '@/formats/shown'
import { fieldSheets, poleStrips, stripsPdf, type CardsASheet } from '@/formats/fieldsheets'
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
    ),
    drawn,
  )
}

/**
 * A story pole at 1:1 as strips on letter sheets: a post's, a wall's, or one for the building. An unknown name is
 * refused.
 */
export async function stripsOf(job: Job, key: string, drawn?: Drawn): Promise<Result<Uint8Array>> {
  const result = deriveJob(job)
  if (!result.ok) return result
  const { names } = result.value
  // A post by its identity, or by the name that a person typed.
  const post = postOf(key, new Set(Object.keys(names)), bearersOf(job.building, names))
  const pole = poleOf(result.value, job.building.heelIn, post.ok ? post.value : key)
  if (!pole) return post.ok ? fail('no-such-post', ['post'], { post: key }) : post
  return pdfOf(stripsPdf(job.name, poleStrips(pole.name, pole.marks, pole.longPointIn, job.name)), drawn)
}

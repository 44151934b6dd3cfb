import 'server-only'
import { deriveJob, fieldPlan } from '@/core/derive'
import { parseJob } from '@/core/files'
import { type FieldRecord, parseRecords } from '@/core/field'
import type { Job } from '@/core/model'
import { ok, type Result } from '@/core/result'
import type { CutStage } from '@/core/sticks'
import { type Sheet, siteSheets } from '@/formats/crewbook'
import { type CardsASheet, plannedBuildSheets } from '@/formats/fieldsheets'
import { type ShownDerived, shownOf } from '@/formats/shown'
import { bookPdf } from './books'
import { cutListPdf } from './cutList'
import { fieldSheetsPdf, labelsPdf, stripsOf } from './fieldSheets'
import type { Drawn } from './pdf'

interface Dated {
  readonly date: string
  readonly revision: string
}

/** What phones are given of a job: its plan, and the sheets that no reading changes. */
export type ForPhones = 'field-plan' | 'site-sheets'

/** A paper to be made, or a phone's plan: the document and the records as they came, read where the work is done. */
export type Task =
  | ({ readonly paper: 'crew-book'; readonly doc: unknown; readonly records: unknown } & Dated)
  | ({ readonly paper: 'calc-sheet' | 'drawings'; readonly doc: unknown } & Dated)
  | ({
      readonly paper: 'field-sheets'
      readonly doc: unknown
      readonly records: unknown
      readonly page: string
      readonly perSheet: CardsASheet
    } & Dated)
  | ({ readonly paper: 'site-record'; readonly doc: unknown; readonly records: unknown } & Dated)
  | ({
      readonly paper: 'cut-list'
      readonly doc: unknown
      readonly records: unknown
      readonly stage: CutStage | 'all'
    } & Dated)
  | ({
      readonly paper: 'piece-labels'
      readonly doc: unknown
      readonly stage: CutStage | 'all'
      readonly page: string
    } & Dated)
  | ({ readonly paper: 'pole-strips'; readonly doc: unknown; readonly post: string } & Dated)
  | { readonly paper: ForPhones; readonly doc: unknown }

/** A paper that needs the field's records, or why they are none. */
async function withRecords(
  given: unknown,
  make: (records: readonly FieldRecord[]) => Promise<Result<Uint8Array>>,
): Promise<Result<Uint8Array>> {
  const records = parseRecords(given)
  return records.ok ? make(records.value) : records
}

const sheetsOf = (job: Job, derived: ShownDerived): readonly Sheet[] => [
  ...siteSheets(job, derived),
  ...plannedBuildSheets(job, derived),
]

/** What phones are given of a job, as JSON. */
function forPhonesJson(job: Job, paper: ForPhones): Result<Uint8Array> {
  const derived = deriveJob(job)
  if (!derived.ok) return derived
  const given = paper === 'field-plan' ? fieldPlan(job, derived.value) : sheetsOf(job, shownOf(derived.value))
  return ok(new TextEncoder().encode(JSON.stringify(given)))
}

async function paperOf(job: Job, task: Task, drawn: Drawn): Promise<Result<Uint8Array>> {
  switch (task.paper) {
    case 'crew-book':
    case 'site-record':
      return withRecords(task.records, (records) => bookPdf({ kind: task.paper, job, records, dated: task }, drawn))
    case 'calc-sheet':
    case 'drawings':
      return bookPdf({ kind: task.paper, job, records: [], dated: task }, drawn)
    case 'field-sheets':
      return withRecords(task.records, (records) => fieldSheetsPdf(job, records, task, drawn))
    case 'cut-list':
      return withRecords(task.records, (records) => cutListPdf(job, records, task, drawn))
    case 'piece-labels':
      return labelsPdf(job, task, drawn)
    case 'pole-strips':
      return stripsOf(job, task.post, task, drawn)
    case 'field-plan':
    case 'site-sheets':
      return forPhonesJson(job, task.paper)
  }
}

/** Makes a paper as a PDF, or a phone's plan as JSON, or says what is wrong with what it is made of. */
export async function runTask(task: Task, drawn: Drawn): Promise<Result<Uint8Array>> {
  const job = parseJob(task.doc)
  return job.ok ? paperOf(job.value, task, drawn) : job
}

import 'server-only'
import { parseJob } from '@/core/files'
import { parseRecords } from '@/core/field'
import type { Job } from '@/core/model'
import type { Result } from '@/core/result'
import type { CutStage } from '@/core/sticks'
import type { CardsASheet } from '@/formats/fieldsheets'
import { bookPdf } from './books'
import { cutListPdf } from './cutList'
import { fieldSheetsPdf, labelsPdf, stripsOf } from './fieldSheets'
import type { Drawn } from './pdf'

interface Dated {
  readonly date: string
  readonly revision: string
}

/** A paper to be made: the document and the records as they came, read where the work is done. */
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

async function paperOf(job: Job, task: Task, drawn: Drawn): Promise<Result<Uint8Array>> {
  switch (task.paper) {
    case 'crew-book': {
      const records = parseRecords(task.records)
      return records.ok ? bookPdf({ kind: task.paper, job, records: records.value, dated: task }, drawn) : records
    }
    case 'calc-sheet':
    case 'drawings':
      return bookPdf({ kind: task.paper, job, records: [], dated: task }, drawn)
    case 'field-sheets': {
      const records = parseRecords(task.records)
      return records.ok ? fieldSheetsPdf(job, records.value, task, drawn) : records
    }
    case 'cut-list': {
      const records = parseRecords(task.records)
      return records.ok ? cutListPdf(job, records.value, task, drawn) : records
    }
    case 'piece-labels':
      return labelsPdf(job, task, drawn)
    case 'pole-strips':
      return stripsOf(job, task.post, task, drawn)
  }
}

/** Makes a paper as a PDF, or says what is wrong with what it is made of. */
export async function runTask(task: Task, drawn: Drawn): Promise<Result<Uint8Array>> {
  const job = parseJob(task.doc)
  return job.ok ? paperOf(job.value, task, drawn) : job
}

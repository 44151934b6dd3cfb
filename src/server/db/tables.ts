import type { RecordColumns } from './recordRow'

export interface JobRow {
  id: string
  doc: string
  /** Read out of the document by the database. */
  readonly summary: string
  revision: number
  created_at: Date
  updated_at: Date
  archived_at: Date | null
  deleted_at: Date | null
}

interface EditRow {
  id: number
  job_id: string
  revision: number
  who: string
  at: Date
  label: string
  changes: string
  /** The whole document of the revision, deflated; null for those of before this was kept. */
  doc: Buffer | null
  /** What the window that made it calls the save; null for those of before. */
  save_id: string | null
}

interface RecordRow extends Omit<RecordColumns, 'body'> {
  job_id: string
  seq: number
  body: unknown
  /** Read out of the body by the database. */
  readonly post_id: string | null
  readonly setup_id: string | null
  received_at: Date
}

interface CounterRow {
  job_id: string
  last: number
}

declare module 'knex/types/tables' {
  interface Tables {
    jobs: JobRow
    edits: EditRow
    records: RecordRow
    record_counters: CounterRow
  }
}

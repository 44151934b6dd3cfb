export interface JobRow {
  id: string
  doc: string
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
}

interface RecordRow {
  seq: number
  id: string
  job_id: string
  kind: string
  record: string
  received_at: Date
}

declare module 'knex/types/tables' {
  interface Tables {
    jobs: JobRow
    edits: EditRow
    records: RecordRow
  }
}

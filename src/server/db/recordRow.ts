import type { FieldRecord, RecordBody } from '@/core/field'
import { jsonOf } from './json'

/** Columns of a record that are written; the post and the set-up are read out of the body by the database. */
export interface RecordColumns {
  readonly id: string
  readonly kind: string
  readonly made_at: string
  readonly device: string
  readonly device_seq: number | null
  readonly who: string
  readonly clock: string
  readonly plan_revision: number | null
  readonly body: string
}

/** A record as the columns that hold it. */
export const columnsOf = (record: FieldRecord): RecordColumns => ({
  id: record.id,
  kind: record.body.kind,
  made_at: record.at,
  device: record.device,
  device_seq: record.deviceSeq,
  who: record.who,
  clock: record.clock,
  plan_revision: record.planRevision,
  body: JSON.stringify(record.body),
})

/** What the columns hold. */
export const recordOfRow = (row: Omit<RecordColumns, 'body' | 'kind'> & { readonly body: unknown }): FieldRecord => ({
  id: row.id,
  at: row.made_at,
  device: row.device,
  deviceSeq: row.device_seq === null ? null : Number(row.device_seq),
  who: row.who,
  clock: row.clock,
  planRevision: row.plan_revision,
  body: jsonOf(row.body) as RecordBody,
})

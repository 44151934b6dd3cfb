import type { Knex } from 'knex'
import type { FieldRecord, Stored } from '@/core/field'

export interface Arrived extends Stored {
  readonly seq: number
}

/** Appends records; one whose id the job has already is left as it was. */
export const insertRecords = async (
  db: Knex,
  jobId: string,
  records: readonly FieldRecord[],
  now: Date,
): Promise<void> => {
  if (records.length)
    await db('records')
      .insert(
        records.map((record) => ({
          id: record.id,
          job_id: jobId,
          kind: record.body.kind,
          record: JSON.stringify(record),
          received_at: now,
        })),
      )
      .onConflict(['job_id', 'id'])
      .ignore()
}

/** A job's records in order of arrival, after one. */
export async function listRecords(db: Knex, jobId: string, after: number, limit = 5000): Promise<Arrived[]> {
  const rows = await db('records').where({ job_id: jobId }).andWhere('seq', '>', after).orderBy('seq').limit(limit)
  return rows.map((row) => ({
    seq: Number(row.seq),
    record: (typeof row.record === 'string' ? JSON.parse(row.record) : row.record) as FieldRecord,
    receivedAt: row.received_at.toISOString(),
  }))
}

import type { Knex } from 'knex'
import type { FieldRecord, Stored } from '@/core/field'

export interface Arrived extends Stored {
  readonly seq: number
}

/** Appends records; one whose id the job has already is left as it was. */
export const insertRecords = async (
  k: Knex,
  jobId: string,
  records: readonly FieldRecord[],
  now: Date,
): Promise<void> => {
  if (records.length)
    await k('records')
      .insert(
        records.map((r) => ({
          id: r.id,
          job_id: jobId,
          kind: r.body.kind,
          record: JSON.stringify(r),
          received_at: now,
        })),
      )
      .onConflict(['job_id', 'id'])
      .ignore()
}

/** A job's records in order of arrival, after one. */
export async function listRecords(k: Knex, jobId: string, after: number, limit = 5000): Promise<Arrived[]> {
  const rows = await k('records').where({ job_id: jobId }).andWhere('seq', '>', after).orderBy('seq').limit(limit)
  return rows.map((r) => ({
    seq: Number(r.seq),
    record: (typeof r.record === 'string' ? JSON.parse(r.record) : r.record) as FieldRecord,
    receivedAt: r.received_at.toISOString(),
  }))
}

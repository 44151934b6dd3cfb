import type { Knex } from 'knex'
import type { Change, Job } from '@/core/model'
import { pack } from '../db/packed'

export interface Edit {
  readonly revision: number
  readonly who: string
  readonly at: string
  readonly label: string
  readonly changes: readonly Change[]
}

/** Appends one edit to a job's history. */
export const appendEdit = async (
  db: Knex,
  jobId: string,
  edit: {
    readonly revision: number
    readonly who: string
    readonly label: string
    readonly changes: readonly Change[]
    readonly doc: Job
  },
  now: Date,
): Promise<void> => {
  await db('edits').insert({
    job_id: jobId,
    revision: edit.revision,
    who: edit.who,
    at: now,
    label: edit.label.slice(0, 200),
    changes: JSON.stringify(edit.changes),
    doc: pack(edit.doc),
  })
}

/** A job's edits, newest first. */
export async function listEdits(db: Knex, jobId: string, limit = 200): Promise<Edit[]> {
  const rows = await db('edits')
    .select('revision', 'who', 'at', 'label', 'changes')
    .where({ job_id: jobId })
    .orderBy('revision', 'desc')
    .limit(limit)
  return rows.map((row) => ({
    revision: row.revision,
    who: row.who,
    at: row.at.toISOString(),
    label: row.label,
    changes: (typeof row.changes === 'string' ? JSON.parse(row.changes) : row.changes) as Change[],
  }))
}

import type { Knex } from 'knex'

export interface Change {
  readonly path: string
  readonly before: unknown
  readonly after: unknown
}
export interface Edit {
  readonly revision: number
  readonly who: string
  readonly at: string
  readonly label: string
  readonly changes: readonly Change[]
}

/** Appends one edit to a job's history. */
export const appendEdit = async (
  k: Knex,
  jobId: string,
  e: { readonly revision: number; readonly who: string; readonly label: string; readonly changes: readonly Change[] },
  now: Date,
): Promise<void> => {
  await k('edits').insert({
    job_id: jobId,
    revision: e.revision,
    who: e.who,
    at: now,
    label: e.label.slice(0, 200),
    changes: JSON.stringify(e.changes),
  })
}

/** A job's edits, newest first. */
export async function listEdits(k: Knex, jobId: string, limit = 200): Promise<Edit[]> {
  const rows = await k('edits').where({ job_id: jobId }).orderBy('revision', 'desc').limit(limit)
  return rows.map((r) => ({
    revision: r.revision,
    who: r.who,
    at: r.at.toISOString(),
    label: r.label,
    changes: (typeof r.changes === 'string' ? JSON.parse(r.changes) : r.changes) as Change[],
  }))
}

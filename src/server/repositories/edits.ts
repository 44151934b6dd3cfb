import type { Knex } from 'knex'
import type { StoredRevision } from '@/core/files'
import type { Change, Job } from '@/core/model'
import { cutText } from '@/core/result'
import type { By } from '../auth/visitor'
import { jsonOf } from '../db/json'
import { pack, unpack } from '../db/packed'

export interface Edit {
  readonly revision: number
  readonly who: string
  readonly at: string
  readonly label: string
  readonly changes: readonly Change[]
}

const MOST_LABEL = 200

/** Appends one edit to a job's history. */
export const appendEdit = async (
  db: Knex,
  jobId: string,
  edit: {
    readonly revision: number
    readonly by: By
    readonly label: string
    readonly changes: readonly Change[]
    readonly doc: Job
    readonly saveId: string | null
  },
  now: Date,
): Promise<void> => {
  await db('edits').insert({
    job_id: jobId,
    revision: edit.revision,
    who: edit.by.who,
    person_id: edit.by.person,
    at: now,
    label: cutText(edit.label, MOST_LABEL),
    changes: JSON.stringify(edit.changes),
    doc: pack(edit.doc),
    save_id: edit.saveId,
  })
}

/** The saves that came in after a revision, oldest first, by what their windows call them. */
export async function savesAfter(
  db: Knex,
  jobId: string,
  revision: number,
): Promise<readonly { readonly revision: number; readonly at: string; readonly saveId: string | null }[]> {
  const rows = await db('edits')
    .select('revision', 'at', 'save_id')
    .where({ job_id: jobId })
    .andWhere('revision', '>', revision)
    .orderBy('revision')
  return rows.map((row) => ({ revision: row.revision, at: row.at.toISOString(), saveId: row.save_id }))
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
    changes: changesOf(row.changes),
  }))
}

const changesOf = (changes: unknown): Change[] => jsonOf(changes) as Change[]

/**
 * What it takes to read a revision: its own document, or those after it up to the nearest whose document was kept, in
 * their order.
 */
export async function revisionsFrom(db: Knex, jobId: string, revision: number): Promise<StoredRevision[]> {
  const whole = await db('edits')
    .where({ job_id: jobId })
    .andWhere('revision', '>=', revision)
    .whereNotNull('doc')
    .orderBy('revision')
    .first()
  if (!whole) return []
  const rows = await db('edits')
    .select('revision', 'changes')
    .where({ job_id: jobId })
    .whereBetween('revision', [revision, whole.revision])
    .orderBy('revision')
  return rows.map((row) => ({
    revision: row.revision,
    changes: changesOf(row.changes),
    doc: row.revision === whole.revision && whole.doc ? unpack(whole.doc) : null,
  }))
}

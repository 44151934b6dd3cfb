import type { Knex } from 'knex'
import { parseJob } from '@/core/files'
import { type Job } from '@/core/model'
import type { JobRow } from '../db/tables'

export interface StoredJob {
  readonly id: string
  readonly revision: number
  readonly doc: Job
  readonly archived: boolean
  /** Thrown away; it is kept and can be brought back. */
  readonly deleted: boolean
  readonly createdAt: string
  readonly updatedAt: string
}

/**
 * Row to record. A stored document passes the schema like any file: what does not is a fault said aloud, not shown
 * half.
 */
function toJob(row: JobRow): StoredJob {
  const parsed = parseJob(typeof row.doc === 'string' ? JSON.parse(row.doc) : row.doc)
  if (!parsed.ok) throw new Error(`stored job ${row.id} does not fit the schema: ${parsed.issues[0].path.join('.')}`)
  return {
    id: row.id,
    revision: row.revision,
    doc: parsed.value,
    archived: row.archived_at !== null,
    deleted: row.deleted_at !== null,
    createdAt: row.created_at.toISOString(),
    updatedAt: row.updated_at.toISOString(),
  }
}

/** All jobs, last changed first. */
export const listJobs = async (db: Knex): Promise<StoredJob[]> =>
  (await db('jobs').select('*').orderBy('updated_at', 'desc')).map(toJob)

/** One job, or null. `forUpdate` locks its row inside a transaction. */
export async function findJob(db: Knex, id: string, forUpdate = false): Promise<StoredJob | null> {
  const query = db('jobs').where({ id }).first()
  const row = await (forUpdate ? query.forUpdate() : query)
  return row ? toJob(row) : null
}

/** Adds a job at revision 1. */
export const insertJob = async (db: Knex, id: string, doc: Job, now: Date): Promise<void> => {
  await db('jobs').insert({
    id,
    doc: JSON.stringify(doc),
    revision: 1,
    created_at: now,
    updated_at: now,
    archived_at: null,
    deleted_at: null,
  })
}

/** Writes a new revision. */
export const updateJob = async ({
  db,
  id,
  doc,
  revision,
  now,
}: {
  db: Knex
  id: string
  doc: Job
  revision: number
  now: Date
}): Promise<void> => {
  await db('jobs')
    .where({ id })
    .update({ doc: JSON.stringify(doc), revision, updated_at: now })
}

/** Puts a job away or takes it out again; its document and revision stay. */
export const setArchived = async (db: Knex, id: string, at: Date | null): Promise<void> => {
  await db('jobs').where({ id }).update({ archived_at: at })
}

/** Throws a job away or brings it back; nothing of it goes. */
export const setDeleted = async (db: Knex, id: string, at: Date | null): Promise<void> => {
  await db('jobs').where({ id }).update({ deleted_at: at })
}

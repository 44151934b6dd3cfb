import type { Knex } from 'knex'
import { z } from 'zod'
import { parseJob } from '@/core/files'
import type { Job } from '@/core/model'
import { UNIT_SYSTEMS } from '@/core/units'
import type { Issue } from '@/core/result'
import { jsonOf } from '../db/json'
import type { JobRow } from '../db/tables'

/** All that is known of a job besides its document. */
interface JobHead {
  readonly id: string
  readonly revision: number
  readonly archived: boolean
  /** Thrown away; it is kept and can be brought back. */
  readonly deleted: boolean
  readonly createdAt: string
  readonly updatedAt: string
}

export interface StoredJob extends JobHead {
  readonly doc: Job
}

const summarySchema = z.object({
  name: z.string().catch(''),
  note: z.string().catch(''),
  units: z.enum(UNIT_SYSTEMS).catch('us'),
  widthIn: z.number().nullable().catch(null),
  lengthIn: z.number().nullable().catch(null),
  heelIn: z.number().nullable().catch(null),
  pitchPer12: z.number().nullable().catch(null),
})

/** What a list shows of a job. Measures are null where its document does not have them. */
export interface JobSummary extends JobHead, z.infer<typeof summarySchema> {}

/** A stored document that does not fit the schema: it is said with its reasons, and hides nothing but itself. */
export class UnreadableJob extends Error {
  constructor(
    readonly jobId: string,
    readonly issues: readonly Issue[],
  ) {
    super(`the stored document of job ${jobId} does not fit the schema at ${issues[0]?.path.join('.') ?? ''}`)
    this.name = 'UnreadableJob'
  }
}

const headOf = (row: Omit<JobRow, 'doc' | 'summary'>): JobHead => ({
  id: row.id,
  revision: row.revision,
  archived: row.archived_at !== null,
  deleted: row.deleted_at !== null,
  createdAt: row.created_at.toISOString(),
  updatedAt: row.updated_at.toISOString(),
})

/** Row to record. A stored document passes the schema like any file: what does not is said aloud, not shown half. */
function toJob(row: JobRow): StoredJob {
  const parsed = parseJob(jsonOf(row.doc))
  if (!parsed.ok) throw new UnreadableJob(row.id, parsed.issues)
  return { ...headOf(row), doc: parsed.value }
}

const HEAD = ['id', 'revision', 'created_at', 'updated_at', 'archived_at', 'deleted_at'] as const

const toSummary = (row: Omit<JobRow, 'doc'>): JobSummary => ({
  ...headOf(row),
  ...summarySchema.parse(jsonOf(row.summary) ?? {}),
})

/** All jobs without their documents, last changed first. */
export async function listJobs(db: Knex): Promise<JobSummary[]> {
  const rows = await db('jobs')
    .select(...HEAD, 'summary')
    .orderBy('updated_at', 'desc')
  return rows.map(toSummary)
}

/** What a list shows of one job, or null. */
export async function findSummary(db: Knex, id: string): Promise<JobSummary | null> {
  const row = await db('jobs')
    .select(...HEAD, 'summary')
    .where({ id })
    .first()
  return row ? toSummary(row) : null
}

/** One job, or null. `forUpdate` locks its row inside a transaction. */
export async function findJob(db: Knex, id: string, forUpdate = false): Promise<StoredJob | null> {
  const query = db('jobs').where({ id }).first()
  const row = await (forUpdate ? query.forUpdate() : query)
  return row ? toJob(row) : null
}

/** The revision of a job, or null where there is none. */
export async function revisionOf(db: Knex, id: string): Promise<number | null> {
  const row = await db('jobs').where({ id }).select('revision').first()
  return row?.revision ?? null
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

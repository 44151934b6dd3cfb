import type { Knex } from 'knex'
import { collationOf, hasForeignKey } from './steps'

/** Columns that hold the id of a job, and the keys that bind them to it. */
const BOUND = [
  ['edits', 'edits_job_id_foreign'],
  ['records', 'records_job_id_foreign'],
] as const
const EXACT = 'CHARACTER SET ascii COLLATE ascii_bin NOT NULL'
const ID_OF_JOB = `VARCHAR(24) ${EXACT}`
const ID_OF_RECORD = `VARCHAR(40) ${EXACT}`

async function exactly(knex: Knex, table: string, column: string, type: string): Promise<void> {
  if ((await collationOf(knex, table, column)) === 'ascii_bin') return
  await knex.raw(`ALTER TABLE ${table} MODIFY ${column} ${type}`)
}

/**
 * Ids are compared byte by byte: two that differ in the case of a letter are two. The keys between the tables are let
 * go meanwhile; each step looks whether it was done.
 */
export async function up(knex: Knex): Promise<void> {
  if ((await collationOf(knex, 'jobs', 'id')) !== 'ascii_bin')
    for (const [table, key] of BOUND)
      if (await hasForeignKey(knex, table, key)) await knex.raw(`ALTER TABLE ${table} DROP FOREIGN KEY ${key}`)
  for (const [table] of BOUND) await exactly(knex, table, 'job_id', ID_OF_JOB)
  await exactly(knex, 'records', 'id', ID_OF_RECORD)
  await exactly(knex, 'jobs', 'id', ID_OF_JOB)
  for (const [table, key] of BOUND)
    if (!(await hasForeignKey(knex, table, key)))
      await knex.raw(`ALTER TABLE ${table} ADD CONSTRAINT ${key} FOREIGN KEY (job_id) REFERENCES jobs (id)`)
}

/** What was told apart cannot be put together again. */
export const down = (): Promise<void> => Promise.resolve()

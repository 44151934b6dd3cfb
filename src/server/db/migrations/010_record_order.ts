import type { Knex } from 'knex'

/**
 * The order of a job's records is counted by the job and given out under a lock until it is committed, so that a reader
 * who has seen one has seen all before it. One statement: it is done or it is not.
 */
export async function up(knex: Knex): Promise<void> {
  if (!(await knex.schema.hasColumn('records', 'record'))) return
  await knex.raw(`ALTER TABLE records
    MODIFY seq BIGINT UNSIGNED NOT NULL,
    DROP PRIMARY KEY,
    ADD PRIMARY KEY (job_id, seq),
    MODIFY made_at VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    MODIFY device VARCHAR(40) NOT NULL,
    MODIFY who VARCHAR(60) NOT NULL,
    MODIFY clock CHAR(20) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
    MODIFY body JSON NOT NULL,
    DROP COLUMN record`)
}

export const down = (): Promise<void> => Promise.resolve()

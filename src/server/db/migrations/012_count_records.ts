import type { Knex } from 'knex'

/** The counters begin where the records are. */
export const up = (knex: Knex): Promise<void> =>
  knex.raw(`INSERT INTO record_counters (job_id, last)
    SELECT jobs.id, COALESCE(MAX(records.seq), 0) FROM jobs LEFT JOIN records ON records.job_id = jobs.id GROUP BY jobs.id
    ON DUPLICATE KEY UPDATE last = GREATEST(last, VALUES(last))`)

export const down = (): Promise<void> => Promise.resolve()

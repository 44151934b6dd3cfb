import type { Knex } from 'knex'
import { makeTable } from './steps'

/** How many records each job has had; a job without a row has had none. */
export const up = (knex: Knex): Promise<void> =>
  makeTable(knex, 'record_counters', (table) => {
    table.specificType('job_id', 'VARCHAR(24) CHARACTER SET ascii COLLATE ascii_bin').primary().references('jobs.id')
    table.bigInteger('last').unsigned().notNullable()
  })

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('record_counters')

import type { Knex } from 'knex'
import { makeTable } from './steps'

const EXACT = 'CHARACTER SET ascii COLLATE ascii_bin'

/** Pictures of notes, named by the records that they belong to. */
export const up = (knex: Knex): Promise<void> =>
  makeTable(knex, 'photos', (table) => {
    table.specificType('job_id', `VARCHAR(24) ${EXACT}`).notNullable().references('jobs.id').onDelete('CASCADE')
    table.specificType('id', `VARCHAR(40) ${EXACT}`).notNullable()
    table.dateTime('at', { precision: 3 }).notNullable()
    table.specificType('jpeg', 'MEDIUMBLOB').notNullable()
    table.primary(['job_id', 'id'])
  })

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('photos')

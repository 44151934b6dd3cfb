import type { Knex } from 'knex'
import { makeTable } from './steps'

const EXACT = 'CHARACTER SET ascii COLLATE ascii_bin'

/** Entries of phones that were signed out, until the office takes or refuses them. */
export const up = (knex: Knex): Promise<void> =>
  makeTable(knex, 'left_entries', (table) => {
    table.specificType('id', `VARCHAR(24) ${EXACT}`).primary()
    table.specificType('job_id', `VARCHAR(24) ${EXACT}`).notNullable().references('jobs.id').onDelete('CASCADE')
    table.specificType('device_id', `VARCHAR(24) ${EXACT}`).notNullable().index()
    table.string('who', 200).notNullable()
    table.dateTime('at', { precision: 3 }).notNullable()
    table.integer('count').unsigned().notNullable()
    table.specificType('records', 'LONGBLOB').notNullable()
  })

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('left_entries')

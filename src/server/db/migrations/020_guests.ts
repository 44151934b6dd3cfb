import type { Knex } from 'knex'
import { makeTable } from './steps'

const EXACT = 'CHARACTER SET ascii COLLATE ascii_bin'

/** Cards by which a guest reads one post until a date. */
export const up = (knex: Knex): Promise<void> =>
  makeTable(knex, 'guest_cards', (table) => {
    table.specificType('id', `VARCHAR(24) ${EXACT}`).primary()
    table.specificType('token_hash', `CHAR(64) ${EXACT}`).notNullable().unique()
    table.specificType('job_id', `VARCHAR(24) ${EXACT}`).notNullable().references('jobs.id').onDelete('CASCADE')
    table.specificType('post_id', `VARCHAR(40) ${EXACT}`).notNullable()
    table.dateTime('made_at', { precision: 3 }).notNullable()
    table.dateTime('until', { precision: 3 }).notNullable()
  })

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('guest_cards')

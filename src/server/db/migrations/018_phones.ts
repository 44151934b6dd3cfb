import type { Knex } from 'knex'
import { makeTable } from './steps'

const EXACT = 'CHARACTER SET ascii COLLATE ascii_bin'

/** What each phone last said of itself, by job: who is on site, what waits there, which plan it shows. */
export const up = (knex: Knex): Promise<void> =>
  makeTable(knex, 'phones', (table) => {
    table.specificType('job_id', `VARCHAR(24) ${EXACT}`).notNullable().references('jobs.id').onDelete('CASCADE')
    table.string('device', 60).notNullable()
    table.string('who', 60).notNullable()
    table.specificType('person_id', `VARCHAR(24) ${EXACT}`).nullable()
    table.dateTime('seen_at', { precision: 3 }).notNullable()
    table.integer('waiting').unsigned().notNullable()
    table.integer('shows').unsigned().nullable()
    table.bigInteger('ahead_ms').notNullable()
    table.primary(['job_id', 'device'])
  })

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('phones')

import type { Knex } from 'knex'
import { makeTable } from './steps'

/** How often a sign-in was tried of late: the table that the limiter writes, whichever server is asked. */
export const up = (knex: Knex): Promise<void> =>
  makeTable(knex, 'attempts', (table) => {
    table.string('key', 255).primary()
    table.integer('points').notNullable().defaultTo(0)
    table.bigInteger('expire').unsigned().nullable()
  })

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('attempts')

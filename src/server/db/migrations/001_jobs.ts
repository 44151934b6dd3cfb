import type { Knex } from 'knex'
import { makeTable } from './steps'

export async function up(knex: Knex): Promise<void> {
  await makeTable(knex, 'jobs', (table) => {
    table.string('id', 24).primary()
    table.json('doc').notNullable()
    table.integer('revision').unsigned().notNullable()
    table.dateTime('created_at', { precision: 3 }).notNullable()
    table.dateTime('updated_at', { precision: 3 }).notNullable()
    table.dateTime('archived_at', { precision: 3 }).nullable()
    table.index(['archived_at', 'updated_at'])
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('jobs')

import type { Knex } from 'knex'
import { makeTable } from './steps'

/** Append-only: nothing in the application updates or deletes a row here. */
export async function up(knex: Knex): Promise<void> {
  await makeTable(knex, 'edits', (table) => {
    table.bigIncrements('id')
    table.string('job_id', 24).notNullable().references('jobs.id')
    table.integer('revision').unsigned().notNullable()
    table.string('who', 60).notNullable()
    table.dateTime('at', { precision: 3 }).notNullable()
    table.string('label', 200).notNullable()
    table.json('changes').notNullable()
    table.unique(['job_id', 'revision'])
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('edits')

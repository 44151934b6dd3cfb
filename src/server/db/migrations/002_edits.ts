import type { Knex } from 'knex'

/** Append-only: nothing in the application updates or deletes a row here. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('edits', (t) => {
    t.bigIncrements('id')
    t.string('job_id', 24).notNullable().references('jobs.id')
    t.integer('revision').unsigned().notNullable()
    t.string('who', 60).notNullable()
    t.dateTime('at', { precision: 3 }).notNullable()
    t.string('label', 200).notNullable()
    t.json('changes').notNullable()
    t.unique(['job_id', 'revision'])
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('edits')

import type { Knex } from 'knex'

/** What happens on site: append-only, ids made on the device. `seq` is the order of arrival. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('records', (t) => {
    t.bigIncrements('seq')
    t.string('id', 40).notNullable()
    t.string('job_id', 24).notNullable().references('jobs.id')
    t.string('kind', 20).notNullable()
    t.json('record').notNullable()
    t.dateTime('received_at', { precision: 3 }).notNullable()
    t.unique(['job_id', 'id'])
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('records')

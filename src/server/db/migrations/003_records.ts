import type { Knex } from 'knex'
import { makeTable } from './steps'

/** What happens on site: append-only, ids made on the device. `seq` is the order of arrival. */
export async function up(knex: Knex): Promise<void> {
  await makeTable(knex, 'records', (table) => {
    table.bigIncrements('seq')
    table.string('id', 40).notNullable()
    table.string('job_id', 24).notNullable().references('jobs.id')
    table.string('kind', 20).notNullable()
    table.json('record').notNullable()
    table.dateTime('received_at', { precision: 3 }).notNullable()
    table.unique(['job_id', 'id'])
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('records')

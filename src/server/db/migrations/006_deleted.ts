import type { Knex } from 'knex'

/** A job that is thrown away is kept: it can be brought back. */
export async function up(knex: Knex): Promise<void> {
  if (await knex.schema.hasColumn('jobs', 'deleted_at')) return
  await knex.schema.alterTable('jobs', (table) => {
    table.dateTime('deleted_at', { precision: 3 }).nullable()
  })
}

export const down = (knex: Knex): Promise<void> =>
  knex.schema.alterTable('jobs', (table) => {
    table.dropColumn('deleted_at')
  })

import type { Knex } from 'knex'

/** Each revision holds its whole document, deflated, besides what changed: any of them can be looked at and restored. */
export async function up(knex: Knex): Promise<void> {
  if (await knex.schema.hasColumn('edits', 'doc')) return
  await knex.schema.alterTable('edits', (table) => {
    table.specificType('doc', 'MEDIUMBLOB').nullable()
  })
}

export const down = (knex: Knex): Promise<void> =>
  knex.schema.alterTable('edits', (table) => {
    table.dropColumn('doc')
  })

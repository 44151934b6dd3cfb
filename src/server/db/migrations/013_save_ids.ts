import type { Knex } from 'knex'

/** The name that a window gives to one save of its: sent again because the answer was lost, it is still one save. */
export async function up(knex: Knex): Promise<void> {
  if (await knex.schema.hasColumn('edits', 'save_id')) return
  await knex.schema.alterTable('edits', (table) => {
    table.specificType('save_id', 'VARCHAR(40) CHARACTER SET ascii COLLATE ascii_bin').nullable()
  })
}

export const down = (knex: Knex): Promise<void> =>
  knex.schema.alterTable('edits', (table) => {
    table.dropColumn('save_id')
  })

import type { Knex } from 'knex'

/** The browser that a phone's word came from, by which its people call it; null for those of before, and where nobody signs in. */
export async function up(knex: Knex): Promise<void> {
  if (await knex.schema.hasColumn('phones', 'device_id')) return
  await knex.schema.alterTable('phones', (table) => {
    table.specificType('device_id', 'VARCHAR(24) CHARACTER SET ascii COLLATE ascii_bin').nullable()
  })
}

export const down = (knex: Knex): Promise<void> =>
  knex.schema.alterTable('phones', (table) => {
    table.dropColumn('device_id')
  })

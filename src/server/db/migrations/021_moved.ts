import type { Knex } from 'knex'

/** How far the post of a record had been moved when the record came in; null where it stood where its plan had it. */
export async function up(knex: Knex): Promise<void> {
  if (await knex.schema.hasColumn('records', 'moved')) return
  await knex.raw('ALTER TABLE records ADD moved JSON NULL')
}

export const down = (): Promise<void> => Promise.resolve()

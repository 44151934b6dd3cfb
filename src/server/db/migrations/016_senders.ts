import type { Knex } from 'knex'

/** Who had signed in when an edit or a record came in; null for those of before, and where nobody signs in. */
export async function up(knex: Knex): Promise<void> {
  for (const name of ['edits', 'records'])
    if (!(await knex.schema.hasColumn(name, 'person_id')))
      await knex.schema.alterTable(name, (table) => {
        table.specificType('person_id', 'VARCHAR(24) CHARACTER SET ascii COLLATE ascii_bin').nullable().index()
      })
}

export async function down(knex: Knex): Promise<void> {
  for (const name of ['edits', 'records'])
    await knex.schema.alterTable(name, (table) => {
      table.dropColumn('person_id')
    })
}

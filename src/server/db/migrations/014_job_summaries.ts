import type { Knex } from 'knex'

/** What a list of jobs shows of each, read out of its document by the database, so that lists need no documents. */
export async function up(knex: Knex): Promise<void> {
  if (await knex.schema.hasColumn('jobs', 'summary')) return
  await knex.raw(`ALTER TABLE jobs ADD summary LONGTEXT CHARACTER SET utf8mb4 COLLATE utf8mb4_bin AS (JSON_OBJECT(
    'name', JSON_EXTRACT(doc, '$.name'),
    'note', JSON_EXTRACT(doc, '$.note'),
    'units', JSON_EXTRACT(doc, '$.units'),
    'widthIn', JSON_EXTRACT(doc, '$.building.widthIn'),
    'lengthIn', JSON_EXTRACT(doc, '$.building.lengthIn'),
    'heelIn', JSON_EXTRACT(doc, '$.building.heelIn'),
    'pitchPer12', JSON_EXTRACT(doc, '$.building.pitchPer12'))) PERSISTENT`)
}

export const down = (knex: Knex): Promise<void> =>
  knex.schema.alterTable('jobs', (table) => {
    table.dropColumn('summary')
  })

import type { Knex } from 'knex'

/** Makes a table unless an attempt that was cut short has made it. */
export async function makeTable(
  knex: Knex,
  name: string,
  build: (table: Knex.CreateTableBuilder) => void,
): Promise<void> {
  if (!(await knex.schema.hasTable(name))) await knex.schema.createTable(name, build)
}

/** What the database says of one column: its collation, null where it has none; undefined where there is no such column. */
export async function collationOf(knex: Knex, table: string, column: string): Promise<string | null | undefined> {
  const [rows] = (await knex.raw(
    `SELECT collation_name AS collation FROM information_schema.columns
      WHERE table_schema = DATABASE() AND table_name = ? AND column_name = ?`,
    [table, column],
  )) as [readonly { collation: string | null }[]]
  return rows.at(0)?.collation
}

/** Whether a table is bound to another by a key of this name. */
export async function hasForeignKey(knex: Knex, table: string, name: string): Promise<boolean> {
  const [rows] = (await knex.raw(
    `SELECT 1 AS found FROM information_schema.table_constraints
      WHERE table_schema = DATABASE() AND table_name = ? AND constraint_name = ? AND constraint_type = 'FOREIGN KEY'`,
    [table, name],
  )) as [readonly unknown[]]
  return rows.length > 0
}

import type { Knex } from 'knex'
import { upToDate, type FieldRecord } from '@/core/field'
import { jsonOf } from '../json'
import { columnsOf } from '../recordRow'

const AT_ONCE = 500

/**
 * Records of before the envelope get what is known of it: the time that their device said stands for the clock; their
 * place in the device's own sequence and the plan that the page showed were never told. Goes on where it was cut short.
 */
export async function up(knex: Knex): Promise<void> {
  // The next step takes the old column away: then all of this was done.
  if (!(await knex.schema.hasColumn('records', 'record'))) return
  for (;;) {
    const rows: { seq: number; record: unknown }[] = await knex
      .queryBuilder()
      .from('records')
      .whereNull('clock')
      .orderBy('seq')
      .limit(AT_ONCE)
      .select('seq', 'record')
    if (rows.length === 0) return
    for (const { seq, record } of rows) {
      await knex('records')
        .where({ seq })
        .update(columnsOf(upToDate(jsonOf(record) as FieldRecord)))
    }
  }
}

export const down = (): Promise<void> => Promise.resolve()

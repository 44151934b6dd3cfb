import type { Knex } from 'knex'
import { makeTable } from './steps'

/** Letters that are compared as they are, byte by byte. */
const EXACT = 'CHARACTER SET ascii COLLATE ascii_bin'
const HASH = `CHAR(64) ${EXACT}`

/** People, the phones and computers that the office knows, where they are signed in, and invitations. */
export async function up(knex: Knex): Promise<void> {
  const id = (table: Knex.CreateTableBuilder, name: string) => table.specificType(name, `VARCHAR(24) ${EXACT}`)
  const when = (table: Knex.CreateTableBuilder, name: string) => table.dateTime(name, { precision: 3 })
  await makeTable(knex, 'people', (table) => {
    id(table, 'id').primary()
    table.string('name', 60).notNullable().unique()
    table.string('role', 20).notNullable()
    table.string('secret_hash', 200).nullable()
    when(table, 'made_at').notNullable()
    when(table, 'withdrawn_at').nullable()
    when(table, 'erased_at').nullable()
  })
  await makeTable(knex, 'devices', (table) => {
    id(table, 'id').primary()
    table.specificType('token_hash', HASH).notNullable().unique()
    table.string('label', 80).notNullable()
    when(table, 'made_at').notNullable()
    when(table, 'seen_at').notNullable()
    when(table, 'revoked_at').nullable()
  })
  await makeTable(knex, 'sessions', (table) => {
    id(table, 'id').primary()
    id(table, 'person_id').notNullable().references('people.id').onDelete('CASCADE')
    id(table, 'device_id').notNullable().references('devices.id').onDelete('CASCADE')
    table.specificType('token_hash', HASH).notNullable().unique()
    // The token before the newest goes on for a moment: two pages may be under way at once.
    table.specificType('before_hash', HASH).nullable().index()
    when(table, 'made_at').notNullable()
    when(table, 'turned_at').notNullable()
    when(table, 'seen_at').notNullable()
    when(table, 'ends_at').notNullable()
  })
  await makeTable(knex, 'invitations', (table) => {
    id(table, 'id').primary()
    table.specificType('code_hash', HASH).notNullable().unique()
    table.string('name', 60).notNullable()
    table.string('role', 20).notNullable()
    /** Null for somebody new; the person who takes a new secret or a new phone otherwise. */
    id(table, 'person_id').nullable().references('people.id').onDelete('CASCADE')
    id(table, 'made_by').nullable()
    when(table, 'made_at').notNullable()
    when(table, 'ends_at').notNullable()
    when(table, 'used_at').nullable()
  })
  await makeTable(knex, 'happenings', (table) => {
    table.bigIncrements('id')
    when(table, 'at').notNullable().index()
    table.string('what', 40).notNullable()
    id(table, 'person_id').nullable()
    id(table, 'device_id').nullable()
    table.json('facts').notNullable()
  })
}

export async function down(knex: Knex): Promise<void> {
  for (const name of ['happenings', 'invitations', 'sessions', 'devices', 'people']) await knex.schema.dropTable(name)
}

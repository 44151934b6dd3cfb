import type { Knex } from 'knex'

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('jobs', (t) => {
    t.string('id', 24).primary()
    t.json('doc').notNullable()
    t.integer('revision').unsigned().notNullable()
    t.dateTime('created_at', { precision: 3 }).notNullable()
    t.dateTime('updated_at', { precision: 3 }).notNullable()
    t.dateTime('archived_at', { precision: 3 }).nullable()
    t.index(['archived_at', 'updated_at'])
  })
}

export const down = (knex: Knex): Promise<void> => knex.schema.dropTable('jobs')

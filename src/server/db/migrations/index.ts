import { Knex } from 'knex'
import * as jobs from './001_jobs'
import * as edits from './002_edits'
import * as records from './003_records'
import * as editDocs from './004_edit_docs'
import * as postIds from './005_post_ids'
import * as deleted from './006_deleted'

const ALL: Readonly<Record<string, Knex.Migration>> = {
  '001_jobs': jobs,
  '002_edits': edits,
  '003_records': records,
  '004_edit_docs': editDocs,
  '005_post_ids': postIds,
  '006_deleted': deleted,
}

/**
 * Migrations as modules, so that the built server and the scripts run the same ones. One schema change each: DDL
 * commits by itself.
 */
export const migrations: Knex.MigrationSource<string> = {
  getMigrations: async () => Object.keys(ALL).sort(),
  getMigrationName: (name) => name,
  getMigration: async (name) => ALL[name],
}

import { Knex } from 'knex'
import * as jobs from './001_jobs'
import * as edits from './002_edits'
import * as records from './003_records'
import * as editDocs from './004_edit_docs'
import * as postIds from './005_post_ids'
import * as deleted from './006_deleted'
import * as exactIds from './007_exact_ids'
import * as recordEnvelope from './008_record_envelope'
import * as fillEnvelopes from './009_fill_envelopes'
import * as recordOrder from './010_record_order'
import * as recordCounters from './011_record_counters'
import * as countRecords from './012_count_records'
import * as saveIds from './013_save_ids'
import * as jobSummaries from './014_job_summaries'
import * as people from './015_people'
import * as senders from './016_senders'
import * as attempts from './017_attempts'
import * as phones from './018_phones'
import * as left from './019_left'
import * as guests from './020_guests'
import * as moved from './021_moved'
import * as photos from './022_photos'
import * as phoneNames from './023_phone_names'

const ALL: Readonly<Record<string, Knex.Migration>> = {
  '001_jobs': jobs,
  '002_edits': edits,
  '003_records': records,
  '004_edit_docs': editDocs,
  '005_post_ids': postIds,
  '006_deleted': deleted,
  '007_exact_ids': exactIds,
  '008_record_envelope': recordEnvelope,
  '009_fill_envelopes': fillEnvelopes,
  '010_record_order': recordOrder,
  '011_record_counters': recordCounters,
  '012_count_records': countRecords,
  '013_save_ids': saveIds,
  '014_job_summaries': jobSummaries,
  '015_people': people,
  '016_senders': senders,
  '017_attempts': attempts,
  '018_phones': phones,
  '019_left': left,
  '020_guests': guests,
  '021_moved': moved,
  '022_photos': photos,
  '023_phone_names': phoneNames,
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

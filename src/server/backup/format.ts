import { z } from 'zod'

/**
 * A backup is a zip of JSON Lines: jobs, their edits and their records, each in the order of the job's id, and a
 * manifest that says what is in them; pictures in base64. Keeps all that the database has; of its own it has nothing else.
 */
export const BACKUP_FORMAT = 'burdock-backup'
export const BACKUP_VERSION = 2
export const FILES = ['jobs.jsonl', 'edits.jsonl', 'records.jsonl', 'photos.jsonl'] as const
export type BackupFile = (typeof FILES)[number]
/** Files that a backup of before they were kept has not. */
export const LATER_FILES: readonly BackupFile[] = ['photos.jsonl']
export const MANIFEST = 'manifest.json'
/** Tables that the files hold. A test holds that the schema has no other. */
export const TABLES_KEPT: Readonly<Record<string, BackupFile | 'worked out' | 'stays here'>> = {
  jobs: 'jobs.jsonl',
  edits: 'edits.jsonl',
  records: 'records.jsonl',
  photos: 'photos.jsonl',
  record_counters: 'worked out',
  // Secrets do not travel: on another machine accounts are made anew.
  people: 'stays here',
  devices: 'stays here',
  sessions: 'stays here',
  invitations: 'stays here',
  happenings: 'stays here',
  attempts: 'stays here',
  phones: 'stays here',
  left_entries: 'stays here',
  guest_cards: 'stays here',
}

export const manifestSchema = z.object({
  format: z.literal(BACKUP_FORMAT),
  version: z.int().min(1),
  /** The newest migration of the database that it was made from. */
  schema: z.string(),
  made: z.iso.datetime(),
  files: z.array(
    z.object({
      name: z.enum(FILES),
      rows: z.int().min(0),
      bytes: z.int().min(0),
      sha256: z.string().regex(/^[0-9a-f]{64}$/),
    }),
  ),
})
export type Manifest = z.infer<typeof manifestSchema>

const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/)
const when = z.iso.datetime()

export const jobRow = z.object({
  id,
  revision: z.int().min(1),
  createdAt: when,
  updatedAt: when,
  archivedAt: when.nullable(),
  deletedAt: when.nullable(),
  doc: z.unknown(),
})
export const editRow = z.object({
  job: id,
  revision: z.int().min(1),
  who: z.string().max(60),
  at: when,
  label: z.string().max(200),
  changes: z.array(z.unknown()),
  doc: z.unknown(),
  saveId: id.nullable().default(null),
})
/** The record itself is read apart, so that one of an older version finds its envelope. */
export const recordRow = z.object({
  job: id,
  seq: z.int().min(1),
  receivedAt: when,
  record: z.unknown(),
  /** How far its post had been moved when it came in. */
  moved: z.object({ byIn: z.number(), revision: z.int() }).optional(),
})
/** A picture of a note, in base64. */
export const photoRow = z.object({ job: id, photo: id, at: when, jpeg: z.base64() })
export type JobKept = z.infer<typeof jobRow>
export type EditKept = z.infer<typeof editRow>
export type RecordKept = z.infer<typeof recordRow>
export type PhotoKept = z.infer<typeof photoRow>

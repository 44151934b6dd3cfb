import type { Role } from '@/core/people'
import type { RecordColumns } from './recordRow'

export interface JobRow {
  id: string
  doc: string
  /** Read out of the document by the database. */
  readonly summary: string
  revision: number
  created_at: Date
  updated_at: Date
  archived_at: Date | null
  deleted_at: Date | null
}

interface EditRow {
  id: number
  job_id: string
  revision: number
  who: string
  at: Date
  label: string
  changes: string
  /** The whole document of the revision, deflated; null for those of before this was kept. */
  doc: Buffer | null
  /** What the window that made it calls the save; null for those of before. */
  save_id: string | null
  person_id: string | null
}

interface RecordRow extends Omit<RecordColumns, 'body'> {
  job_id: string
  seq: number
  body: unknown
  /** Read out of the body by the database. */
  readonly post_id: string | null
  readonly setup_id: string | null
  received_at: Date
  person_id: string | null
  moved: unknown
}

interface PersonRow {
  id: string
  name: string
  role: Role
  /** argon2id; null for somebody who was invited anew and has not chosen one, and for a name that was erased. */
  secret_hash: string | null
  made_at: Date
  withdrawn_at: Date | null
  erased_at: Date | null
}

interface DeviceRow {
  id: string
  token_hash: string
  label: string
  made_at: Date
  seen_at: Date
  revoked_at: Date | null
}

interface SessionRow {
  id: string
  person_id: string
  device_id: string
  token_hash: string
  before_hash: string | null
  made_at: Date
  turned_at: Date
  seen_at: Date
  ends_at: Date
}

interface InvitationRow {
  id: string
  code_hash: string
  name: string
  role: Role
  person_id: string | null
  made_by: string | null
  made_at: Date
  ends_at: Date
  used_at: Date | null
}

interface HappeningRow {
  id: number
  at: Date
  what: string
  person_id: string | null
  device_id: string | null
  facts: string
}

export interface PhoneRow {
  job_id: string
  device: string
  who: string
  person_id: string | null
  device_id: string | null
  seen_at: Date
  waiting: number
  shows: number | null
  ahead_ms: number
}

interface LeftRow {
  id: string
  job_id: string
  device_id: string
  who: string
  at: Date
  count: number
  records: Buffer
}

interface PhotoRow {
  readonly job_id: string
  readonly id: string
  readonly at: Date
  readonly jpeg: Buffer
}
interface GuestCardRow {
  id: string
  token_hash: string
  job_id: string
  post_id: string
  made_at: Date
  until: Date
}

interface CounterRow {
  job_id: string
  last: number
}

declare module 'knex/types/tables' {
  interface Tables {
    jobs: JobRow
    edits: EditRow
    records: RecordRow
    record_counters: CounterRow
    people: PersonRow
    devices: DeviceRow
    sessions: SessionRow
    invitations: InvitationRow
    happenings: HappeningRow
    phones: PhoneRow
    left_entries: LeftRow
    guest_cards: GuestCardRow
    photos: PhotoRow
  }
}

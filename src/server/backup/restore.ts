import 'server-only'
import type { Knex } from 'knex'
import { nanoid } from 'nanoid'
import { readRecords, type RefusedRecord } from '@/core/field'
import { isRecord, keepSame, ok, type Result } from '@/core/result'
import { markedName } from '@/core/model'
import { write } from '../db/client'
import { jsonOf } from '../db/json'
import { pack } from '../db/packed'
import { columnsOf } from '../db/recordRow'
import { appendRecords, movedColumn } from '../repositories/records'
import {
  type EditKept,
  editRow,
  type JobKept,
  jobRow,
  type RecordKept,
  recordRow,
  type PhotoKept,
  photoRow,
} from './format'
import { openBackup, type OpenBackup } from './read'

/** What became of one job of a backup. */
export interface Restored {
  readonly name: string
  readonly outcome:
    | 'added'
    /** It was there, the same to the letter. */
    | 'there'
    /** It was there, and has gone on since. */
    | 'newer-here'
    /** What was there was an earlier revision of it. */
    | 'brought-forward'
    /** What was there under its id is another job by now: the backup's stands beside it. */
    | 'beside'
  readonly recordsAdded: number
  readonly refused: readonly RefusedRecord[]
}

export interface RestoreReport {
  readonly made: string
  readonly jobs: readonly Restored[]
}

/** One job of the backup with all that belongs to it. */
interface Kept {
  readonly job: JobKept
  readonly edits: readonly EditKept[]
  readonly records: readonly RecordKept[]
  readonly photos: readonly PhotoKept[]
}

/** Takes the rows of one job off a list that is in the order of jobs. */
function taker<T extends { readonly job: string }>(rows: AsyncGenerator<T>) {
  let next: T | null | undefined
  const draw = async (): Promise<T | null> => {
    const got = await rows.next()
    return got.done ? null : got.value
  }
  return async (job: string): Promise<T[]> => {
    const own: T[] = []
    if (next === undefined) next = await draw()
    while (next && next.job < job) next = await draw()
    while (next?.job === job) {
      own.push(next)
      next = await draw()
    }
    return own
  }
}

const date = (text: string | null): Date | null => (text === null ? null : new Date(text))
const nameOf = (doc: unknown): string =>
  typeof doc === 'object' && doc !== null && 'name' in doc && typeof doc.name === 'string' ? doc.name : ''

/** Edits written by one statement; each may hold a document. */
const EDITS_AT_ONCE = 20
const RECORDS_AT_ONCE = 500

async function addEdits(trx: Knex.Transaction, id: string, edits: readonly EditKept[]): Promise<void> {
  for (let from = 0; from < edits.length; from += EDITS_AT_ONCE)
    await trx('edits').insert(
      edits.slice(from, from + EDITS_AT_ONCE).map((edit) => ({
        job_id: id,
        revision: edit.revision,
        who: edit.who,
        at: new Date(edit.at),
        label: edit.label,
        changes: JSON.stringify(edit.changes),
        doc: edit.doc ? pack(edit.doc) : null,
        save_id: edit.saveId,
      })),
    )
}

/** Adds the pictures of a job that it has not; one at a time, since each is large. */
async function addPhotos(trx: Knex.Transaction, id: string, photos: readonly PhotoKept[]): Promise<void> {
  for (const { photo, at, jpeg } of photos)
    await trx('photos')
      .insert({ job_id: id, id: photo, at: new Date(at), jpeg: Buffer.from(jpeg, 'base64') })
      .onConflict(['job_id', 'id'])
      .ignore()
}

/** Adds a job whole, its records with the numbers that they had. */
async function addJob(
  trx: Knex.Transaction,
  id: string,
  { job, edits, records, photos }: Kept,
): Promise<RefusedRecord[]> {
  await trx('jobs').insert({
    id,
    doc: JSON.stringify(job.doc),
    revision: job.revision,
    created_at: new Date(job.createdAt),
    updated_at: new Date(job.updatedAt),
    archived_at: date(job.archivedAt),
    deleted_at: date(job.deletedAt),
  })
  await addEdits(trx, id, edits)
  const refused: RefusedRecord[] = []
  const rows = records.flatMap((kept) => {
    const { read, refused: unread } = readRecords([kept.record])
    refused.push(...unread)
    return read.map((record) => ({
      ...columnsOf(record),
      job_id: id,
      seq: kept.seq,
      received_at: new Date(kept.receivedAt),
      moved: movedColumn(kept.moved),
    }))
  })
  for (let from = 0; from < rows.length; from += RECORDS_AT_ONCE)
    await trx('records').insert(rows.slice(from, from + RECORDS_AT_ONCE))
  await trx('record_counters').insert({ job_id: id, last: records.at(-1)?.seq ?? 0 })
  await addPhotos(trx, id, photos)
  return refused
}

/** Whether the job here and the backup's had the same edit at a revision: then one is the other, further on. */
async function sharesEdit(trx: Knex.Transaction, edits: readonly EditKept[], { id, revision }: JobKept) {
  const there = await trx('edits').where({ job_id: id, revision }).select('at', 'label').first()
  const kept = edits.find((edit) => edit.revision === revision)
  return there && kept ? there.at.toISOString() === kept.at && there.label === kept.label : false
}

/** How the backup's job stands to the one here. */
async function compared(trx: Knex.Transaction, kept: Kept): Promise<Exclude<Restored['outcome'], never>> {
  const { job, edits } = kept
  const here = await trx('jobs').where({ id: job.id }).forUpdate().first()
  if (!here) return 'added'
  if (here.revision === job.revision) {
    const doc = jsonOf(here.doc)
    return keepSame(doc, job.doc) === doc ? 'there' : 'beside'
  }
  const common = { ...job, revision: Math.min(here.revision, job.revision) }
  if (!(await sharesEdit(trx, edits, common))) return 'beside'
  return here.revision > job.revision ? 'newer-here' : 'brought-forward'
}

const idOf = (record: unknown): string => (isRecord(record) && typeof record.id === 'string' ? record.id : '')

/** Adds the records of the backup that the job has not. */
async function addMissing(trx: Knex.Transaction, { job, records }: Kept, now: Date) {
  const { read, refused } = readRecords(records.map(({ record }) => record))
  const moved = new Map(records.flatMap((kept) => (kept.moved ? [[idOf(kept.record), kept.moved] as const] : [])))
  const count = async () => Number((await trx('record_counters').where({ job_id: job.id }).first())?.last ?? 0)
  const before = await count()
  const turned = await appendRecords(trx, job.id, read, { now, person: null, moved })
  return { added: (await count()) - before, refused: [...refused, ...turned] }
}

const LABEL_OF_BESIDE = 'as the backup has it'

/** The backup's job beside another that has its id: under a new id and a name that tells them apart. */
function besideOf({ job, edits, records, photos }: Kept): { readonly id: string; readonly kept: Kept } {
  const id = nanoid(12)
  const name = markedName(nameOf(job.doc), ` (backup of ${job.updatedAt.slice(0, 10)})`)
  const doc = typeof job.doc === 'object' && job.doc !== null ? { ...job.doc, name } : job.doc
  const revision = job.revision + 1
  const renamed: EditKept = {
    job: id,
    revision,
    who: 'restore',
    at: job.updatedAt,
    label: LABEL_OF_BESIDE,
    changes: [],
    doc,
    saveId: null,
  }
  return { id, kept: { job: { ...job, doc, revision }, edits: [...edits, renamed], records, photos } }
}

async function restoreJob(trx: Knex.Transaction, kept: Kept, now: Date): Promise<Restored> {
  const { job } = kept
  const name = nameOf(job.doc)
  const outcome = await compared(trx, kept)
  if (outcome === 'added' || outcome === 'beside') {
    const beside = outcome === 'beside' ? besideOf(kept) : { id: job.id, kept }
    const refused = await addJob(trx, beside.id, beside.kept)
    return { name, outcome, recordsAdded: kept.records.length - refused.length, refused }
  }
  if (outcome === 'brought-forward') {
    const there = await trx('edits').where({ job_id: job.id }).pluck('revision')
    await addEdits(
      trx,
      job.id,
      kept.edits.filter(({ revision }) => !there.includes(revision)),
    )
    await trx('jobs')
      .where({ id: job.id })
      .update({ doc: JSON.stringify(job.doc), revision: job.revision, updated_at: new Date(job.updatedAt) })
  }
  const { added, refused } = await addMissing(trx, kept, now)
  await addPhotos(trx, job.id, kept.photos)
  return { name, outcome, recordsAdded: added, refused }
}

async function restoreAll(backup: OpenBackup, now: Date): Promise<RestoreReport> {
  const editsOf = taker(backup.rows('edits.jsonl', editRow))
  const recordsOf = taker(backup.rows('records.jsonl', recordRow))
  const photosOf = taker(backup.rows('photos.jsonl', photoRow))
  const jobs: Restored[] = []
  for await (const job of backup.rows('jobs.jsonl', jobRow)) {
    const kept = {
      job,
      edits: await editsOf(job.id),
      records: await recordsOf(job.id),
      photos: await photosOf(job.id),
    }
    jobs.push(await write((trx) => restoreJob(trx, kept, now)))
  }
  return { made: backup.manifest.made, jobs }
}

/**
 * Puts a backup into the database, empty or filled, one job at a time: nothing that is there is lost. Broken off and
 * done again, it goes on where it stopped.
 */
export async function restore(path: string, now: Date): Promise<Result<RestoreReport>> {
  const backup = await openBackup(path)
  if (!backup.ok) return backup
  try {
    return ok(await restoreAll(backup.value, now))
  } finally {
    backup.value.close()
  }
}

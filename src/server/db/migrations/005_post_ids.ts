import type { Knex } from 'knex'
import { bindWhatCan, type FieldRecord, foldRecords, recordedPosts } from '@/core/field'
import { liveOn, parseAsItWas } from '@/core/files'
import { placeKey } from '@/core/layout'
import { type Change, type Job, JOB_VERSION, undoChanges } from '@/core/model'
import { addUnder } from '@/core/result'
import { jsonOf } from '../json'
import { pack } from '../packed'

interface EditRow {
  readonly revision: number
  readonly at: Date
  readonly changes: unknown
}
interface RecordRow {
  readonly seq: number
  readonly record: unknown
  readonly received_at: Date
}

/** The table as it was: its columns are others today. */
const older = (trx: Knex): Knex.QueryBuilder => trx.queryBuilder().from('records')

/** The documents of all revisions, first to last, read backward from the last; fewer where one does not read. */
function revisionsOf(
  doc: unknown,
  edits: readonly EditRow[],
): { readonly first: number; readonly jobs: readonly Job[] } {
  const jobs: Job[] = []
  let at = doc
  let first = edits.at(-1)?.revision ?? 1
  for (const edit of [...edits].reverse()) {
    const parsed = parseAsItWas(at)
    if (!parsed.ok) break
    jobs.unshift(parsed.value)
    first = edit.revision
    at = undoChanges(at, jsonOf(edit.changes) as readonly Change[])
  }
  return { first, jobs }
}

/** The reader of names of one revision: which posts bore each then, whatever they were called before or since. */
function readerOf(fresh: Job, lived: Job) {
  const idAt = new Map(lived.building.posts.map((identity) => [placeKey(identity), identity.id]))
  const borne = new Map<string, string[]>()
  for (const identity of fresh.building.posts) {
    const id = idAt.get(placeKey(identity))
    if (id !== undefined) for (const name of identity.formerNames) addUnder(borne, name, id)
  }
  return { known: new Set<string>(), bearers: (name: string) => borne.get(name) ?? [] }
}

/** The index of the revision that was current at a time: the last that had come by then. */
function revisionAt(edits: readonly EditRow[], first: number, at: Date): number {
  const come = edits.filter((edit) => edit.revision >= first && edit.at.getTime() <= at.getTime())
  return Math.max(0, come.length - 1)
}

/**
 * Records bound to the identities that bore their names when they arrived, and the revisions with identities. A record
 * holds its post from the revision after its arrival on, so the two are found in turn, oldest first.
 */
function bindHistory(jobs: readonly Job[], first: number, edits: readonly EditRow[], rows: readonly RecordRow[]) {
  const bound = new Map<number, FieldRecord>()
  const arrived = rows.map((row) => ({
    seq: row.seq,
    record: jsonOf(row.record) as FieldRecord,
    receivedAt: row.received_at.toISOString(),
    revision: revisionAt(edits, first, row.received_at),
  }))
  const bindThose = (index: number, job: Job) => {
    const { known, bearers } = readerOf(jobs[index], job)
    for (const each of arrived)
      if (each.revision === index) bound.set(each.seq, bindWhatCan(each.record, known, bearers))
  }
  const lived = liveOn(jobs, (index, job) => {
    bindThose(index, job)
    const sofar = arrived.flatMap(({ seq, receivedAt }) => {
      const record = bound.get(seq)
      return record ? [{ record, receivedAt }] : []
    })
    return recordedPosts(foldRecords(sofar), job.levels.readingsIn)
  })
  const last = lived.at(-1)
  if (last) bindThose(lived.length - 1, last)
  return { job: last, bound }
}

/** Gives one job's posts their identities and binds its records to them. A job that has them is left alone. */
async function bindJobRow(trx: Knex.Transaction, id: string): Promise<void> {
  const row = await trx('jobs').where({ id }).forUpdate().first()
  const doc = jsonOf(row?.doc) as { readonly version?: number } | undefined
  if (!row || !doc || (doc.version ?? JOB_VERSION) >= 6) return
  const edits = (await trx('edits').where({ job_id: id }).orderBy('revision')) as unknown as EditRow[]
  const rows = (await trx('records').where({ job_id: id }).orderBy('seq')) as unknown as RecordRow[]
  const { first, jobs } = revisionsOf(doc, edits)
  const { job, bound } = bindHistory(jobs, first, edits, rows)
  if (!job) throw new Error(`job ${id} does not fit the schema`)
  // The document as it was stands by its revision, so that those before it can still be read backward from it.
  await trx('edits')
    .where({ job_id: id, revision: row.revision })
    .update({ doc: pack(doc) })
  await trx('jobs')
    .where({ id })
    .update({ doc: JSON.stringify(job) })
  for (const [seq, record] of bound)
    await older(trx)
      .where({ seq })
      .update({ record: JSON.stringify(record) })
}

/**
 * Posts get identities: names may change and be borne by two. Each job is one transaction, and one that was done is
 * passed over, so that a migration cut short goes on where it stopped.
 */
export async function up(knex: Knex): Promise<void> {
  for (const { id } of await knex('jobs').select('id')) await knex.transaction((trx) => bindJobRow(trx, id))
}

/** Names cannot be told from identities again: going back means the backup of before. */
export const down = (): Promise<void> => Promise.resolve()

import type { Knex } from 'knex'
import { type FieldRecord, type Moved, type RefusedRecord, sayingOf, type Stored } from '@/core/field'
import { issue, type IssueCode, keepSame } from '@/core/result'
import { dbFault, worthAgain } from '../db/faults'
import { jsonOf } from '../db/json'
import { columnsOf, recordOfRow } from '../db/recordRow'

export interface Arrived extends Stored {
  readonly seq: number
}

/** When records came in, and who had signed in where they came from; null where nobody signs in. */
interface Arrival {
  readonly now: Date
  readonly person: string | null
  /** By their ids, those whose posts have been moved since their plan. */
  readonly moved: ReadonlyMap<string, Moved>
}

/** Records written by one statement. */
const AT_ONCE = 500

/** How many records the job has had, for this transaction alone until it ends: nobody gives out a number meanwhile. */
async function lockedCount(trx: Knex.Transaction, jobId: string): Promise<number> {
  const counter = () => trx('record_counters').where({ job_id: jobId }).forUpdate().first()
  const row = await counter()
  if (row) return Number(row.last)
  await trx('record_counters').insert({ job_id: jobId, last: 0 }).onConflict('job_id').ignore()
  return Number((await counter())?.last ?? 0)
}

/** Those of these records that the job has already, by their ids. */
async function hadOf(trx: Knex.Transaction, jobId: string, ids: readonly string[]): Promise<Map<string, FieldRecord>> {
  const had = new Map<string, FieldRecord>()
  for (let from = 0; from < ids.length; from += AT_ONCE)
    for (const row of await trx('records')
      .where({ job_id: jobId })
      .whereIn('id', ids.slice(from, from + AT_ONCE)))
      had.set(row.id, recordOfRow(row))
  return had
}

/** Whether two records of one id are one record, sent twice. Which posts a name meant may have changed meanwhile. */
function sameRecord(one: FieldRecord, other: FieldRecord): boolean {
  const saying = sayingOf(one.body)
  return one.device === other.device && one.at === other.at && keepSame(saying, sayingOf(other.body)) === saying
}

const refusal = (record: FieldRecord, code: IssueCode): RefusedRecord => ({
  id: record.id,
  issues: [issue(code, ['records', record.id], { id: record.id })],
})

/** How a column has what was moved. */
export const movedColumn = (moved: Moved | undefined): string | null => (moved ? JSON.stringify(moved) : null)
/** What such a column says. */
export const movedOf = (column: unknown): Moved | undefined => (jsonOf(column) as Moved | null) ?? undefined

/** Inserts all of these, or says which error was in the way; nothing of them stays then. */
async function tryInsert(
  trx: Knex.Transaction,
  jobId: string,
  {
    records,
    from,
    arrival,
  }: { readonly records: readonly FieldRecord[]; readonly from: number; readonly arrival: Arrival },
): Promise<boolean> {
  try {
    await trx.transaction((inner) =>
      inner('records').insert(
        records.map((record, i) => ({
          ...columnsOf(record),
          job_id: jobId,
          seq: from + i + 1,
          received_at: arrival.now,
          person_id: arrival.person,
          moved: movedColumn(arrival.moved.get(record.id)),
        })),
      ),
    )
    return true
  } catch (error) {
    // The database itself is in trouble: that is not the record's fault, and the whole is answered so.
    if (dbFault(error) !== null || worthAgain(error)) throw error
    return false
  }
}

/**
 * Appends records, each by itself: one that the job has already counts once, one that cannot be stored is turned away
 * with its reason. The numbers are in the order of commits, since the job's counter stays locked until then.
 */
export async function appendRecords(
  trx: Knex.Transaction,
  jobId: string,
  records: readonly FieldRecord[],
  arrival: Arrival,
): Promise<readonly RefusedRecord[]> {
  if (records.length === 0) return []
  let last = await lockedCount(trx, jobId)
  const had = await hadOf(
    trx,
    jobId,
    records.map(({ id }) => id),
  )
  const fresh: FieldRecord[] = []
  const refused: RefusedRecord[] = []
  for (const record of records) {
    const before = had.get(record.id)
    if (!before) fresh.push(record)
    else if (!sameRecord(before, record)) refused.push(refusal(record, 'id-taken'))
    had.set(record.id, before ?? record)
  }
  for (let from = 0; from < fresh.length; from += AT_ONCE) {
    const some = fresh.slice(from, from + AT_ONCE)
    if (await tryInsert(trx, jobId, { records: some, from: last, arrival })) last += some.length
    else
      for (const record of some)
        if (await tryInsert(trx, jobId, { records: [record], from: last, arrival })) last += 1
        else refused.push(refusal(record, 'not-stored'))
  }
  await trx('record_counters').where({ job_id: jobId }).update({ last })
  return refused
}

/** Who had signed in when each of these records came in; those that the job does not have are left out. */
export async function sendersOf(
  db: Knex,
  jobId: string,
  ids: readonly string[],
): Promise<ReadonlyMap<string, string | null>> {
  if (ids.length === 0) return new Map()
  const rows = await db('records').where({ job_id: jobId }).whereIn('id', ids).select('id', 'person_id')
  return new Map(rows.map(({ id, person_id }) => [id, person_id]))
}

/** A job's records in the order in which they were taken, after one; at most so many. */
export async function listRecords(db: Knex, jobId: string, after: number, limit: number): Promise<Arrived[]> {
  const rows = await db('records').where({ job_id: jobId }).andWhere('seq', '>', after).orderBy('seq').limit(limit)
  return rows.map((row) => ({
    seq: Number(row.seq),
    record: recordOfRow(row),
    receivedAt: row.received_at.toISOString(),
    moved: movedOf(row.moved),
  }))
}

/** All records of a job. */
export const allRecords = (db: Knex, jobId: string): Promise<Arrived[]> =>
  listRecords(db, jobId, 0, Number.MAX_SAFE_INTEGER)

/** Where each of these jobs is: its last record and its plan's revision. A job that is not there is left out. */
export async function standOf(
  db: Knex,
  jobIds: readonly string[],
): Promise<ReadonlyMap<string, { readonly last: number; readonly revision: number }>> {
  const rows: { id: string; revision: number; last: number | null }[] = await db('jobs')
    .leftJoin('record_counters', 'record_counters.job_id', 'jobs.id')
    .whereIn('jobs.id', jobIds)
    .select('jobs.id', 'jobs.revision', 'record_counters.last')
  return new Map(rows.map(({ id, revision, last }) => [id, { revision, last: Number(last ?? 0) }]))
}

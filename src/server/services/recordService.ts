import 'server-only'
import { bearersOf, bindRecord, type FieldRecord } from '@/core/field'
import { namesOf, standingsOf } from '@/core/layout'
import type { Job } from '@/core/model'
import type { Issue } from '@/core/result'
import { db } from '../db/client'
import { findJob } from '../repositories/jobs'
import { insertRecords, listRecords, type Arrived } from '../repositories/records'

interface RefusedRecord {
  readonly id: string
  readonly issues: readonly Issue[]
}

export type RecordsReply =
  | {
      readonly kind: 'ok'
      readonly records: readonly Arrived[]
      readonly last: number
      readonly revision: number
      /** Records that were not taken, each with its reason. */
      readonly refused: readonly RefusedRecord[]
    }
  | { readonly kind: 'gone' }

const reply = async (
  jobId: string,
  after: number,
  revision: number,
  refused: readonly RefusedRecord[] = [],
): Promise<RecordsReply> => {
  const records = await listRecords(db(), jobId, after)
  return { kind: 'ok', records, last: records.at(-1)?.seq ?? after, revision, refused }
}

/** Records bound to the posts they are of; one whose post nobody can tell is refused by itself. */
function bindAll({ building }: Job, records: readonly FieldRecord[]) {
  const standings = standingsOf(building)
  const names = standings ? namesOf(standings, building) : {}
  const known = new Set(Object.keys(names))
  const bearers = bearersOf(building, names)
  const taken: FieldRecord[] = []
  const refused: RefusedRecord[] = []
  for (const record of records) {
    const bound = bindRecord(record, known, bearers)
    if (bound.ok) taken.push(bound.value)
    else refused.push({ id: record.id, issues: bound.issues })
  }
  return { taken, refused }
}

/**
 * Records of a job that arrived after one, and the job's revision, so that a phone knows when the office has changed
 * the plan.
 */
export async function recordsAfter(jobId: string, after: number): Promise<RecordsReply> {
  const job = await findJob(db(), jobId)
  return job ? reply(jobId, after, job.revision) : { kind: 'gone' }
}

/** Takes records from a device. Sent twice they count once; the answer holds what others have added since. */
export async function addRecords(jobId: string, records: readonly FieldRecord[], after: number): Promise<RecordsReply> {
  const job = await findJob(db(), jobId)
  if (!job) return { kind: 'gone' }
  const { taken, refused } = bindAll(job.doc, records)
  await insertRecords(db(), jobId, taken, new Date())
  return reply(jobId, after, job.revision, refused)
}

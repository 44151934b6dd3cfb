import 'server-only'
import type { FieldRecord } from '@/core/field'
import { db } from '../db/client'
import { findJob } from '../repositories/jobs'
import { insertRecords, listRecords, type Arrived } from '../repositories/records'

export type RecordsReply =
  | { readonly kind: 'ok'; readonly records: readonly Arrived[]; readonly last: number; readonly revision: number }
  | { readonly kind: 'gone' }

const reply = async (jobId: string, after: number, revision: number): Promise<RecordsReply> => {
  const records = await listRecords(db(), jobId, after)
  return { kind: 'ok', records, last: records.at(-1)?.seq ?? after, revision }
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
  await insertRecords(db(), jobId, records, new Date())
  return reply(jobId, after, job.revision)
}

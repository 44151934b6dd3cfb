import 'server-only'
import { nanoid } from 'nanoid'
import { checkJob } from '@/core/derive'
import { diffPaths, type Job } from '@/core/model'
import type { Issue } from '@/core/result'
import { db } from '../db/client'
import { appendEdit, listEdits, type Edit } from '../repositories/edits'
import { findJob, insertJob, listJobs, setArchived, updateJob, type StoredJob } from '../repositories/jobs'

/** Who makes an edit, until people sign in. */
const THIS_COMPUTER = 'this computer'

export type SaveResult =
  | { readonly kind: 'saved'; readonly job: StoredJob }
  | { readonly kind: 'conflict'; readonly current: StoredJob }
  | { readonly kind: 'refused'; readonly issues: readonly Issue[] }
  | { readonly kind: 'gone' }

/** Every job with its document, last changed first. */
export const allJobs = (): Promise<StoredJob[]> => listJobs(db())

/** One job, or null. */
export const oneJob = (id: string): Promise<StoredJob | null> => findJob(db(), id)

/** Adds a job: the document must be without contradictions. */
export async function createJob(doc: Job, label: string): Promise<SaveResult> {
  const issues = checkJob(doc)
  if (issues.length) return { kind: 'refused', issues }
  const id = nanoid(12)
  return db().transaction(async (trx) => {
    const now = new Date()
    await insertJob(trx, id, doc, now)
    await appendEdit(trx, id, { revision: 1, who: THIS_COMPUTER, label, changes: [] }, now)
    const job = await findJob(trx, id)
    return job ? { kind: 'saved', job } : { kind: 'gone' }
  })
}

/**
 * Saves an edit made against `baseRevision`. An edit against an older revision is not written: the current one is
 * handed back.
 */
export async function saveJob(id: string, baseRevision: number, doc: Job, label: string): Promise<SaveResult> {
  const issues = checkJob(doc)
  if (issues.length) return { kind: 'refused', issues }
  return db().transaction(async (trx): Promise<SaveResult> => {
    const current = await findJob(trx, id, true)
    if (!current) return { kind: 'gone' }
    if (current.revision !== baseRevision) return { kind: 'conflict', current }
    const now = new Date()
    const revision = current.revision + 1
    await updateJob({ db: trx, id, doc, revision, now })
    await appendEdit(trx, id, { revision, who: THIS_COMPUTER, label, changes: diffPaths(current.doc, doc) }, now)
    const job = await findJob(trx, id)
    return job ? { kind: 'saved', job } : { kind: 'gone' }
  })
}

/** Gives a job another name, whatever its revision: a rename touches nothing else. */
export async function renameJob(id: string, name: string): Promise<SaveResult> {
  const job = await oneJob(id)
  return job ? saveJob(id, job.revision, { ...job.doc, name }, `renamed to ${name}`) : { kind: 'gone' }
}

/** Copies a job under the name “… copy”. */
export async function duplicateJob(id: string): Promise<SaveResult> {
  const job = await oneJob(id)
  return job
    ? createJob({ ...job.doc, name: `${job.doc.name} copy`.slice(0, 120) }, `copied from ${job.doc.name}`)
    : { kind: 'gone' }
}

/** Puts a job away, or takes it out again. */
export async function archiveJob(id: string, archived: boolean): Promise<SaveResult> {
  const job = await oneJob(id)
  if (!job) return { kind: 'gone' }
  await setArchived(db(), id, archived ? new Date() : null)
  return { kind: 'saved', job: { ...job, archived } }
}

/** A job's edits, newest first. */
export const jobHistory = (id: string): Promise<Edit[]> => listEdits(db(), id)

import 'server-only'
import { nanoid } from 'nanoid'
import type { Knex } from 'knex'
import { checkJob } from '@/core/derive'
import { foldRecords, recordedPosts } from '@/core/field'
import { jobAt } from '@/core/files'
import { bindJob, effectIssue, effectsOn, isBound, standingsOf } from '@/core/layout'
import { diffPaths, type Job } from '@/core/model'
import { fail, type Issue, type Result } from '@/core/result'
import { newPostId } from '@/formats/ids'
import { db } from '../db/client'
import { appendEdit, listEdits, revisionsFrom, type Edit } from '../repositories/edits'
import { findJob, insertJob, listJobs, setArchived, setDeleted, updateJob, type StoredJob } from '../repositories/jobs'
import { listRecords } from '../repositories/records'

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

/** A document whose posts all have their identities. One that comes complete is taken as it is. */
function withIdentities(doc: Job, before: Job | null): Job {
  const standings = standingsOf(doc.building)
  if (!standings || isBound(doc.building, standings)) return doc
  return bindJob(doc, before && standingsOf(before.building), { newId: newPostId, laid: standings })
}

/** What the office reads with an edit or takes back with it had no say in the edits saved along. */
const readThroughout = (before: Job, after: Job): Job['levels']['readingsIn'] =>
  Object.fromEntries(Object.entries(before.levels.readingsIn).filter(([id]) => id in after.levels.readingsIn))

/**
 * Recorded posts that an edit moves, renames or takes away without saying so: the desk asks first, so this is an edit
 * from elsewhere, or one made before it knew of a record.
 */
async function recordedTouched(trx: Knex, id: string, before: Job, after: Job): Promise<Issue[]> {
  const [stood, stands] = [standingsOf(before.building), standingsOf(after.building)]
  if (!stood || !stands) return []
  const givenUp = new Set(after.building.givenUp.map((post) => post.id))
  const asked = stood.posts.filter((post) => !givenUp.has(post.id)).map((post) => post.id)
  const touched = effectsOn(new Set(asked), stood, stands)
  if (touched.length === 0) return []
  // Only now are the records read: most edits touch no post at all.
  const recorded = recordedPosts(foldRecords(await listRecords(trx, id, 0)), readThroughout(before, after))
  return touched.filter((effect) => recorded.has(effect.id)).map(effectIssue)
}

/** Adds a job: the document must be without contradictions. */
export async function createJob(doc: Job, label: string): Promise<SaveResult> {
  const issues = checkJob(doc)
  if (issues.length) return { kind: 'refused', issues }
  const id = nanoid(12)
  const bound = withIdentities(doc, null)
  return db().transaction(async (trx) => {
    const now = new Date()
    await insertJob(trx, id, bound, now)
    await appendEdit(trx, id, { revision: 1, who: THIS_COMPUTER, label, changes: [], doc: bound }, now)
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
    const bound = withIdentities(doc, current.doc)
    const touched = await recordedTouched(trx, id, current.doc, bound)
    if (touched.length) return { kind: 'refused', issues: touched }
    const now = new Date()
    const revision = current.revision + 1
    const changes = diffPaths(current.doc, bound)
    await updateJob({ db: trx, id, doc: bound, revision, now })
    await appendEdit(trx, id, { revision, who: THIS_COMPUTER, label, changes, doc: bound }, now)
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
  if (!job) return { kind: 'gone' }
  const { building } = job.doc
  // No record and no paper of the first job is one of the copy.
  const posts = building.posts.map((post) => ({ ...post, keptName: null, formerNames: [] }))
  const name = `${job.doc.name} copy`.slice(0, 120)
  return createJob({ ...job.doc, name, building: { ...building, posts, givenUp: [] } }, `copied from ${job.doc.name}`)
}

/** Puts a job away, or takes it out again. */
export async function archiveJob(id: string, archived: boolean): Promise<SaveResult> {
  const job = await oneJob(id)
  if (!job) return { kind: 'gone' }
  await setArchived(db(), id, archived ? new Date() : null)
  return { kind: 'saved', job: { ...job, archived } }
}

/** Throws a job away, or brings it back. */
export async function deleteJob(id: string, deleted: boolean): Promise<SaveResult> {
  const job = await oneJob(id)
  if (!job) return { kind: 'gone' }
  await setDeleted(db(), id, deleted ? new Date() : null)
  return { kind: 'saved', job: { ...job, deleted } }
}

/** A job as it was at a revision; null where there is no such job. */
export async function jobOfRevision(id: string, revision: number): Promise<Result<Job> | null> {
  if (!(await oneJob(id))) return null
  if (!Number.isSafeInteger(revision) || revision < 1) return fail('no-such-revision', ['revision'], { revision })
  return jobAt(await revisionsFrom(db(), id, revision), revision)
}

/** A job's edits, newest first. */
export const jobHistory = (id: string): Promise<Edit[]> => listEdits(db(), id)

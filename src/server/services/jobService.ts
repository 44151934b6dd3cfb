import 'server-only'
import { nanoid } from 'nanoid'
import type { Knex } from 'knex'
import { checkJob } from '@/core/derive'
import { foldRecords, recordedPosts } from '@/core/field'
import { jobAt } from '@/core/files'
import { bindJob, effectIssue, effectsOn, isBound, standingsOf } from '@/core/layout'
import { diffPaths, type Job, markedName, nameKept } from '@/core/model'
import { fail, type Issue, type Result } from '@/core/result'
import { newPostId } from '@/formats/ids'
import { type By, THIS_COMPUTER } from '../auth/visitor'
import { db, write } from '../db/client'
import { appendEdit, listEdits, revisionsFrom, savesAfter, type Edit } from '../repositories/edits'
import {
  findJob,
  findSummary,
  insertJob,
  type JobSummary,
  listJobs,
  revisionOf,
  setArchived,
  setDeleted,
  type StoredJob,
  updateJob,
} from '../repositories/jobs'
import { allRecords } from '../repositories/records'

export type SaveResult =
  | { readonly kind: 'saved'; readonly job: StoredJob | JobSummary }
  | { readonly kind: 'conflict'; readonly current: StoredJob }
  | { readonly kind: 'refused'; readonly issues: readonly Issue[] }
  | { readonly kind: 'gone' }

/** Every job without its document, last changed first. */
export const allJobs = (): Promise<JobSummary[]> => listJobs(db())

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
  const recorded = recordedPosts(foldRecords(await allRecords(trx, id)), readThroughout(before, after))
  return touched.filter((effect) => recorded.has(effect.id)).map(effectIssue)
}

/** Adds a job: the document must be without contradictions. */
export async function createJob(doc: Job, label: string, by: By = THIS_COMPUTER): Promise<SaveResult> {
  const issues = checkJob(doc)
  if (issues.length) return { kind: 'refused', issues }
  const id = nanoid(12)
  const bound = { ...withIdentities(doc, null), name: nameKept(doc.name, doc.practice) }
  return write(async (trx) => {
    const now = new Date()
    await insertJob(trx, id, bound, now)
    await appendEdit(trx, id, { revision: 1, by, label, changes: [], doc: bound, saveId: null }, now)
    const job = await findJob(trx, id)
    return job ? { kind: 'saved', job } : { kind: 'gone' }
  })
}

/** An edit as a window sends it; `saveId` is the same each time that it sends it. */
export interface Save {
  readonly baseRevision: number
  readonly doc: Job
  readonly label: string
  readonly saveId: string | null
  /** Earlier saves of that window which the edit builds on and whose answers it never had. */
  readonly unanswered: readonly string[]
}

/**
 * What a save against an older revision is: our own, sent twice; one that builds on nothing but our own, whose answers
 * were lost (null: it goes on as if it were made against the newest); or too late, since somebody else was first.
 */
async function late(trx: Knex, current: StoredJob, save: Save): Promise<SaveResult | null> {
  const since = await savesAfter(trx, current.id, save.baseRevision)
  const own = save.saveId === null ? undefined : since.find(({ saveId }) => saveId === save.saveId)
  if (own) return { kind: 'saved', job: { ...current, doc: save.doc, revision: own.revision, updatedAt: own.at } }
  const allOurs = since.every(({ saveId }) => saveId !== null && save.unanswered.includes(saveId))
  return allOurs ? null : { kind: 'conflict', current }
}

/**
 * Saves an edit made against `baseRevision`. An edit against an older revision is not written: the current one is
 * handed back, unless the edit is the one that came in then and only its answer was lost.
 */
export async function saveJob(id: string, save: Save, by: By): Promise<SaveResult> {
  const { baseRevision, doc, label, saveId } = save
  const issues = checkJob(doc)
  if (issues.length) return { kind: 'refused', issues }
  return write(async (trx): Promise<SaveResult> => {
    const current = await findJob(trx, id, true)
    if (!current) return { kind: 'gone' }
    const tooLate = current.revision === baseRevision ? null : await late(trx, current, save)
    if (tooLate) return tooLate
    const bound = withIdentities(doc, current.doc)
    const touched = await recordedTouched(trx, id, current.doc, bound)
    if (touched.length) return { kind: 'refused', issues: touched }
    const now = new Date()
    const revision = current.revision + 1
    const changes = diffPaths(current.doc, bound)
    await updateJob({ db: trx, id, doc: bound, revision, now })
    await appendEdit(trx, id, { revision, by, label, changes, doc: bound, saveId }, now)
    const job = await findJob(trx, id)
    return job ? { kind: 'saved', job } : { kind: 'gone' }
  })
}

/** Times that a rename is tried while others save the same job. */
const MOST_RENAMES = 5

/** Gives a job another name, whatever its revision: a rename touches nothing else. */
export async function renameJob(id: string, name: string, by: By): Promise<SaveResult> {
  for (let tries = 1; ; tries++) {
    const job = await oneJob(id)
    if (!job) return { kind: 'gone' }
    const kept = nameKept(name, job.doc.practice)
    const save = {
      baseRevision: job.revision,
      doc: { ...job.doc, name: kept },
      label: `renamed to ${kept}`,
      saveId: null,
      unanswered: [],
    }
    const saved = await saveJob(id, save, by)
    if (saved.kind !== 'conflict' || tries >= MOST_RENAMES) return saved
  }
}

const COPY = ' copy'

/** Copies a job under the name “… copy”, or “… (practice)”: a copy to practice on is marked wherever it is seen. */
export async function duplicateJob(id: string, practice: boolean, by: By): Promise<SaveResult> {
  const job = await oneJob(id)
  if (!job) return { kind: 'gone' }
  const { building } = job.doc
  // No record and no paper of the first job is one of the copy.
  const posts = building.posts.map((post) => ({ ...post, keptName: null, formerNames: [] }))
  const name = practice && !job.doc.practice ? job.doc.name : markedName(job.doc.name, COPY)
  return createJob(
    { ...job.doc, name, practice: practice || job.doc.practice, building: { ...building, posts, givenUp: [] } },
    `copied from ${job.doc.name}`,
    by,
  )
}

/** Changes where a job lies, not what it says: that works for a document that does not read, too. */
const changed = (id: string, change: (trx: Knex) => Promise<void>): Promise<SaveResult> =>
  write(async (trx): Promise<SaveResult> => {
    await change(trx)
    const job = await findSummary(trx, id)
    return job ? { kind: 'saved', job } : { kind: 'gone' }
  })

/** Puts a job away, or takes it out again. */
export const archiveJob = (id: string, archived: boolean): Promise<SaveResult> =>
  changed(id, (trx) => setArchived(trx, id, archived ? new Date() : null))

/** Throws a job away, or brings it back. */
export const deleteJob = (id: string, deleted: boolean): Promise<SaveResult> =>
  changed(id, (trx) => setDeleted(trx, id, deleted ? new Date() : null))

/** A job as it was at a revision; null where there is no such job. */
export async function jobOfRevision(id: string, revision: number): Promise<Result<Job> | null> {
  if ((await revisionOf(db(), id)) === null) return null
  if (!Number.isSafeInteger(revision) || revision < 1) return fail('no-such-revision', ['revision'], { revision })
  return jobAt(await revisionsFrom(db(), id, revision), revision)
}

/** A job's edits, newest first. */
export const jobHistory = (id: string): Promise<Edit[]> => listEdits(db(), id)

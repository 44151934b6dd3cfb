import 'server-only'
import {
  bearersOf,
  type Bearers,
  bindRecord,
  clockMs,
  type FieldRecord,
  type Moved,
  postsOf,
  readRecords,
  type RefusedRecord,
} from '@/core/field'
import { namesOf, standingsOf } from '@/core/layout'
import type { Job } from '@/core/model'
import { notTheirs, type Sender, whoMade } from '@/core/people'
import { issue } from '@/core/result'
import { HALF_MARK_IN } from '@/core/units'
import { db, write } from '../db/client'
import { findJob, revisionOf } from '../repositories/jobs'
import { heldSteps } from './heldService'
import { jobOfRevision } from './jobService'
import { appendRecords, type Arrived, listRecords, sendersOf } from '../repositories/records'

export type RecordsReply =
  | {
      readonly kind: 'ok'
      readonly records: readonly Arrived[]
      readonly last: number
      /** Whether more has arrived than this answer holds; it is asked for after `last`. */
      readonly more: boolean
      readonly revision: number
      /** Records that were not taken, each with its reason. */
      readonly refused: readonly RefusedRecord[]
    }
  | { readonly kind: 'gone' }

/** Records in one answer. */
const MOST_TOLD = 2000

const reply = async (
  jobId: string,
  after: number,
  revision: number,
  refused: readonly RefusedRecord[] = [],
): Promise<RecordsReply> => {
  const found = await listRecords(db(), jobId, after, MOST_TOLD + 1)
  const records = found.slice(0, MOST_TOLD)
  const more = found.length > MOST_TOLD
  return { kind: 'ok', records, last: records.at(-1)?.seq ?? after, more, revision, refused }
}

/** What it takes to tell which posts a record is of, at one revision of the plan. */
interface Posts {
  readonly known: ReadonlySet<string>
  readonly bearers: Bearers
  readonly places: Places
}
/** Where each post stands, inches in plan. */
type Places = ReadonlyMap<string, { readonly x: number; readonly y: number }>

const placesOf = (standings: ReturnType<typeof standingsOf>): Places =>
  new Map((standings?.posts ?? []).map(({ id, x, y }) => [id, { x, y }]))

function postsIn({ building }: Job): Posts {
  const standings = standingsOf(building)
  const names = standings ? namesOf(standings, building) : {}
  return { known: new Set(Object.keys(names)), bearers: bearersOf(building, names), places: placesOf(standings) }
}

/** Plans whose posts were worked out lately; another server works them out for itself. */
const worked = new Map<string, { readonly revision: number; readonly posts: Posts }>()
const MOST_WORKED = 50

/** The posts of a job and its revision; null where there is no such job. */
async function postsNow(jobId: string): Promise<{ readonly revision: number; readonly posts: Posts } | null> {
  const revision = await revisionOf(db(), jobId)
  const had = worked.get(jobId)
  if (revision === null || had?.revision === revision) return revision === null ? null : (had ?? null)
  const job = await findJob(db(), jobId)
  if (!job) return null
  const now = { revision: job.revision, posts: postsIn(job.doc) }
  worked.delete(jobId)
  worked.set(jobId, now)
  for (const oldest of worked.keys()) if (worked.size > MOST_WORKED) worked.delete(oldest)
  return now
}

/** Places of earlier plans that phones went by lately. */
const earlier = new Map<string, Places | null>()

/** Where the posts stood at an earlier revision; null where that is not known any more. */
async function placesAt(jobId: string, revision: number): Promise<Places | null> {
  const key = `${jobId} ${revision}`
  if (!earlier.has(key)) {
    const job = await jobOfRevision(jobId, revision)
    earlier.set(key, job?.ok ? placesOf(standingsOf(job.value.building)) : null)
    for (const oldest of earlier.keys()) if (earlier.size > MOST_WORKED) earlier.delete(oldest)
  }
  return earlier.get(key) ?? null
}

/** Of these records those whose posts have been moved since the plan that they were made from. */
async function movedSince(jobId: string, records: readonly FieldRecord[], now: { revision: number; posts: Posts }) {
  const moved = new Map<string, Moved>()
  for (const record of records) {
    const { planRevision, body } = record
    const posts = body.kind === 'print' ? [] : postsOf(body)
    if (planRevision === null || planRevision >= now.revision || posts.length === 0) continue
    const then = await placesAt(jobId, planRevision)
    const byIn = Math.max(...posts.map((post) => distanceIn(then?.get(post), now.posts.places.get(post))))
    if (byIn > HALF_MARK_IN) moved.set(record.id, { byIn, revision: now.revision })
  }
  return moved
}

type Place = { readonly x: number; readonly y: number } | undefined
/** A post that is not in both plans has not moved: that it is gone is said by itself. */
const distanceIn = (one: Place, other: Place): number =>
  one && other ? Math.hypot(one.x - other.x, one.y - other.y) : 0

/** A clock this far ahead of the server's is no clock of a working phone, and would put every later record behind it. */
const FAR_AHEAD_MS = 400 * 24 * 3_600_000

/** Records bound to the posts they are of; one whose post nobody can tell is refused by itself. */
function bindAll({ known, bearers }: Posts, records: readonly FieldRecord[], now: Date) {
  const taken: FieldRecord[] = []
  const refused: RefusedRecord[] = []
  for (const record of records) {
    const bound = bindRecord(record, known, bearers)
    const far = clockMs(record.clock) > now.getTime() + FAR_AHEAD_MS
    if (far) refused.push({ id: record.id, issues: [issue('clock-far', ['records', record.id], { at: record.at })] })
    else if (bound.ok) taken.push(bound.value)
    else refused.push({ id: record.id, issues: bound.issues })
  }
  return { taken, refused }
}

/** Records that their sender may add, and those that they may not, with the reason. */
async function partedBy(jobId: string, records: readonly FieldRecord[], sender: Sender | null) {
  if (!sender) return { theirs: records, others: [] }
  const takenBack = records.flatMap(({ body }) => (body.kind === 'void' ? [body.record] : []))
  // What comes with its own taking back was said by the same phone.
  const said = await sendersOf(db(), jobId, takenBack)
  const others: RefusedRecord[] = []
  const theirs = records.filter((record) => {
    const saidBy = record.body.kind === 'void' ? said.get(record.body.record) : undefined
    const why = notTheirs(sender, record, saidBy)
    if (why) others.push({ id: record.id, issues: [issue(why, ['records', record.id])] })
    return why === null
  })
  return { theirs, others }
}

/**
 * Records of a job that arrived after one, and the job's revision, so that a phone knows when the office has changed
 * the plan.
 */
export async function recordsAfter(jobId: string, after: number): Promise<RecordsReply> {
  const revision = await revisionOf(db(), jobId)
  return revision === null ? { kind: 'gone' } : reply(jobId, after, revision)
}

/** How records are taken: from whom, and which steps of them are held. */
interface Taking {
  readonly sender: Sender | null
  readonly held: (jobId: string, records: readonly FieldRecord[]) => Promise<readonly RefusedRecord[]>
}

async function take(
  jobId: string,
  records: readonly unknown[],
  after: number,
  { sender, held: heldIn }: Taking,
): Promise<RecordsReply> {
  const job = await postsNow(jobId)
  if (!job) return { kind: 'gone' }
  const now = new Date()
  const { read, refused: unread } = readRecords(records)
  const named = read.map((record) => ({ ...record, who: whoMade(record.who, sender) }))
  const { taken, refused } = bindAll(job.posts, named, now)
  const { theirs, others } = await partedBy(jobId, taken, sender)
  const held = await heldIn(jobId, theirs)
  const heldIds = new Set(held.map(({ id }) => id))
  const free = theirs.filter(({ id }) => !heldIds.has(id))
  const moved = await movedSince(jobId, free, job)
  const turned = await write((trx) => appendRecords(trx, jobId, free, { now, person: sender?.id ?? null, moved }))
  return reply(jobId, after, job.revision, [...unread, ...refused, ...others, ...held, ...turned])
}

/**
 * Takes records from a device, each by itself. Sent twice they count once; the answer holds what others have added since,
 * and names every record that was not stored.
 */
export const addRecords = (
  jobId: string,
  records: readonly unknown[],
  after: number,
  sender: Sender | null = null,
): Promise<RecordsReply> => take(jobId, records, after, { sender, held: heldSteps })

/** Takes a log that was kept elsewhere as it is, steps out of order and all. */
export const bringInRecords = (jobId: string, records: readonly unknown[]): Promise<RecordsReply> =>
  take(jobId, records, 0, { sender: null, held: () => Promise.resolve([]) })

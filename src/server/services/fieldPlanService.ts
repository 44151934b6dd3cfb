import 'server-only'
import { type FieldPlan, isFieldPlan } from '@/core/derive'
import type { Issue } from '@/core/result'
import { db } from '../db/client'
import { makePaper } from '../heavy/pool'
import type { ForPhones } from '../heavy/tasks'
import { findJob, revisionOf } from '../repositories/jobs'

/** What a phone is told when it asks for a job's plan, or for its sheets. */
export type PlanReply =
  /** The newest, as JSON. */
  | { readonly kind: 'made'; readonly revision: number; readonly json: Uint8Array }
  /** The one that it has is the newest. */
  | { readonly kind: 'same'; readonly revision: number }
  | { readonly kind: 'refused'; readonly issues: readonly Issue[] }
  | { readonly kind: 'gone' | 'busy' }

interface Kept {
  readonly revision: number
  readonly json: Uint8Array
}

/** Plans and sheets kept ready: as many jobs as a yard builds at once. */
const MOST_KEPT = 24
const kept: Readonly<Record<ForPhones, Map<string, Kept>>> = { 'field-plan': new Map(), 'site-sheets': new Map() }

/** Keeps what was made; what was longest not asked for goes. */
function keep(paper: ForPhones, id: string, made: Kept): void {
  const all = kept[paper]
  all.delete(id)
  all.set(id, made)
  const [oldest] = all.keys()
  if (all.size > MOST_KEPT && oldest !== undefined) all.delete(oldest)
}

/** A plan that was read of late, with its revision. */
export type PlanNow = FieldPlan & { readonly revision: number }

/** The plan of a job as phones have it; null where there is none, or it does not read. */
export async function planNow(id: string): Promise<PlanNow | null> {
  const reply = await madeForPhone('field-plan', id, null, new AbortController().signal)
  if (reply.kind !== 'made') return null
  const had = read.get(reply.json)
  if (had) return had
  const plan: unknown = JSON.parse(new TextDecoder().decode(reply.json))
  if (!isFieldPlan(plan)) return null
  const now = { ...plan, revision: reply.revision }
  read.set(reply.json, now)
  return now
}
/** What was read of what is kept ready: it goes with it. */
const read = new WeakMap<Uint8Array, PlanNow>()

/** What phones are given of a job, for one that has that of revision `has`, or none. */
export async function madeForPhone(
  paper: ForPhones,
  id: string,
  has: number | null,
  signal: AbortSignal,
): Promise<PlanReply> {
  const revision = await revisionOf(db(), id)
  if (revision === null) return { kind: 'gone' }
  if (revision === has) return { kind: 'same', revision }
  const ready = kept[paper].get(id)
  if (ready?.revision === revision) {
    keep(paper, id, ready)
    return { kind: 'made', ...ready }
  }
  const job = await findJob(db(), id)
  if (!job) return { kind: 'gone' }
  const made = await makePaper({ paper, doc: job.doc }, { signal, drawn: () => undefined })
  if (made.kind !== 'made') return { kind: 'busy' }
  if (!made.result.ok) return { kind: 'refused', issues: made.result.issues }
  const now = { revision: job.revision, json: made.result.value }
  keep(paper, id, now)
  return { kind: 'made', ...now }
}

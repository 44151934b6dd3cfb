import 'server-only'
import type { Issue } from '@/core/result'
import { db } from '../db/client'
import { makePaper } from '../heavy/pool'
import { findJob, revisionOf } from '../repositories/jobs'

/** What a phone is told when it asks for a job's plan. */
export type PlanReply =
  /** The newest plan, as JSON. */
  | { readonly kind: 'plan'; readonly revision: number; readonly json: Uint8Array }
  /** The one that it has is the newest. */
  | { readonly kind: 'same'; readonly revision: number }
  | { readonly kind: 'refused'; readonly issues: readonly Issue[] }
  | { readonly kind: 'gone' | 'busy' }

interface KeptPlan {
  readonly revision: number
  readonly json: Uint8Array
}

/** Plans kept ready: as many jobs as a yard builds at once. */
const MOST_KEPT = 24
const kept = new Map<string, KeptPlan>()

/** Keeps a plan; the one that was longest not asked for goes. */
function keep(id: string, plan: KeptPlan): void {
  kept.delete(id)
  kept.set(id, plan)
  const [oldest] = kept.keys()
  if (kept.size > MOST_KEPT && oldest !== undefined) kept.delete(oldest)
}

/** The plan of a job for a phone that has the one of revision `has`, or none. */
export async function planForPhone(id: string, has: number | null, signal: AbortSignal): Promise<PlanReply> {
  const revision = await revisionOf(db(), id)
  if (revision === null) return { kind: 'gone' }
  if (revision === has) return { kind: 'same', revision }
  const ready = kept.get(id)
  if (ready?.revision === revision) {
    keep(id, ready)
    return { kind: 'plan', ...ready }
  }
  const job = await findJob(db(), id)
  if (!job) return { kind: 'gone' }
  const made = await makePaper({ paper: 'field-plan', doc: job.doc }, { signal, drawn: () => undefined })
  if (made.kind !== 'made') return { kind: 'busy' }
  if (!made.result.ok) return { kind: 'refused', issues: made.result.issues }
  const plan = { revision: job.revision, json: made.result.value }
  keep(id, plan)
  return { kind: 'plan', ...plan }
}

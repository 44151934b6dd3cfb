import { deriveJob, type Derived } from '../derive'
import type { Job } from '../model'
import type { Check } from '../result'
import { editsFor } from './edits'

/** A change and what it does: the check after it, the cost of the whole, and how many checks fail. */
export interface Fix {
  readonly key: string
  readonly label: string
  readonly detail: string
  readonly job: Job
  readonly ratio: number
  readonly state: Check['state']
  readonly governs: string
  readonly cost: number
  readonly more: number
  readonly boards: number
  readonly fails: number
}
export interface Fixes {
  readonly now: { readonly ratio: number; readonly cost: number; readonly fails: number }
  readonly fixes: readonly Fix[]
}

const row = (d: Derived, id: string) => d.checks.find((c) => c.id === id)

/**
 * Changes that a builder would think of for one check, each judged on the whole building: those that hold first, cheapest first. A change
 * that breaks something else says so by its count of failing checks.
 */
export function fixesFor(job: Job, checkId: string, most = 7): Fixes {
  const now = deriveJob(job)
  if (!now.ok) return { now: { ratio: 0, cost: 0, fails: 0 }, fixes: [] }
  const base = {
    ratio: row(now.value, checkId)?.ratio ?? 0,
    cost: now.value.takeoff.totalCost,
    fails: now.value.tally.fails,
  }
  const fixes = editsFor(job, checkId).flatMap((e): Fix[] => {
    const d = deriveJob(e.job)
    if (!d.ok) return []
    const c = row(d.value, checkId)
    if (!c || c.state === 'not-checked') return []
    return [
      {
        ...e,
        ratio: c.ratio,
        state: c.state,
        governs: c.governs,
        cost: d.value.takeoff.totalCost,
        more: d.value.takeoff.totalCost - base.cost,
        boards: d.value.takeoff.boards,
        fails: d.value.tally.fails,
      },
    ]
  })
  const better = fixes.filter((f) => f.ratio < base.ratio - 1e-9)
  const holds = (f: Fix) => f.state !== 'fails'
  return {
    now: base,
    fixes: better
      .sort((a, b) => Number(holds(b)) - Number(holds(a)) || (holds(a) ? a.cost - b.cost : a.ratio - b.ratio))
      .slice(0, most),
  }
}

import { ROUNDING } from '../units'
import { deriveJob, type Derived } from '../derive'
import type { Job } from '../model'
import { type Check, fails, worstFirst } from '../rules'
import { editsFor } from './edits'

/** A change and what it does: the check after it, the cost of the whole, and how many checks fail. */
interface Fix {
  readonly key: string
  readonly label: string
  readonly detail: string
  readonly job: Job
  readonly ratio: number | null
  readonly state: Check['state']
  readonly cost: number
  readonly more: number
  readonly boards: number
  readonly fails: number
}

export interface Fixes {
  readonly now: { readonly ratio: number | null; readonly cost: number; readonly fails: number }
  readonly fixes: readonly Fix[]
}

const row = (derived: Derived, id: string) => derived.checks.find((check) => check.id === id)

/** Whether a check stands better after a change. */
const isBetter = (after: Pick<Check, 'state' | 'ratio'>, before: Check): boolean =>
  after.ratio === null || before.ratio === null ? worstFirst(after, before) > 0 : after.ratio < before.ratio - ROUNDING

/**
 * Changes that a builder would think of for one check, each judged on the whole building: those that hold first,
 * cheapest first. A change
 * that breaks something else says so by its count of failing checks.
 */
export function fixesFor(job: Job, checkId: string, most = 7): Fixes {
  const now = deriveJob(job)
  if (!now.ok) return { now: { ratio: null, cost: 0, fails: 0 }, fixes: [] }
  const before = row(now.value, checkId)
  const base = {
    ratio: before?.ratio ?? null,
    cost: now.value.takeoff.totalCost,
    fails: now.value.tally.fails,
  }
  const edits = before ? editsFor(job, before) : []
  const fixes = edits.flatMap((edit): Fix[] => {
    const result = deriveJob(edit.job)
    if (!result.ok) return []
    const check = row(result.value, checkId)
    if (!check || check.state === 'not-checked') return []
    return [
      {
        ...edit,
        ratio: check.ratio,
        state: check.state,
        cost: result.value.takeoff.totalCost,
        more: result.value.takeoff.totalCost - base.cost,
        boards: result.value.takeoff.boards,
        fails: result.value.tally.fails,
      },
    ]
  })
  const better = fixes.filter((fix) => before && isBetter(fix, before))
  const holds = (fix: Fix) => !fails(fix)
  return {
    now: base,
    fixes: better
      .sort(
        (one, other) =>
          Number(holds(other)) - Number(holds(one)) || (holds(one) ? one.cost - other.cost : worstFirst(other, one)),
      )
      .slice(0, most),
  }
}

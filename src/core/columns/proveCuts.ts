import { NEGLIGIBLE, ROUNDING } from '../units'
import { item } from '../result'
import {
  asLp,
  type CutDemand,
  cutPatterns,
  type CutPattern,
  type CutPlan,
  firstFit,
  planOf,
  type StockBoard,
} from './cutting'

export interface CutRequest {
  readonly demands: readonly CutDemand[]
  readonly stock: readonly StockBoard[]
  readonly kerfIn: number
}

/** A solver of whole-number programs written as LP text; it is loaded and kept by whoever calls. */
export interface LpSolver {
  readonly solve: (
    lp: string,
    options?: Readonly<Record<string, string | number | boolean>>,
  ) => {
    readonly Status: string
    readonly ObjectiveValue?: number
    readonly Columns: Readonly<Record<string, { readonly Primal?: number }>>
  }
}

/** Longest search for a proof, seconds. */
const MOST_SECONDS = 8

type Run = CutPlan['boards'][number]

/** A pattern cut once, without what is no longer wanted: that is offcut. `left` is counted down. */
function cutOnce(pattern: CutPattern, { demands, kerfIn }: CutRequest, left: number[]): Run {
  const takes = pattern.takes.map((take, k) => {
    const taken = Math.min(take, item(left, k))
    left[k] = item(left, k) - taken
    return taken
  })
  const pieces = takes.reduce((sum, take) => sum + take, 0)
  const lengthIn = takes.reduce((sum, take, k) => sum + take * item(demands, k).lengthIn, 0)
  const offcutIn = pattern.stockIn - lengthIn - Math.max(0, pieces - 1) * kerfIn
  return { pattern: { ...pattern, takes, offcutIn }, count: 1 }
}

/** The boards of a solution: each pattern as often as it says. Null where the pieces do not come out. */
function boardsOf(patterns: readonly CutPattern[], times: (i: number) => number, request: CutRequest): Run[] | null {
  const left = request.demands.map((demand) => demand.count)
  const runs = patterns.flatMap((pattern, i) => Array.from({ length: times(i) }, () => cutOnce(pattern, request, left)))
  if (left.some((wanting) => wanting > 0)) return null
  return runs.filter((run) => run.pattern.takes.some((take) => take > 0))
}

/** A plan with the sharper of its bounds. */
const bounded = (plan: CutPlan, { lowerBound, priceBound }: Pick<CutPlan, 'lowerBound' | 'priceBound'>): CutPlan => ({
  ...plan,
  lowerBound: Math.max(plan.lowerBound, lowerBound),
  priceBound: Math.max(plan.priceBound, priceBound),
})

/**
 * The cheapest set of boards for a list of pieces, proved: every maximal pattern, solved as whole numbers. Where the
 * patterns are too many, or the solver finds nothing, the first-fit plan stands and says that it is not proved. Null
 * where a piece is longer than every board. What the solver throws is thrown.
 */
export function proveCuts(request: CutRequest, solver: LpSolver): CutPlan | null {
  const { demands, stock, kerfIn } = request
  const fallback = firstFit(demands, stock, kerfIn)
  if (!fallback || demands.length === 0) return fallback
  const { patterns, whole } = cutPatterns(demands, stock, kerfIn)
  // With every pattern listed, the least of the relaxed problems are bounds for any plan, sharper than lengths alone.
  const leastOf = (what: 'parts' | 'count') => {
    const least = whole ? solver.solve(asLp(demands, patterns, what)) : null
    return least?.Status === 'Optimal' ? (least.ObjectiveValue ?? 0) : 0
  }
  const bounds = { lowerBound: Math.ceil(leastOf('count') - NEGLIGIBLE), priceBound: leastOf('parts') }
  const answer = solver.solve(asLp(demands, patterns), { time_limit: MOST_SECONDS, mip_rel_gap: 0 })
  if (answer.Status !== 'Optimal') return bounded(fallback, bounds)
  const list = boardsOf(patterns, (i) => Math.round(answer.Columns[`x${i}`]?.Primal ?? 0), request)
  if (!list) return bounded(fallback, bounds)
  const made = planOf({ list, demands, stock, kerfIn, proved: whole })
  return bounded(made.price <= fallback.price + ROUNDING ? made : fallback, bounds)
}

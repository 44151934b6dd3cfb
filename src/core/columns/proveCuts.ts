import { NEGLIGIBLE, ROUNDING } from '../units'
import { item } from '../result'
import { asLp, cutPatterns, type CutPattern, type CutPlan, firstFit, planOf } from './cutting'
import { generatePatterns } from './generate'
import type { CutRequest, LpSolver } from './request'

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

/** Boards as they are bought, where their ends are taken off before they are cut. */
const withEnds = (plan: CutPlan, spareIn: number): CutPlan => ({
  ...plan,
  offcutIn: plan.offcutIn + spareIn * plan.count,
  boards: plan.boards.map(({ pattern, count }) => ({
    count,
    pattern: { ...pattern, stockIn: pattern.stockIn + spareIn, offcutIn: pattern.offcutIn + spareIn },
  })),
})

/** Every pattern where they can be listed, with what no plan is under; those that are worth cutting where they are too many. */
function patternsFor(request: CutRequest, solver: LpSolver) {
  const { demands, stock, kerfIn } = request
  const listed = cutPatterns(demands, stock, kerfIn)
  if (!listed.whole) return { ...generatePatterns(request, solver), whole: false, lowerBound: 0 }
  const leastOf = (what: 'parts' | 'count') => {
    const least = solver.solve(asLp(demands, listed.patterns, what))
    return least.Status === 'Optimal' ? (least.ObjectiveValue ?? 0) : 0
  }
  return { ...listed, lowerBound: Math.ceil(leastOf('count') - NEGLIGIBLE), priceBound: leastOf('parts') }
}

/** A plan is proved where no plan can be cheaper by a cent. */
const CENT = 0.005

/**
 * The cheapest set of boards for a list of pieces, with a price that no plan is under: every maximal pattern, or those
 * that column generation finds where they are too many, solved as whole numbers. A plan at its bound, or of every
 * pattern solved to the end, is proved. Where the solver finds nothing the first-fit plan stands. Null where a piece is
 * longer than every board. What the solver throws is thrown.
 */
export function proveCuts(request: CutRequest, solver: LpSolver): CutPlan | null {
  const spareIn = request.spareIn ?? 0
  const stock = request.stock.map((board) => ({ ...board, lengthIn: board.lengthIn - spareIn }))
  const plan = provePlan({ ...request, stock }, solver)
  return plan && withEnds(plan, spareIn)
}

function provePlan(request: CutRequest, solver: LpSolver): CutPlan | null {
  const { demands, stock, kerfIn } = request
  const fallback = firstFit(demands, stock, kerfIn)
  if (!fallback || demands.length === 0) return fallback
  const { patterns, whole, lowerBound, priceBound } = patternsFor(request, solver)
  const seconds = whole ? MOST_SECONDS : FEW_SECONDS
  const answer = solver.solve(asLp(demands, patterns), { time_limit: seconds, mip_rel_gap: whole ? 0 : GOOD_GAP })
  const list =
    answer.Status === 'Optimal' || answer.Status === 'Time limit reached'
      ? boardsOf(patterns, (i) => Math.round(answer.Columns[`x${i}`]?.Primal ?? 0), request)
      : null
  const solved = whole && answer.Status === 'Optimal'
  const made = list && planOf({ list, demands, stock, kerfIn, proved: solved })
  const best = bounded(made && made.price <= fallback.price + ROUNDING ? made : fallback, { lowerBound, priceBound })
  return { ...best, proved: best.proved || best.price <= best.priceBound + CENT }
}

/** Where the patterns are not all there, whole numbers are looked for no longer, and no nearer to the best of them. */
const FEW_SECONDS = 1
const GOOD_GAP = 0.002

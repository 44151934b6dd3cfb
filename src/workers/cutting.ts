import { ROUNDING, NEGLIGIBLE } from '@/core/units'
import { asLp, cutPatterns, firstFit, planOf, type CutDemand, type CutPlan, type StockBoard } from '@/core/columns'

export interface CutRequest {
  readonly demands: readonly CutDemand[]
  readonly stock: readonly StockBoard[]
  readonly kerfIn: number
}
type Highs = {
  readonly solve: (
    lp: string,
    options?: Readonly<Record<string, string | number | boolean>>,
  ) => {
    readonly Status: string
    readonly ObjectiveValue?: number
    readonly Columns: Readonly<Record<string, { readonly Primal?: number }>>
  }
}
let solver: Promise<Highs> | null = null

/** Loads the solver once: in a browser its program is fetched from the application itself. */
function highs(): Promise<Highs> {
  solver ??= import('highs').then((value) =>
    (value.default as unknown as (options: { locateFile?: (name: string) => string }) => Promise<Highs>)(
      typeof window === 'undefined' && typeof self !== 'undefined' && 'location' in self
        ? {
            locateFile: (name) =>
              new URL(`/solver/${name}`, (self as unknown as Worker & { location: Location }).location.origin).href,
          }
        : {},
    ),
  )
  // One that did not load is asked for again by the next plan: it must not leave all later ones unproved.
  solver.catch(() => {
    solver = null
  })
  return solver
}

/**
 * The cheapest set of boards for a list of pieces: every maximal pattern, solved as whole numbers by HiGHS. Where the
 * patterns are too many, or no
 * solver answers, the first-fit plan stands and says that it is not proved. Null where a piece is longer than every
 * board.
 */
export async function planCuts(cutRequest: CutRequest): Promise<CutPlan | null> {
  const fallback = firstFit(cutRequest.demands, cutRequest.stock, cutRequest.kerfIn)
  if (!fallback || cutRequest.demands.length === 0) return fallback
  const { patterns, whole } = cutPatterns(cutRequest.demands, cutRequest.stock, cutRequest.kerfIn)
  try {
    const solve = await highs()
    // With every pattern listed, the least of the relaxed problem is a bound for any plan, sharper than lengths alone.
    const least = whole ? solve.solve(asLp(cutRequest.demands, patterns, true)) : null
    const bound = least?.Status === 'Optimal' ? Math.ceil((least.ObjectiveValue ?? 0) - NEGLIGIBLE) : 0
    const answer = solve.solve(asLp(cutRequest.demands, patterns), { time_limit: 8, mip_rel_gap: 0 })
    if (answer.Status !== 'Optimal') return fallback
    // A pattern may cover more than is asked: what is over is offcut.
    const left = cutRequest.demands.map((demand) => demand.count)
    const boards = patterns
      .flatMap((pattern, i) =>
        Array.from({ length: Math.round(answer.Columns[`x${i}`]?.Primal ?? 0) }, () => {
          const takes = pattern.takes.map((take, k) => {
            const boards = Math.min(take, left[k])
            left[k] -= boards
            return boards
          })
          const pieces = takes.flatMap((take, k) => Array.from({ length: take }, () => cutRequest.demands[k].lengthIn))
          return {
            pattern: {
              ...pattern,
              takes,
              offcutIn:
                pattern.stockIn -
                pieces.reduce((sum, piece) => sum + piece, 0) -
                Math.max(0, pieces.length - 1) * cutRequest.kerfIn,
            },
            count: 1,
          }
        }),
      )
      .filter((run) => run.pattern.takes.some((take) => take > 0))
    if (left.some((wanting) => wanting > 0)) return fallback
    const made = planOf({
      list: boards,
      demands: cutRequest.demands,
      stock: cutRequest.stock,
      kerfIn: cutRequest.kerfIn,
      proved: whole,
    })
    const plan = { ...made, lowerBound: Math.max(made.lowerBound, bound) }
    return plan.price <= fallback.price + ROUNDING ? plan : fallback
  } catch {
    return fallback
  }
}

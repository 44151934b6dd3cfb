import { type CutPlan, type CutRequest, firstFit, type LpSolver, proveCuts } from '@/core/columns'

let solver: Promise<LpSolver> | null = null

/** Where the solver's program lies: in a browser it is fetched from the application itself. */
function locations() {
  const inBrowser = typeof window === 'undefined' && typeof self !== 'undefined' && 'location' in self
  if (!inBrowser) return {}
  const { origin } = (self as unknown as Worker & { location: Location }).location
  return { locateFile: (name: string) => new URL(`/solver/${name}`, origin).href }
}

/** Loads the solver once. One that did not load is asked for again by the next plan. */
function highs(): Promise<LpSolver> {
  solver ??= import('highs').then((loaded) =>
    (loaded.default as unknown as (options: { locateFile?: (name: string) => string }) => Promise<LpSolver>)(
      locations(),
    ),
  )
  solver.catch(() => {
    solver = null
  })
  return solver
}

/** The core's proof with a solver at hand; where none answers, the first-fit plan, which says that it is not proved. */
export async function planCuts(request: CutRequest): Promise<CutPlan | null> {
  try {
    return proveCuts(request, await highs())
  } catch {
    return firstFit(request.demands, request.stock, request.kerfIn)
  }
}

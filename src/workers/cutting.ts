import { type CutPlan, type CutRequest, type LpSolver, proveCuts } from '@/core/columns'

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

/** Times that the solver is asked for by one plan, and the pause before it is asked again, ms. */
const TRIES = 3
const PAUSE_MS = 300

/** A solver, or null where none could be loaded. */
async function anySolver(): Promise<LpSolver | null> {
  for (let tries = 1; ; tries++)
    try {
      return await highs()
    } catch {
      if (tries >= TRIES) return null
      await new Promise((resolve) => setTimeout(resolve, PAUSE_MS))
    }
}

/** A plan, and whether there was a solver to prove it. */
export interface CutAnswer extends CutPlan {
  readonly solverAbsent: boolean
}

/** A solver that finds nothing: the plan is then the first that fits. */
const GIVES_UP: LpSolver = { solve: () => ({ Status: 'None', Columns: {} }) }

function proofOf(request: CutRequest, solver: LpSolver | null): CutPlan | null {
  // Without a solver, and where one gives up.
  const simple = () => proveCuts(request, GIVES_UP)
  if (!solver) return simple()
  try {
    return proveCuts(request, solver)
  } catch {
    return simple()
  }
}

/**
 * The core's proof with a solver at hand. Where none could be loaded or it gives up, the first-fit plan, which says so;
 * the next plan asks for the solver again.
 */
export async function planCuts(request: CutRequest): Promise<CutAnswer | null> {
  const solver = await anySolver()
  const plan = proofOf(request, solver)
  return plan && { ...plan, solverAbsent: solver === null }
}

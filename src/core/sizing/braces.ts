import { firstOf } from '../result'
import { IN_PER_FT } from '../units'
import { type Derived, widestSpaceIn } from '../derive'
import { bracesWorst } from './parts'
import { holds } from './sizeParts'
import type { Building, Job } from '../model'
import { stockFor, type Prices } from '../quantities'

const BAYS = [1, 2, 3, 4] as const
const NAILS = [4, 6, 8, 10, 12, 16, 20] as const

/**
 * The cheapest wall braces on the list that hold: size, lumber, braced bays and nails. The job as it is where the walls
 * have no board braces, where they are locked, or where none holds.
 */
export function sizeBraces(job: Job, derived: Derived, prices: Prices, count: { judged: number }): Job {
  const building = job.building
  const { bracing } = building
  if (
    (bracing.walls !== 'x-boards' && bracing.walls !== 'single-boards') ||
    job.sizing.locked.includes('bracing') ||
    !derived.lateral ||
    derived.braces.length === 0
  )
    return job
  const { lateral } = derived
  const each = bracing.walls === 'x-boards' ? 2 : 1
  const most = Math.min(derived.grid.baysIn.length, derived.grid.gableIn.length + 1)
  const gapIn = Math.max(widestSpaceIn(derived.walls), 1)
  const nail = prices.of(bracing.nail.startsWith('ring') ? 'ring-shank nail' : 'common nail')
  const choices = job.sizing.boards
    .flatMap((size) =>
      job.sizing.lumbers.flatMap((lumber) =>
        BAYS.filter((bay) => bay <= most).flatMap((baysPerWall) =>
          NAILS.map((nails) => {
            const change: Building = { ...building, bracing: { ...bracing, size, lumber, baysPerWall, nails } }
            const pieces = derived.braces.length * baysPerWall * each
            return {
              change,
              cost:
                pieces *
                (((stockFor(firstOf(derived.braces).stockIn, 0) ?? firstOf(derived.braces).stockIn) / IN_PER_FT) *
                  prices.board(size, lumber) +
                  2 * nails * nail),
            }
          }),
        ),
      ),
    )
    .sort((one, other) => one.cost - other.cost)
  for (const choice of choices) {
    count.judged++
    const { grid, posts, holes: dug } = derived
    if (holds(bracesWorst({ building: choice.change, grid, lateral, posts, holes: dug, gapIn })))
      return { ...job, building: choice.change }
  }
  return job
}

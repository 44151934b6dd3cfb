import { bracesWorst, type Derived } from '../derive'
import { SIDES, type Building, type Job } from '../model'
import { stockFor, type Prices } from '../quantities'

const BAYS = [1, 2, 3, 4] as const
const NAILS = [4, 6, 8, 10, 12, 16, 20] as const

/** The cheapest wall braces on the list that hold: size, lumber, braced bays and nails. The job as it is where the walls have no board braces, where they are locked, or where none holds. */
export function sizeBraces(job: Job, d: Derived, prices: Prices, count: { judged: number }): Job {
  const b = job.building
  const { bracing } = b
  if (
    (bracing.walls !== 'x-boards' && bracing.walls !== 'single-boards') ||
    job.sizing.locked.includes('bracing') ||
    !d.lateral ||
    d.braces.length === 0
  )
    return job
  const { lateral } = d
  const each = bracing.walls === 'x-boards' ? 2 : 1
  const most = Math.min(d.grid.baysIn.length, d.grid.gableIn.length + 1)
  const gapIn = Math.max(...SIDES.map((s) => d.walls[s].widestIn), 1)
  const nail = prices.of(bracing.nail.startsWith('ring') ? 'ring-shank nail' : 'common nail')
  const choices = job.sizing.boards
    .flatMap((size) =>
      job.sizing.lumbers.flatMap((lumber) =>
        BAYS.filter((n) => n <= most).flatMap((baysPerWall) =>
          NAILS.map((nails) => {
            const change: Building = { ...b, bracing: { ...bracing, size, lumber, baysPerWall, nails } }
            const pieces = d.braces.length * baysPerWall * each
            return {
              change,
              cost:
                pieces *
                (((stockFor(d.braces[0].stockIn, 0) ?? d.braces[0].stockIn) / 12) * prices.board(size, lumber) +
                  2 * nails * nail),
            }
          }),
        ),
      ),
    )
    .sort((x, y) => x.cost - y.cost)
  for (const c of choices) {
    count.judged++
    if (bracesWorst(c.change, d.grid, lateral, d.posts, d.holes, gapIn) <= 1 + 1e-9)
      return { ...job, building: c.change }
  }
  return job
}

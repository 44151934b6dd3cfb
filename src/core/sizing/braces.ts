import { deriveJob, judgeJob, type Judged, type Plan, widestSpaceIn } from '../derive'
import type { Building, Job } from '../model'
import type { Prices } from '../quantities'
import { firstOf } from '../result'
import { fails } from '../rules'
import { IN_PER_FT } from '../units'
import { bracesWorst } from './parts'
import { holds } from './sizeParts'

const BAYS = [1, 2, 3, 4] as const
const NAILS = [4, 6, 8, 10, 12, 16, 20] as const

/** What of a judged job its braces are chosen by. */
type BracedOf = Pick<Plan & Judged, 'lateral' | 'grid' | 'posts' | 'holes' | 'walls' | 'braces'>

/** A job with braces of its walls chosen, and what the whole of it costs. */
interface Braced {
  readonly job: Job
  readonly cost: number
}

const withBracing = (job: Job, bracing: Building['bracing']): Job => ({
  ...job,
  building: { ...job.building, bracing },
})

/** What a set of braces costs by itself, $: boards and nails. */
function bracesCost({ bracing }: Building, { braces }: BracedOf, prices: Prices): number {
  const each = bracing.walls === 'x-boards' ? 2 : 1
  const pieces = braces.length * bracing.baysPerWall * each
  const { lengthIn } = firstOf(braces)
  const nail = prices.of(bracing.nail.startsWith('ring') ? 'ring-shank nail' : 'common nail')
  const feet = lengthIn / IN_PER_FT
  return pieces * (feet * prices.board(bracing.size, bracing.lumber) + 2 * bracing.nails * nail)
}

/** The cheapest size, lumber and nails that hold in so many braced bays; null where none does. */
function cheapestIn(job: Job, derived: BracedOf, prices: Prices, count: { judged: number }): Job | null {
  const { lateral, grid, posts, holes } = derived
  if (!lateral) return null
  const gapIn = Math.max(widestSpaceIn(derived.walls), 1)
  const { bracing } = job.building
  const choices = job.sizing.boards
    .flatMap((size) =>
      job.sizing.lumbers.flatMap((lumber) => NAILS.map((nails) => ({ ...bracing, size, lumber, nails }))),
    )
    .map((chosen) => withBracing(job, chosen))
    .map((chosen) => ({ chosen, cost: bracesCost(chosen.building, derived, prices) }))
    .sort((one, other) => one.cost - other.cost)
  for (const { chosen } of choices) {
    count.judged++
    if (holds(bracesWorst({ building: chosen.building, grid, lateral, posts, holes, gapIn }))) return chosen
  }
  return null
}

/** The cheapest braces in so many bays, judged and costed with the whole: the holes they lift grow with them. */
function bracedIn(job: Job, bays: number, prices: Prices, count: { judged: number }): Braced | null {
  const tried = withBracing(job, { ...job.building.bracing, baysPerWall: bays })
  const before = judgeJob(tried)
  const chosen = before.ok ? cheapestIn(tried, before.value, prices, count) : null
  const after = chosen && deriveJob(chosen)
  if (!chosen || !after?.ok) return null
  const failing = after.value.checks.some((check) => check.key.member === 'brace' && fails(check))
  return failing ? null : { job: chosen, cost: after.value.takeoff.totalCost }
}

/**
 * The cheapest wall braces on the list that hold, with the holes that they ask for: size, lumber, braced bays and nails.
 * The job as it is where the walls have no board braces, where they are locked, or where none holds.
 */
export function sizeBraces(job: Job, derived: BracedOf, prices: Prices, count: { judged: number }): Job {
  const { bracing } = job.building
  const boards = bracing.walls === 'x-boards' || bracing.walls === 'single-boards'
  if (!boards || job.sizing.locked.includes('bracing') || !derived.lateral || derived.braces.length === 0) return job
  const most = Math.min(derived.grid.baysIn.length, derived.grid.gableIn.length + 1)
  const [cheapest] = BAYS.filter((bays) => bays <= most)
    .flatMap((bays) => bracedIn(job, bays, prices, count) ?? [])
    .sort((one, other) => one.cost - other.cost)
  return cheapest?.job ?? job
}

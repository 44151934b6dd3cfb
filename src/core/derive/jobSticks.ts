import { plannedFootIn } from '../field'
import type { BraceLine, HoleKind } from '../frame'
import type { Grid, PlacedOpening, Post, TrussPlan, WallRows } from '../layout'
import { type Job, type Side, SIDES } from '../model'
import {
  buyingOf,
  deriveSticks,
  type Standing,
  type Sticks,
  type SticksMemory,
  type Structure,
  structureOf,
} from '../sticks'

/** What of a derived job its sticks are made from. */
export interface SticksFrom {
  readonly grid: Grid
  readonly posts: readonly Post[]
  readonly placed: readonly PlacedOpening[]
  readonly trusses: TrussPlan
  readonly walls: Readonly<Record<Side, WallRows>>
  readonly holes: readonly HoleKind[]
  readonly braces: readonly BraceLine[]
  /** Null while the site is not complete, and no wall is known to be sheared. */
  readonly lateral: object | null
}

/** What carries what in a job: the shapes of its columns, beams and lean-to roofs. */
export const jobStructure = ({ building }: Job, { grid, posts, placed, trusses, walls }: SticksFrom): Structure =>
  structureOf({ building, grid, posts, placed, trusses, walls })

/** Every stick of a job as planned; of one whose feet are known better, with `footUpIn`. */
export function jobSticks(
  job: Job,
  derived: SticksFrom,
  {
    structure,
    footUpIn,
    memory,
  }: {
    readonly structure?: Structure
    readonly footUpIn?: Standing['footUpIn']
    readonly memory?: SticksMemory
  } = {},
): Sticks {
  const { building } = job
  const { grid, posts, placed, trusses, walls, holes, braces, lateral } = derived
  const of = { building, grid, posts, placed, trusses, walls, buying: buyingOf(job) }
  return deriveSticks(
    of,
    structure ?? jobStructure(job, derived),
    {
      footUpIn: footUpIn ?? ((post) => -plannedFootIn(job, holes, post.kind)),
      bracedSides: lateral === null ? SIDES : braces.map(({ side }) => side),
    },
    memory,
  )
}

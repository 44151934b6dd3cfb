import {
  type BraceLine,
  type HoleKind,
  shearStrips,
  type SiteResults,
  type SolvedFrame,
  stripsBetween,
  wallShearLb,
} from '../frame'
import { type Grid, isEave, named, type Post } from '../layout'
import { type Building, type Job, type Side, SIDES } from '../model'
import { entryOf } from '../result'
import { type Check, checksOf, RULES } from '../rules'
import type { HeldStrip, StripEnd } from '../rules/wall/holdDown'
import { type BraceCase, heldAtFeet } from '../rules/brace/case'

/** The posts that stand in a wall of this side, by kind. */
const kindsOnWall = (side: Side): readonly string[] => (isEave(side) ? ['eave', 'corner'] : ['gable', 'corner'])

/** What the braces of each line are judged with. */
export const braceCases = (
  building: Building,
  lines: readonly BraceLine[],
  holes: readonly HoleKind[],
  gapIn: number,
): BraceCase[] => lines.map((brace) => ({ building, brace, gapIn, held: heldAtFeet(holes, kindsOnWall(brace.side)) }))

/** What walls without braces are judged with. */
interface WallsOf {
  readonly building: Building
  readonly grid: Grid
  readonly posts: readonly Post[]
  readonly frame: SolvedFrame
}

/** The strips of one wall, with what lifts and holds the posts at their ends. */
function heldStrips(of: WallsOf, side: Side): HeldStrip[] {
  const { holes, demands } = of.frame
  const endOf = (post: Post): StripEnd => {
    const hole = holes.find(({ postIds }) => postIds.includes(post.id))
    const { upliftLb } = entryOf(demands, post.id)
    return { post: named(post), upliftLb, holdsLb: hole?.uplift.capacityLb ?? 0 }
  }
  return stripsBetween(of, side).map(({ strip, ends }) => ({ strip, ends: ends.map(endOf) }))
}

/** Walls without braces in their own plane, and the posts at the ends of their strips. */
function judgeWallShear(of: WallsOf, shear: Readonly<Record<Side, number>>, braced: ReadonlySet<Side>) {
  const { building, grid } = of
  return SIDES.filter((side) => shear[side] > 0 && !braced.has(side)).flatMap((side) => {
    const strips = shearStrips(building, grid, side)
    const wall = { place: side, shearLb: shear[side], heightIn: building.heelIn, building }
    return [
      ...checksOf(RULES.wall, { ...wall, strips }),
      ...checksOf(RULES.wallEnds, { ...wall, strips: heldStrips(of, side) }),
    ]
  })
}

/** Roof diaphragm, end and eave walls, chords, braces, knee braces, skirt, lamination and what they rest on. */
export function judgeBracing({
  job,
  grid,
  posts,
  frame,
  lines,
  results,
  gapIn,
}: {
  readonly job: Job
  readonly grid: Grid
  readonly posts: readonly Post[]
  readonly frame: SolvedFrame
  readonly lines: readonly BraceLine[]
  readonly results: SiteResults
  readonly gapIn: number
}): Check[] {
  const { building } = job
  const { lateral, holes } = frame
  const shear = wallShearLb(lateral)
  const braced = new Set(lines.map((line) => line.side))
  return [
    ...checksOf(RULES.roof, {
      highSeismic: job.site.highSeismic,
      building,
      grid,
      lateral,
      endWallLb: shear.west,
    }),
    ...judgeWallShear({ building, grid, posts, frame }, shear, braced),
    ...braceCases(building, lines, holes, gapIn).flatMap((brace) => checksOf(RULES.brace, brace)),
    ...checksOf(RULES.whole, { building, lateral, bayIn: Math.max(...grid.baysIn), gapIn, results }),
  ]
}

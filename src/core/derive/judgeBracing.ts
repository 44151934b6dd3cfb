import { type BraceLine, type HoleKind, type SiteResults, shearLengthFt, type SolvedFrame, wallShearLb } from '../frame'
import { type Grid, isEave } from '../layout'
import { type Building, type Job, type Side, SIDES } from '../model'
import { type Check, checksOf, RULES } from '../rules'
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

/** Walls without braces in their own plane. */
function judgeWallShear(
  building: Building,
  grid: Grid,
  shear: Readonly<Record<Side, number>>,
  braced: ReadonlySet<Side>,
) {
  return SIDES.filter((side) => shear[side] > 0 && !braced.has(side)).flatMap((side) =>
    checksOf(RULES.wall, {
      place: side,
      shearLb: shear[side],
      feet: shearLengthFt(building, grid, side),
      heightIn: building.heelIn,
      building,
    }),
  )
}

/** Roof diaphragm, end and eave walls, chords, braces, knee braces, skirt, lamination and what they rest on. */
export function judgeBracing({
  job,
  grid,
  frame,
  lines,
  results,
  gapIn,
}: {
  readonly job: Job
  readonly grid: Grid
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
    ...judgeWallShear(building, grid, shear, braced),
    ...braceCases(building, lines, holes, gapIn).flatMap((brace) => checksOf(RULES.brace, brace)),
    ...checksOf(RULES.whole, { building, lateral, bayIn: Math.max(...grid.baysIn), gapIn, results }),
  ]
}

import type { SiteResults } from '../frame'
import { onWall } from '../layout'
import { type Job, type Side, SIDES } from '../model'
import { type Check, checksOf, RULES } from '../rules'
import { girtCases, widestGapIn } from '../rules/girt/board'
import type { PlannedJob, PlannedWall } from './plan'

/** A wall with its girts judged: the widest space at which they hold, inches, and their worst ratio. */
export interface WallResult extends PlannedWall {
  readonly widestHoldsIn: number | null
  readonly worstRatio: number | null
}

/** The worst ratio of some checks; null where one cannot stand or was not checked. */
const worstRatioOf = (checks: readonly Check[]): number | null =>
  checks.reduce<number | null>((most, { ratio }) => (most === null || ratio === null ? null : Math.max(most, ratio)), 0)

/** Girts of one wall against the wind on it. */
function judgeWall(job: Job, plan: PlannedJob, results: SiteResults, side: Side) {
  const wall = plan.plannedWalls[side]
  if (job.building.openSides.includes(side)) return { checks: [], wall: { ...wall, widestHoldsIn: 0, worstRatio: 0 } }
  const building = onWall(job.building, side)
  const cases = girtCases({
    building,
    grid: plan.grid,
    wall,
    pieces: wall.pieces,
    posts: plan.layout.posts,
    edgeFt: results.edgeZoneFt,
  })
  const onThisWall = { place: side, building, cases, results }
  const zones = ([4, 5] as const).flatMap((zone) => checksOf(RULES.girtZone, { ...onThisWall, zone }))
  return {
    checks: [...zones, ...checksOf(RULES.girtWall, onThisWall)],
    wall: {
      ...wall,
      widestHoldsIn: cases.length ? widestGapIn(building, results, cases) : 0,
      worstRatio: worstRatioOf(zones),
    },
  }
}

/** Girts of every wall; without a complete site, the walls as planned. */
export function judgeWalls(job: Job, plan: PlannedJob, results: SiteResults | null) {
  const checks: Check[] = []
  const walls = {} as Record<Side, WallResult>
  for (const side of SIDES) {
    const judged = results && judgeWall(job, plan, results, side)
    walls[side] = judged?.wall ?? { ...plan.plannedWalls[side], widestHoldsIn: null, worstRatio: null }
    checks.push(...(judged?.checks ?? []))
  }
  return { walls, checks }
}

/** Widest space between the girts of a building: what holds its posts across the plies and its braces, inches. */
export const widestSpaceIn = (walls: Readonly<Record<Side, { readonly widestIn: number }>>): number =>
  Math.max(...SIDES.map((side) => walls[side].widestIn))

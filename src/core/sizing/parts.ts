import { braceCases, judgeHoles, judgePosts, judgeTrusses } from '../derive'
import {
  beamLoads,
  braceLines,
  type HoleKind,
  type Lateral,
  type RoofLoads,
  siteResults,
  type SiteResults,
  solveFrame,
  trussReactions,
} from '../frame'
import { nailOf } from '../joints'
import {
  endSpaceIn,
  longestSpaceIn,
  girtRows,
  type Grid,
  onWall,
  type PlacedOpening,
  type Post,
  type PostLayout,
  purlinPlaces,
  slopeLengthIn,
  type TrussPlan,
} from '../layout'
import { type Building, type Job, type Side, SIDES } from '../model'
import { cannotStand, type Use, usedOf, worseOf, worstUse } from '../result'
import { type Check, checksOf, type RuleName, ruleOf, RULES } from '../rules'
import { beamMember } from '../rules/beam/member'
import { sway } from '../rules/diaphragm/sway'
import { girtAt, girtCases, pullAtPostLb } from '../rules/girt/board'
import { girtNail } from '../rules/girt/nails'
import { hasPurlins, leanToPurlinMember } from '../rules/leanToPurlin/member'
import { mainPurlinLoads, overhangUpPsf, purlinPullLb } from '../rules/purlin/loads'
import { purlinMember } from '../rules/purlin/member'
import { overhangUse } from '../rules/purlin/overhang'
import { rafterMember } from '../rules/rafter/member'
import { spanWorst } from '../rules/span/member'
import { boardsOf, wallBoards, type WallBoardCut, wallOf } from '../sticks'
import { IN_PER_FT } from '../units'

/** A plan with its loads, for judging parts of it by themselves. */
export interface PartsOf {
  readonly job: Job
  readonly grid: Grid
  readonly layout: PostLayout
  readonly placed: readonly PlacedOpening[]
  readonly trusses: TrussPlan
  readonly results: SiteResults
  readonly reactions: readonly RoofLoads[]
}

/** Gathers what parts are judged with; null while the site is not complete. */
export function partsOf({
  job,
  grid,
  layout,
  placed,
  trusses,
}: {
  job: Job
  grid: Grid
  layout: PostLayout
  placed: readonly PlacedOpening[]
  trusses: TrussPlan
}): PartsOf | null {
  const { results } = siteResults(job, grid)
  return (
    results && {
      job,
      grid,
      layout,
      placed,
      trusses,
      results,
      reactions: trussReactions(job, grid, trusses, results),
    }
  )
}

/** What nails, bolts, blocks and thicker pads remedy: not what a post and its hole are chosen by. */
const REMEDIED_APART: ReadonlySet<RuleName> = new Set<RuleName>([
  'hole/pad',
  'hole/fixing',
  'truss/uplift',
  'truss/block',
  'truss/bolts',
])

/** How much a check uses of what there is; null where it was not made. */
const usedByCheck = ({ ratio, why }: Check): Use | null => (why === undefined ? ratio : cannotStand(why))

/**
 * Posts and holes of one choice of post, with the widest space between girts that hold them: the worst ratio of what
 * only a bigger post or hole can remedy, and the holes it needs.
 */
export function postPart(
  parts: PartsOf,
  job: Job,
  gapIn: number,
): { readonly worst: Use; readonly holes: readonly HoleKind[] } {
  const { building } = job
  const { results, grid, layout, trusses } = parts
  const frame = solveFrame({ job, grid, layout, trusses, results })
  const posts = new Map(layout.posts.map((post) => [post.id, post]))
  const checks = [
    ...judgeHoles(job, frame, posts, results),
    ...judgePosts(job, frame, posts, gapIn).checks,
    ...judgeTrusses(building, trusses, parts.reactions, results),
    // The post and its bays decide how far the eave moves.
    sway({ building, lateral: frame.lateral }),
  ]
  const counted = checks.filter((check) => !REMEDIED_APART.has(ruleOf(check)))
  return { worst: worstUse(counted.flatMap((check) => usedByCheck(check) ?? [])), holes: frame.holes }
}

/** Rows and boards of some walls for one way of setting girts, to be judged with any lumber. */
export interface GirtLayout {
  readonly building: Building
  readonly sides: readonly Side[]
  readonly pieces: Readonly<Partial<Record<Side, readonly WallBoardCut[]>>>
  readonly cases: ReturnType<typeof girtCases>
  readonly lengthsIn: readonly number[]
}

/** Lays girts out on some walls with what `b` says of them. */
export function girtPart(parts: PartsOf, building: Building, sides: readonly Side[]): GirtLayout {
  const pieces: Partial<Record<Side, readonly WallBoardCut[]>> = {}
  const cases: ReturnType<typeof girtCases> = []
  for (const side of sides) {
    const wb = onWall(building, side)
    const rows = girtRows(wb, parts.grid, side, parts.placed)
    const { grid, placed, layout } = parts
    const boards = boardsOf(wb)
    const list = wallBoards(wallOf({ building: wb, grid, boards, side, rows, posts: layout.posts, placed, rooms: [] }))
    pieces[side] = list
    cases.push(
      ...girtCases({
        building: wb,
        grid: parts.grid,
        wall: rows,
        pieces: list,
        posts: parts.layout.posts,
        edgeFt: parts.results.edgeZoneFt,
      }),
    )
  }
  return {
    building,
    sides,
    pieces,
    cases,
    lengthsIn: sides.flatMap((side) => (pieces[side] ?? []).map((piece) => piece.lengthIn)),
  }
}

/** More nails than this at a joint are another way of building. */
const MOST_NAILS = 8

/** Worst use of a girt layout in one lumber, with its nails; null without tabled values. */
export function girtWorst(parts: PartsOf, girtLayout: GirtLayout, lumber: string): Use | null {
  const building = { ...girtLayout.building, girts: { ...girtLayout.building.girts, lumber } }
  const nail = nailOf(building.joints.girt.nail)
  const eachLb = nail ? girtNail(building, nail).eachLb : 0
  let worst: Use = 0
  for (const girtCase of girtLayout.cases) {
    const girt = girtAt(building, parts.results, girtCase, girtCase.spaceIn)
    if (!girt) return null
    const pullLb = pullAtPostLb(girtCase, girt.pressures.outwardPsf)
    worst = worstUse([worst, girt.ratios.worst, usedOf(pullLb, MOST_NAILS * eachLb)])
  }
  return worst
}

/** The worst of several uses; null where one cannot be judged. */
const worstOf = (uses: readonly (Use | null)[]): Use | null =>
  uses.reduce<Use | null>((worst, use) => (worst === null || use === null ? null : worseOf(worst, use)), 0)

/** Purlins of the main roof with their ties, as one ratio; null where the wind on the roof is not covered. */
function mainPurlinsWorst(parts: PartsOf, building: Building): Use | null {
  const spanIn = longestSpaceIn(parts.trusses)
  const loads = mainPurlinLoads(building, parts.results, spanIn, ['1', '2e', '2n', '2r', '3e', '3r'])
  if (!loads) return null
  const worst = worstOf([
    spanWorst(purlinMember(building, spanIn, loads)),
    overhangUse({ building, loads, upPsf: overhangUpPsf(building, parts.results, 'gable') }),
  ])
  const tieLb = building.joints.purlinTieLb
  if (tieLb === null) return worst
  const pullLb = purlinPullLb(building, parts.results, { loads, spanIn, endSpanIn: endSpaceIn(parts.trusses) })
  return worstOf([worst, usedOf(Math.max(0, pullLb), tieLb)])
}

/**
 * Worst ratio of the purlins of a building on the main roof and on its lean-tos, strength and sag; null where it cannot
 * be judged.
 */
export function purlinWorst(parts: PartsOf, building: Building): Use | null {
  const { results, grid } = parts
  const leanTos = results.leanTos.flatMap((lean) => {
    const spaceIn = lean.leanTo.rafter.spaceIn ?? Math.max(...grid.baysIn)
    return hasPurlins({ spaceIn }) ? [spanWorst(leanToPurlinMember({ building, lean, results, spaceIn }))] : []
  })
  return worstOf([mainPurlinsWorst(parts, building), ...leanTos])
}

/** Boards of purlins, inches: rows by length, and the blocks between the rows where they are blocked. */
export function purlinLengthIn(parts: PartsOf, building: Building): number {
  const { spaceIn, blocked, style } = building.roof.purlins
  const rows = purlinPlaces(slopeLengthIn(building, parts.grid), spaceIn).length
  const blocks = blocked && style !== 'flat' ? (rows - 1) * (parts.trusses.trusses.length - 1) : 0
  return 2 * (rows * (parts.grid.lengthIn + 2 * building.gableOverhangIn) + blocks * spaceIn)
}

/** Worst ratio of all carriers or headers of a building; 0 where there are none, null where one cannot be judged. */
export const eaveBeamWorst = (parts: PartsOf, building: Building, kind: 'carrier' | 'header'): Use | null =>
  worstOf(
    beamLoads({ ...parts, building })
      .filter(({ beam }) => beam.kind === kind)
      .map((loads) => spanWorst(beamMember(building, loads))),
  )

/** Worst ratio of the rafters of one lean-to of `b`. */
export function rafterWorst(parts: PartsOf, building: Building, side: Side): Use | null {
  const leanTo = parts.results.leanTos.find((leanTo) => leanTo.leanTo.side === side)
  const own = building.leanTos.find((leanTo) => leanTo.side === side)
  if (!leanTo || !own) return 0
  const tribFt = (own.rafter.spaceIn ?? Math.max(...parts.grid.baysIn)) / IN_PER_FT
  const lean = { ...leanTo, leanTo: own }
  return spanWorst(rafterMember({ building, results: parts.results, lean, tribFt }))
}

/** Walls that have girts. */
export const girtedSides = (building: Building): Side[] => SIDES.filter((side) => !building.openSides.includes(side))

/**
 * Worst ratio of the braces of a building whose frames and holes are known; null where one cannot be checked. What
 * sizing asks for.
 */
export function bracesWorst({
  building,
  grid,
  lateral,
  posts,
  holes,
  gapIn,
}: {
  readonly building: Building
  readonly grid: Grid
  readonly lateral: Lateral
  readonly posts: readonly Post[]
  readonly holes: readonly HoleKind[]
  readonly gapIn: number
}): Use | null {
  const lines = braceLines(building, grid, lateral, posts)
  const checks = braceCases(building, lines, holes, gapIn).flatMap((brace) => checksOf(RULES.brace, brace))
  return worstOf(checks.map(usedByCheck))
}

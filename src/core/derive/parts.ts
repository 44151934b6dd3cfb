import { item } from '../result'
import { IN_PER_FT, ROUNDING, radians, IN2_PER_FT2 } from '../units'
import { nailOf, nailStrength } from '../joints'
import {
  type GirtPiece,
  girtPieces,
  girtRows,
  type Grid,
  onWall,
  type PlacedOpening,
  type PostLayout,
  purlinPlaces,
  type TrussPlan,
} from '../layout'
import { roofLivePsf, WIND_ASD, DEAD_AGAINST_WIND } from '../loads'
import { type Building, type Job, type Side, SIDES } from '../model'
import { postSize, specificGravity, DURATION } from '../wood'
import { beamMember } from './beams'
import { columnChecks } from './columns'
import { columnBasis } from '../rules/post/basis'
import { postDemands, type RoofLoads, trussReactions } from '../frame/demands'
import { swayCheck } from './diaphragmChecks'
import { lateralOf } from '../frame/lateral'
import { type HoleKind, sizeHoles } from '../frame/holes'
import { holeChecks } from './postChecks'
import { purlinMember } from './purlinMember'
import { mainPurlinLoads } from './purlins'
import { rafterMember } from './rafters'
import { siteResults, type SiteResults } from '../frame/siteResults'
import { spanWorst } from './spanCheck'
import { trussChecks } from './trussChecks'
import { girtAt, girtCases } from './wallChecks'

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

const IGNORED = /^(pad|collar-fix|truss-uplift|truss-block|truss-bolts)-?/
/**
 * Posts and holes of one choice of post: the worst ratio of what only a bigger post or hole can cure, and the holes it
 * needs. NaN where something cannot be checked.
 */
export function postPart(
  parts: PartsOf,
  job: Job,
): { readonly worst: number; readonly holes: readonly HoleKind[]; readonly unchecked: number } {
  const building = job.building
  const demands = postDemands({
    job,
    grid: parts.grid,
    layout: parts.layout,
    plan: parts.trusses,
    reactions: parts.reactions,
    results: parts.results,
  })
  const first = lateralOf({ job, grid: parts.grid, layout: parts.layout, demands, results: parts.results })
  let lateral = first
  let holes = sizeHoles({ job, posts: parts.layout.posts, demands, laterals: [first], results: parts.results })
  if (building.school !== 'pier' && building.slab === 'none' && building.base.model === 'fixed') {
    lateral = lateralOf({
      job,
      grid: parts.grid,
      layout: parts.layout,
      demands,
      results: parts.results,
      fixityFt: Math.max(...holes.map((hole) => hole.embedIn)) / 36,
    })
    holes = sizeHoles({ job, posts: parts.layout.posts, demands, laterals: [first, lateral], results: parts.results })
  }
  const byId = new Map(parts.layout.posts.map((post) => [post.id, post]))
  const basis = columnBasis(building, lateral, building.girts.maxGapIn)
  const checks = holes
    .flatMap((hole) => [
      ...holeChecks({ job, hole, posts: byId, demands, lateral: first, results: parts.results }),
      ...columnChecks({ job, hole, posts: byId, demands, lateral, basis, ratios: {} }),
    ])
    .concat(trussChecks(job, parts.trusses, parts.reactions, parts.results))
  // The post and its bays decide how far the eave moves.
  const counted = [...checks, swayCheck(building, lateral)].filter(
    (check) => !IGNORED.test(check.id) && check.state !== 'not-checked',
  )
  return {
    worst: counted.reduce((most, check) => Math.max(most, check.ratio), 0),
    holes,
    unchecked: checks.filter((check) => check.state === 'not-checked').length,
  }
}

/** Rows and boards of some walls for one way of setting girts, to be judged with any lumber. */
export interface GirtLayout {
  readonly building: Building
  readonly sides: readonly Side[]
  readonly pieces: Readonly<Partial<Record<Side, readonly GirtPiece[]>>>
  readonly cases: ReturnType<typeof girtCases>
  readonly lengthsIn: readonly number[]
}

/** Lays girts out on some walls with what `b` says of them. */
export function girtPart(parts: PartsOf, building: Building, sides: readonly Side[]): GirtLayout {
  const pieces: Partial<Record<Side, readonly GirtPiece[]>> = {}
  const cases: ReturnType<typeof girtCases> = []
  for (const side of sides) {
    const wb = onWall(building, side)
    const rows = girtRows(wb, parts.grid, side, parts.placed)
    const list = girtPieces(wb, rows, parts.layout.posts)
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

/** Worst ratio of a girt layout in one lumber, with its nails; NaN without tabled values. */
export function girtWorst(parts: PartsOf, girtLayout: GirtLayout, lumber: string): number {
  const building = { ...girtLayout.building, girts: { ...girtLayout.building.girts, lumber } }
  const nail = nailOf(building.joints.girt.nail)
  const hold = nail
    ? nailStrength({
        nail,
        sideIn: 1.5,
        mainIn: postSize(building.post).depthIn,
        gMain: specificGravity(building.post.lumber, building.grades),
        gSide: specificGravity(lumber, building.grades),
        duration: DURATION.wind,
        wet: building.joints.wetPosts,
        endGrain: building.girts.style === 'between',
      })
    : null
  const holdOfOne = () => {
    if (!hold) return 0
    if (building.girts.style === 'between') return hold.lateralLb
    return hold.pullLb
  }
  const each = holdOfOne()
  let worst = 0
  for (const girtCase of girtLayout.cases) {
    const girt = girtAt(building, parts.results, girtCase, girtCase.spaceIn)
    if (!girt) return NaN
    const pull =
      ((WIND_ASD * Math.abs(girt.outwardPsf) * girtCase.spaceIn) / IN_PER_FT) *
      (girtCase.spanIn / IN_PER_FT) *
      (girtCase.spans === 2 ? 1.25 : 0.5)
    // Up to eight nails at a joint: more than that is another way of building.
    worst = Math.max(worst, girt.ratios.worst, pull / Math.max(8 * each, ROUNDING))
  }
  return worst
}

/**
 * Worst ratio of the purlins of `b` on the main roof and on its lean-tos, strength and sag; NaN where it cannot be
 * judged.
 */
export function purlinWorst(parts: PartsOf, building: Building): number {
  const span = parts.trusses.trusses
    .slice(1)
    .reduce((most, truss, i) => Math.max(most, truss.xIn - item(parts.trusses.trusses, i).xIn), 0)
  const loads = mainPurlinLoads(building, parts.results, span, ['1', '2e', '2n', '2r', '3e', '3r'])
  if (!loads) return NaN
  const main = spanWorst(
    purlinMember({ building, id: '', title: '', group: 'purlin', spanIn: span, purlinLoads: loads, fix: '' }),
  )
  let worst = Math.max(main.strength, main.sag)
  const cos = Math.cos(radians(loads.thetaDeg))
  if (building.joints.purlinTieLb !== null)
    worst = Math.max(
      worst,
      ((WIND_ASD * Math.max(...loads.zones.map((zone) => Math.abs(zone.upPsf))) -
        DEAD_AGAINST_WIND * loads.leastPsf * cos) *
        building.roof.purlins.spaceIn *
        span) /
        IN2_PER_FT2 /
        building.joints.purlinTieLb,
    )
  for (const leanTo of parts.results.leanTos) {
    const space = leanTo.leanTo.rafter.spaceIn ?? Math.max(...parts.grid.baysIn)
    if (space <= 30) continue
    const snow = leanTo.snow.reduce((most, low) => Math.max(most, low.uniformPsf + low.peakPsf), 0)
    const cn = building.skin.openRoofCn
    const wind = cn === null ? leanTo.wind.downPsf : parts.results.claddingQhPsf * 0.85 * cn
    const worstOf = spanWorst(
      purlinMember({
        building,
        id: '',
        title: '',
        group: 'lean-to',
        spanIn: space,
        purlinLoads: {
          thetaDeg: leanTo.thetaDeg,
          deadPsf: parts.results.dead.slopePsf,
          leastPsf: loads.leastPsf,
          snowPsf: snow,
          livePsf: roofLivePsf((space * building.roof.purlins.spaceIn) / IN2_PER_FT2, leanTo.leanTo.pitchPer12),
          windInPsf: wind,
          zones: cn === null ? [] : [{ zone: 'open roof', upPsf: wind }],
        },
        fix: '',
      }),
    )
    worst = Math.max(worst, worstOf.strength, worstOf.sag)
  }
  return worst
}

/** Board feet of purlins, inches: rows by length. */
export function purlinLengthIn(parts: PartsOf, building: Building): number {
  const rows = 2 * purlinPlaces(building, parts.grid).length
  return rows * (parts.grid.lengthIn + 2 * building.gableOverhangIn)
}

/** Worst ratio of all carriers or headers of `b`; 0 where there are none. */
export function eaveBeamWorst(parts: PartsOf, building: Building, kind: 'carrier' | 'header'): number {
  return parts.trusses.beams
    .filter((beam) => beam.kind === kind && beam.trusses.length > 0)
    .reduce((most, beam) => {
      const worst = spanWorst(beamMember(building, beam, parts.reactions))
      return Math.max(most, worst.strength, worst.sag)
    }, 0)
}

/** Worst ratio of the rafters of one lean-to of `b`. */
export function rafterWorst(parts: PartsOf, building: Building, side: Side): number {
  const leanTo = parts.results.leanTos.find((leanTo) => leanTo.leanTo.side === side)
  const own = building.leanTos.find((leanTo) => leanTo.side === side)
  if (!leanTo || !own) return 0
  const worst = spanWorst(
    rafterMember({
      building,
      results: parts.results,
      lean: { ...leanTo, leanTo: own },
      name: '',
      tribFt: (own.rafter.spaceIn ?? Math.max(...parts.grid.baysIn)) / IN_PER_FT,
    }),
  )
  return Math.max(worst.strength, worst.sag)
}

/** Walls that have girts. */
export const girtedSides = (building: Building): Side[] => SIDES.filter((side) => !building.openSides.includes(side))

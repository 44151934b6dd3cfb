import { IN_PER_FT, ROUNDING } from '../units'
import { alongWall, type Grid, isEave, type Post, type PostLayout, tributariesIn, type TrussPlan } from '../layout'
import { effectiveAreaFt2, roofAlongPsf, roofLivePsf, wallPressures, WIND_ASD, DEAD_AGAINST_WIND } from '../loads'
import { type Building, SIDES, type Job, type LeanTo, type Side } from '../model'
import { item } from '../result'
import { postSize, weightPlf } from '../wood'
import { doorWeightsLb } from './doors'
import { leanToFeet, type LeanToFeet } from './leanToFeet'
import type { SiteResults } from './siteResults'

export type GravityCase = 'D+S' | 'D+Lr' | 'D+0.75S+0.45W' | 'D+0.6W'
/**
 * Roof loads at one point of the eave, lb: dead, least dead, snow, roof live, wind down and wind up at strength level.
 */
export interface RoofLoads {
  readonly roofFt2: number
  readonly deadLb: number
  readonly deadMinLb: number
  readonly snowLb: number
  readonly liveLb: number
  readonly windDownLb: number
  readonly windUpLb: number
}

/**
 * What one post takes: areas, vertical loads at its top by kind (lb, strength-level wind), and the width of wall whose
 * wind it holds.
 */
export interface PostDemand extends RoofLoads {
  readonly eaveFt: number
  readonly wallFt: number
  readonly wallSide: Side
  /** Width of the eave wall and of the gable wall that the post holds, ft; 0 where it holds none. */
  readonly eaveWallFt: number
  readonly gableWallFt: number
  /** Largest service gravity load at the top and the combination that gives it. */
  readonly gravityLb: number
  readonly gravityCase: GravityCase
  /** Net uplift 0.6D + 0.6W at the top, lb; negative when dead load holds it down. */
  readonly upliftLb: number
  /** Service cladding wind on the post by itself, pounds per foot of height; 0 where it stands in no wall. */
  readonly claddingPlf: number
  /** Roof of a lean-to that hangs on the side or face of the post, beside its middle; null without one. */
  readonly hanging: RoofLoads | null
  /** What wind in the plane of a wall pulls and presses the post with, lb in service. */
  readonly wallPushLb: number
  readonly postWeightPlf: number
}

const NONE: RoofLoads = { roofFt2: 0, deadLb: 0, deadMinLb: 0, snowLb: 0, liveLb: 0, windDownLb: 0, windUpLb: 0 }
/** A weight that hangs there always, and that nothing counts on against uplift. */
export const deadAlone = (deadLb: number): RoofLoads => ({ ...NONE, deadLb })

const sum = (loads: RoofLoads, roofLoads: RoofLoads, factor: number): RoofLoads => ({
  roofFt2: loads.roofFt2 + roofLoads.roofFt2 * factor,
  deadLb: loads.deadLb + roofLoads.deadLb * factor,
  deadMinLb: loads.deadMinLb + roofLoads.deadMinLb * factor,
  snowLb: loads.snowLb + roofLoads.snowLb * factor,
  liveLb: loads.liveLb + roofLoads.liveLb * factor,
  windDownLb: loads.windDownLb + roofLoads.windDownLb * factor,
  windUpLb: loads.windUpLb + roofLoads.windUpLb * factor,
})

/**
 * Largest service gravity of a set of roof loads and its combination; `wallPushLb` what wind in the plane of a wall
 * presses down with besides, in service.
 */
export function gravityOf(
  loads: RoofLoads,
  wallPushLb = 0,
): { readonly gravityLb: number; readonly gravityCase: GravityCase } {
  const { deadLb, windDownLb } = loads
  const sums: readonly (readonly [GravityCase, number])[] = [
    ['D+S', deadLb + loads.snowLb],
    ['D+Lr', deadLb + loads.liveLb],
    [
      'D+0.75S+0.45W',
      deadLb + 0.75 * Math.max(loads.snowLb, loads.liveLb) + 0.75 * (WIND_ASD * windDownLb + wallPushLb),
    ],
    ['D+0.6W', deadLb + WIND_ASD * windDownLb + wallPushLb],
  ]
  const [gravityCase, gravityLb] = sums.reduce((most, each) => (each[1] > most[1] ? each : most))
  return { gravityLb, gravityCase }
}

/** Net service uplift of a set of roof loads, lb: 0.6W − 0.6D, ASCE 7-16 2.4.1 (7). */
export const upliftOf = (loads: RoofLoads): number => WIND_ASD * loads.windUpLb - DEAD_AGAINST_WIND * loads.deadMinLb

/** Pressure coefficient on the underside of overhangs (ASCE 7-16 27.3.3). */
const SOFFIT_CP = 0.8

/** What the wind under the overhangs lifts one end of a truss by, lb at strength level; an open roof's own CN holds it. */
const soffitUpLb = (
  { openRoof, wind }: Pick<SiteResults, 'openRoof' | 'wind'>,
  { eaveFt2, gableFt2 }: { readonly eaveFt2: number; readonly gableFt2: number },
): number => (openRoof ? 0 : SOFFIT_CP * wind.gust * wind.qhPsf * (eaveFt2 + gableFt2))

/**
 * Reaction of each truss at one eave, by truss order, lb. A truss drawing's own reactions replace the computed gravity
 * and uplift.
 */
export function trussReactions(job: Job, grid: Grid, plan: TrussPlan, results: SiteResults): RoofLoads[] {
  const building = job.building
  const halfFt = grid.widthIn / 2 / IN_PER_FT + building.eaveOverhangIn / IN_PER_FT
  const lengthFt = grid.lengthIn / IN_PER_FT
  const typed = building.roof.truss.reaction
  return plan.trusses.map((truss): RoofLoads => {
    const tribFt = truss.tributaryIn / IN_PER_FT
    const roofFt2 = tribFt * halfFt
    const near = truss.end
      ? 0
      : Math.max(0, Math.min(truss.xIn / IN_PER_FT, lengthFt - truss.xIn / IN_PER_FT) - tribFt / 2)
    const soffitLb = soffitUpLb(results, {
      eaveFt2: (tribFt * building.eaveOverhangIn) / IN_PER_FT,
      gableFt2: truss.end ? ((building.gableOverhangIn / IN_PER_FT) * grid.widthIn) / 2 / IN_PER_FT : 0,
    })
    const upPsf = results.openRoof
      ? -results.openRoof.upPsf
      : results.wind.internalPsf -
        Math.min(results.wind.roofWindwardAPsf, results.wind.roofLeewardPsf, roofAlongPsf(results.wind, near))
    const downPsf = results.openRoof
      ? results.openRoof.downPsf
      : Math.max(0, results.wind.roofWindwardBPsf + results.wind.internalPsf)
    const deadLb = results.dead.maxPsf * roofFt2
    const deadMinLb = results.dead.minPsf * roofFt2
    if (typed)
      return {
        roofFt2,
        deadLb,
        deadMinLb,
        snowLb: Math.max(0, typed.gravityLb - deadLb),
        liveLb: 0,
        windDownLb: downPsf * roofFt2,
        windUpLb: (typed.upliftLb + DEAD_AGAINST_WIND * deadMinLb) / WIND_ASD,
      }
    return {
      roofFt2,
      deadLb,
      deadMinLb,
      snowLb: results.eaveSnowPlf * tribFt,
      liveLb: roofLivePsf(roofFt2, building.pitchPer12) * roofFt2,
      windDownLb: downPsf * roofFt2,
      windUpLb: Math.max(0, upPsf) * roofFt2 + soffitLb,
    }
  })
}

/** Roof loads that a lean-to brings to its wall or to its outer line over `eaveFt` of its length. */
export function leanToRoofLoads({
  results,
  leanTo,
  overhangFt,
  eaveFt,
  at,
}: {
  results: SiteResults
  leanTo: LeanTo
  overhangFt: number
  eaveFt: number
  at: 'wall' | 'outer'
}): RoofLoads {
  const loads = results.leanTos.find((lean) => lean.leanTo === leanTo)
  if (!loads) return NONE
  const depth = leanTo.depthIn / IN_PER_FT
  const roofFt2 = eaveFt * (depth / 2 + (at === 'outer' ? overhangFt : 0))
  const live = roofLivePsf(roofFt2, leanTo.pitchPer12)
  return {
    roofFt2,
    deadLb: results.dead.maxPsf * roofFt2,
    deadMinLb: results.dead.minPsf * roofFt2,
    snowLb: (at === 'wall' ? loads.wallPlf : loads.outerPlf) * eaveFt,
    liveLb: live * roofFt2,
    windDownLb: loads.wind.downPsf * roofFt2,
    windUpLb: -loads.wind.upPsf * roofFt2,
  }
}

/** What a post's demands are worked out from; the same for all posts of a building. */
interface DemandsOf {
  readonly building: Building
  readonly grid: Grid
  readonly results: SiteResults
  readonly reactions: readonly RoofLoads[]
  /** Roof that comes down on each post of an eave, with the feet of eave it stands for. */
  readonly onEave: ReadonlyMap<string, { readonly loads: RoofLoads; readonly feet: number }>
  /** Weight of doors that each post carries at the jamb, lb. */
  readonly doorsLb: ReadonlyMap<string, number>
  /** Roof of lean-tos that each post of their walls holds. */
  readonly leanToFeet: ReadonlyMap<string, LeanToFeet>
  /** Width of a wall that a post holds, inches. */
  readonly tributaryIn: (post: Post, side: Side) => number
}

/** Feet of roof along the ridge that a line of posts stands for: half of both bays, the overhang at the ends. */
function lineFt({ building, grid }: DemandsOf, line: number): number {
  const half = (k: number) =>
    k >= 0 && k < grid.baysIn.length ? item(grid.baysIn, k) / 2 / IN_PER_FT : building.gableOverhangIn / IN_PER_FT
  return half(line - 1) + half(line)
}

/** Roof loads of a gable post: the end truss's strip over the width of gable it holds. */
function gableRoof(of: DemandsOf, post: Post, eaveFt: number): RoofLoads {
  const { building, results, reactions } = of
  const roofFt2 = (eaveFt * of.tributaryIn(post, post.side)) / IN_PER_FT
  const end = item(reactions, post.side === 'west' ? 0 : reactions.length - 1)
  const share = (lb: number) => (lb / Math.max(end.roofFt2, ROUNDING)) * roofFt2
  const snowPsf = Math.max(results.snow.psPsf + (results.snow.unbalanced?.surchargePsf ?? 0), results.snow.pmPsf)
  return {
    roofFt2,
    deadLb: results.dead.maxPsf * roofFt2,
    deadMinLb: results.dead.minPsf * roofFt2,
    snowLb: snowPsf * roofFt2,
    liveLb: roofLivePsf(roofFt2, building.pitchPer12) * roofFt2,
    windDownLb: share(end.windDownLb),
    windUpLb: share(end.windUpLb),
  }
}

/** Roof that a post carries, the feet of eave it stands for, and the part of it that hangs on its side or face. */
interface RoofOn {
  readonly loads: RoofLoads
  readonly eaveFt: number
  readonly hanging: RoofLoads | null
}

/** Roof that a post carries, and what of it hangs on it. */
function roofOn(of: DemandsOf, post: Post): RoofOn {
  const { building, grid, results } = of
  const leanTo = building.leanTos.find((each) => each.side === post.side)
  const overhangFt = building.eaveOverhangIn / IN_PER_FT
  if (post.kind === 'lean-to' && post.line !== null && leanTo) {
    const eaveFt = lineFt(of, post.line - 1)
    return { loads: leanToRoofLoads({ results, leanTo, overhangFt, eaveFt, at: 'outer' }), eaveFt, hanging: null }
  }
  if (!isEave(post.side)) {
    const eaveFt = lineFt(of, post.side === 'west' ? 0 : grid.centresIn.length - 1)
    return { loads: gableRoof(of, post, eaveFt), eaveFt, hanging: null }
  }
  const own = of.onEave.get(post.id)
  const loads = own?.loads ?? NONE
  const eaveFt = own?.feet ?? 0
  if (!leanTo) return { loads, eaveFt, hanging: null }
  const { hungFt, byBeamFt } = of.leanToFeet.get(post.id) ?? { hungFt: 0, byBeamFt: 0 }
  const over = (feet: number) => leanToRoofLoads({ results, leanTo, overhangFt, eaveFt: feet, at: 'wall' })
  const hanging = hungFt > 0 ? over(hungFt) : null
  return { loads: sum(sum(loads, hanging ?? NONE, 1), over(byBeamFt), 1), eaveFt, hanging }
}

/** Widths of wall that blow on a post, ft: of its eave, of its gable, and the wider of the two with its side. */
function wallsOn({ building, tributaryIn }: DemandsOf, post: Post, gableSide: Side) {
  const sideFt = (side: Side) => (building.openSides.includes(side) ? 0 : tributaryIn(post, side) / IN_PER_FT)
  const onEave = isEave(post.side)
  const eaveWallFt = onEave && post.kind !== 'lean-to' ? sideFt(post.side) : 0
  if (post.kind === 'corner') {
    const gableWallFt = sideFt(gableSide)
    const [wallFt, wallSide] = gableWallFt > eaveWallFt ? [gableWallFt, gableSide] : [eaveWallFt, post.side]
    return { eaveWallFt, gableWallFt, wallFt, wallSide }
  }
  if (onEave) return { eaveWallFt, gableWallFt: 0, wallFt: eaveWallFt, wallSide: post.side }
  const gableWallFt = sideFt(post.side)
  return { eaveWallFt, gableWallFt, wallFt: gableWallFt, wallSide: post.side }
}

/** Everything that one post must carry. */
function demandOf(of: DemandsOf, post: Post, postWeightPlf: number): PostDemand {
  const { grid, results } = of
  const { loads: roof, eaveFt, hanging } = roofOn(of, post)
  const loads = sum(roof, deadAlone(of.doorsLb.get(post.id) ?? 0), 1)
  const gableSide: Side = post.line === 1 ? 'west' : 'east'
  const { eaveWallFt, gableWallFt, wallFt, wallSide } = wallsOn(of, post, gableSide)
  const nearCorner = (post.kind === 'corner' ? [post.side, gableSide] : [post.side]).some((side) => {
    const at = alongWall(post, side).atIn / IN_PER_FT
    const wall = (isEave(side) ? grid.lengthIn : grid.widthIn) / IN_PER_FT
    return Math.min(at, wall - at) - wallFt / 2 < results.edgeZoneFt
  })
  const own = post.kind === 'corner' ? eaveWallFt : wallFt
  const cladding = wallPressures({
    qhPsf: results.claddingQhPsf,
    areaFt2: effectiveAreaFt2(post.heightIn / IN_PER_FT, Math.max(own, 0.1)),
    zone: nearCorner ? 5 : 4,
    flatRoof: results.flatRoof,
    gcpi: results.wind.gcpi,
  })
  const { roofFt2, deadLb, deadMinLb, snowLb, liveLb, windDownLb, windUpLb } = loads
  const { gravityLb, gravityCase } = gravityOf(loads)
  const claddingPsf = WIND_ASD * Math.max(cladding.inwardPsf, -cladding.outwardPsf)
  // Written out: a spread here costs several times the arithmetic.
  return {
    roofFt2,
    deadLb,
    deadMinLb,
    snowLb,
    liveLb,
    windDownLb,
    windUpLb,
    eaveFt,
    wallFt,
    wallSide,
    eaveWallFt,
    gableWallFt,
    gravityLb,
    gravityCase,
    upliftLb: upliftOf(loads),
    claddingPlf: post.kind === 'lean-to' ? 0 : claddingPsf * own,
    hanging,
    wallPushLb: 0,
    postWeightPlf,
  }
}

/** Roof that the trusses bring down on each post of the eaves. */
function restsOnPosts(plan: TrussPlan, reactions: readonly RoofLoads[]) {
  const onEave = new Map<string, { loads: RoofLoads; feet: number }>()
  for (const rest of [...plan.rests.south, ...plan.rests.north]) {
    const loads = item(reactions, rest.truss.number - 1)
    const give = (id: string, share: number) => {
      const has = onEave.get(id) ?? { loads: NONE, feet: 0 }
      onEave.set(id, {
        loads: sum(has.loads, loads, share),
        feet: has.feet + (rest.truss.tributaryIn / IN_PER_FT) * share,
      })
    }
    if (rest.post) give(rest.post.id, 1)
    else if (rest.between) {
      give(rest.between[0].id, rest.share[0])
      give(rest.between[1].id, rest.share[1])
    }
  }
  return onEave
}

/**
 * Demands of every post, by id. Corner posts hold both their walls; gable posts count the end truss's strip besides the
 * corners (safe).
 */
export function postDemands({
  job,
  grid,
  layout,
  plan,
  reactions,
  results,
}: {
  job: Job
  grid: Grid
  layout: PostLayout
  plan: TrussPlan
  reactions: readonly RoofLoads[]
  results: SiteResults
}): Record<string, PostDemand> {
  const building = job.building
  const widths = Object.fromEntries(SIDES.map((side) => [side, tributariesIn(layout.posts, side, grid)])) as Record<
    Side,
    ReadonlyMap<string, number>
  >
  const of: DemandsOf = {
    building,
    grid,
    results,
    reactions,
    onEave: restsOnPosts(plan, reactions),
    doorsLb: doorWeightsLb(building, grid, layout),
    leanToFeet: new Map(building.leanTos.flatMap((each) => [...leanToFeet(building, grid, layout.posts, each)])),
    tributaryIn: (post, side) => widths[side].get(post.id) ?? 0,
  }
  const weight = weightPlf(building.post.lumber, postSize(building.post).areaIn2, 19, building.grades)
  return Object.fromEntries(layout.posts.map((post) => [post.id, demandOf(of, post, weight)]))
}

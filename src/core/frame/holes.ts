import { firstOf, entryOf } from '../result'
import { PITCH_RUN_IN, IN_PER_FT, ROUNDING, IN2_PER_FT2, NEGLIGIBLE } from '../units'
import {
  bearingWidthIn,
  cleatUpliftLb,
  collarUpliftLb,
  constrainedDepthFt,
  ep486DepthFt,
  padAreaFt2,
  padRatios,
  padWeightLb,
  pierUpliftLb,
  STOCK_DIAMETERS_IN,
  unconstrainedDepthFt,
  type EmbedmentLoad,
} from '../ground'
import { named, type Post, type PostKind, type PostName } from '../layout'
import type { Building, Job } from '../model'
import { holeVolumes, type HoleVolumes } from '../quantities'
import { postSize } from '../wood'
import type { PostDemand } from './demands'
import type { Lateral } from './lateral'
import type { LateralCase } from './lateralCase'
import type { SiteResults } from './siteResults'

/** Deepest hole that is dug without an engineer's word, inches (sanity range, register C34). */
const DEEPEST_IN = 96

/** Sideways need of one post: the wind case that asks for most depth, in both support conditions. */
export interface LateralNeed {
  readonly actions: LateralCase
  readonly load: EmbedmentLoad
  readonly constrained: boolean
  /** Depth of the post below grade that each support condition asks for, ft; null where none is enough. */
  readonly depthFreeFt: number | null
  readonly depthSlabFt: number
  readonly neededFt: number | null
  /** Depth with the fall of the ground added: what is dug from the high side, ft; null where none is enough. */
  readonly slopedFt: number | null
}

/** Hole of one kind of post: one diameter and one depth for all of them, so that a crew digs one size. */
export interface HoleKind {
  readonly kind: PostKind
  readonly postIds: readonly string[]
  readonly diameterIn: number
  /** From the grade line's ground to the bottom of pad or pier. */
  readonly depthIn: number
  /** Gravel under that, and the whole depth that is dug. */
  readonly gravelIn: number
  readonly digIn: number
  /** Bottom of the post below grade; 0 on a bracket. */
  readonly embedIn: number
  readonly volumes: HoleVolumes
  /** Posts that ask for most, each in its way. */
  readonly governing: { readonly lateral: PostName | null; readonly bearing: PostName; readonly uplift: PostName }
  readonly lateral: LateralNeed | null
  readonly bearing: { readonly loadLb: number; readonly padLb: number; readonly capacityLb: number }
  readonly pad: ReturnType<typeof padRatios> | null
  readonly uplift: { readonly demandLb: number; readonly capacityLb: number }
}

/** Ground steeper than 3 across to 1 down needs the setbacks of IBC 1808.7 and is not sized here, inches per foot. */
export const STEEPEST_PER12 = 4

/**
 * Depth that leaves `depthFt` in the ground on the low side: the ground falls over a distance like the depth itself.
 * Null where the ground is too steep or no depth is enough.
 */
const slopedDepthFt = (depthFt: number | null, slopePer12: number): number | null =>
  depthFt === null || slopePer12 > STEEPEST_PER12 ? null : depthFt / (1 - slopePer12 / PITCH_RUN_IN)

/** Whether one depth asks for more than another; that none is enough asks for most. */
const asksMore = (oneFt: number | null, otherFt: number | null): boolean =>
  otherFt !== null && (oneFt === null || oneFt > otherFt)

/**
 * Lateral depths of one post under its worst case. Null where its lateral load is not computed; no need where nothing
 * blows on it.
 */
function lateralNeed(
  job: Job,
  results: SiteResults,
  cases: readonly LateralCase[] | undefined,
  diameterIn: number,
): LateralNeed | null {
  const building = job.building
  if (!cases?.length) return null
  const size = postSize(building.post)
  const pier = building.school === 'pier'
  const bFt = (pier ? diameterIn : bearingWidthIn(size.widthIn)) / IN_PER_FT
  const lateralPsfPerFt = results.soil.lateralPsfPerFt * (job.site.doubleLateral ? 2 : 1)
  const constrained = building.slab === 'tied'
  let worst: LateralNeed | null = null
  for (const lateral of cases) {
    const load: EmbedmentLoad = {
      shearLb: Math.abs(lateral.shearLb),
      momentFtLb: Math.abs(lateral.momentFtLb),
      bFt,
      lateralPsfPerFt,
    }
    if (load.shearLb < NEGLIGIBLE) continue
    const depthSlabFt = Math.max(constrainedDepthFt(load), ep486DepthFt(load, true))
    const byCodeFt = unconstrainedDepthFt(load)
    const depthFreeFt = byCodeFt === null ? null : Math.max(byCodeFt, ep486DepthFt(load, false))
    const neededFt = constrained ? depthSlabFt : depthFreeFt
    if (!worst || asksMore(neededFt, worst.neededFt))
      worst = {
        actions: lateral,
        load,
        constrained,
        depthFreeFt,
        depthSlabFt,
        neededFt,
        slopedFt: slopedDepthFt(neededFt, job.site.groundSlopePer12),
      }
    if (neededFt === null) break
  }
  return worst
}

const up3 = (value: number) => Math.ceil(value / 3 - ROUNDING) * 3

/** What holds one post down at a trial hole, lb. */
function upliftCapacityLb({
  job,
  post,
  demand,
  diameterIn,
  depthIn,
}: {
  job: Job
  post: Post
  demand: PostDemand
  diameterIn: number
  depthIn: number
}): number {
  const building = job.building
  const size = postSize(building.post)
  if (building.school === 'pier') return pierUpliftLb(diameterIn, (depthIn + building.bracketIn) / IN_PER_FT).capacityLb
  const embed = depthIn - building.padThicknessIn
  const postWeightLb = (demand.postWeightPlf * (post.heightIn + embed)) / IN_PER_FT
  if (building.school === 'pad')
    return building.cleat
      ? cleatUpliftLb({
          ...building.cleat,
          topFt: Math.max(0, embed - 1.5) / IN_PER_FT,
          postAreaFt2: size.areaIn2 / IN2_PER_FT2,
          postWeightLb,
          coneDeg: building.coneAngleDeg,
        }).capacityLb
      : 0.6 * postWeightLb
  return collarUpliftLb({
    diameterIn,
    heightIn: Math.min(building.collarHeightIn, embed),
    topFt: Math.max(0, embed - building.collarHeightIn) / IN_PER_FT,
    postAreaFt2: size.areaIn2 / IN2_PER_FT2,
    postWeightLb,
    coneDeg: building.coneAngleDeg,
  }).capacityLb
}

/** Posts of one kind mostly repeat: cases that are alike to the pound are worked through once. */
function distinctCases({ laterals, own }: { readonly laterals: readonly Lateral[]; readonly own: Post[] }) {
  const seen = new Map<number, { post: Post; lateralCase: LateralCase }>()
  for (const lateral of laterals)
    for (const post of own)
      for (const lateralCase of lateral.cases[post.id] ?? [])
        seen.set(Math.round(lateralCase.shearLb) * 1e8 + Math.round(lateralCase.momentFtLb), {
          post,
          lateralCase,
        })
  return seen
}

/** A hole as it is drawn before anything can be sized. */
function unsized({
  kind,
  own,
  plain,
  floor,
  building,
  pier,
  padIn,
}: {
  readonly kind: PostKind
  readonly own: Post[]
  readonly plain: number
  readonly floor: number
  readonly building: Building
  readonly pier: boolean
  readonly padIn: number
}) {
  return {
    kind,
    postIds: own.map((post) => post.id),
    diameterIn: plain,
    depthIn: floor,
    gravelIn: building.gravelIn,
    digIn: floor + building.gravelIn,
    embedIn: pier ? 0 : floor - padIn,
    volumes: holeVolumes(building, plain, floor),
    governing: { lateral: null, bearing: named(firstOf(own)), uplift: named(firstOf(own)) },
    lateral: null,
    bearing: { loadLb: 0, padLb: 0, capacityLb: 0 },
    pad: null,
    uplift: { demandLb: 0, capacityLb: 0 },
  }
}

/** The posts of one kind with what sizes their holes; all lengths in inches. */
interface KindOfHole {
  readonly job: Job
  readonly own: readonly Post[]
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly results: SiteResults
  readonly floorIn: number
  readonly padIn: number
  /** The post that presses most, and the one that is lifted most. */
  readonly heaviest: Post
  readonly lifted: Post
  /** Posts with cases that are alike to the pound, once each. */
  readonly distinct: readonly { readonly post: Post; readonly lateralCase: LateralCase }[]
}

/** The worst need sideways of the posts of a kind; null where some post's sideways load is not known. */
interface WorstNeed {
  readonly post: Post
  readonly need: LateralNeed | null
}

/** What a post presses with in service, its own weight `embedIn` into the ground included, lb. */
function serviceLb(demands: KindOfHole['demands'], post: Post, embedIn: number): number {
  const demand = entryOf(demands, post.id)
  return demand.gravityLb + (demand.postWeightPlf * (post.heightIn + embedIn)) / IN_PER_FT
}

/** The post of a kind that asks for the deepest hole sideways, of one diameter. */
function worstNeed({ job, own, results, distinct }: KindOfHole, diameterIn: number): WorstNeed {
  let worst: WorstNeed = { post: firstOf(own), need: null }
  for (const { post, lateralCase } of distinct) {
    const need = lateralNeed(job, results, [lateralCase], diameterIn)
    if (need && (!worst.need || asksMore(need.neededFt, worst.need.neededFt))) worst = { post, need }
  }
  return worst
}

/** Depth that the need sideways asks for, to the bottom of the concrete. */
function sidewaysDepthIn({ need }: WorstNeed, padIn: number): number {
  if (!need) return 0
  return need.slopedFt === null ? DEEPEST_IN : need.slopedFt * IN_PER_FT + padIn
}

/** One diameter tried: as deep as it must be, and whether it holds. */
function tryDiameter(kind: KindOfHole, diameterIn: number, worst: WorstNeed) {
  const { job, lifted, demands, floorIn, padIn } = kind
  const { building } = job
  const pier = building.school === 'pier'
  const demand = entryOf(demands, lifted.id)
  const holdsDownLb = (depthIn: number) => upliftCapacityLb({ job, post: lifted, demand, diameterIn, depthIn })
  // A pad alone is lifted with its post however deep it lies.
  const canDeepen = building.school !== 'pad' || building.cleat !== null
  let depthIn = Math.max(floorIn, Math.min(up3(sidewaysDepthIn(worst, padIn)), Math.max(DEEPEST_IN, floorIn)))
  while (canDeepen && depthIn < DEEPEST_IN && holdsDownLb(depthIn) < demand.upliftLb)
    depthIn = Math.min(DEEPEST_IN, up3(depthIn + 1))
  const capacityLb = holdsDownLb(depthIn)
  const embedIn = pier ? 0 : depthIn - padIn
  const bearing = {
    loadLb: serviceLb(demands, kind.heaviest, embedIn),
    padLb: padWeightLb(diameterIn, pier ? depthIn + building.bracketIn : padIn),
    capacityLb: kind.results.soil.bearingPsf * padAreaFt2(diameterIn),
  }
  const bears = bearing.loadLb + bearing.padLb <= bearing.capacityLb * (1 + ROUNDING)
  return {
    diameterIn,
    depthIn,
    embedIn,
    worst,
    bearing,
    uplift: { demandLb: demand.upliftLb, capacityLb },
    holds: bears && (capacityLb >= demand.upliftLb || !canDeepen),
    volumes: holeVolumes(building, diameterIn, depthIn),
  }
}

/** The hole of one kind: of the diameters that hold the one with the least to dig; the widest where none holds. */
function sizeKind(kind: KindOfHole, diametersIn: readonly number[], plainIn: number): HoleKind {
  const { building } = kind.job
  const size = postSize(building.post)
  const pier = building.school === 'pier'
  // A pier's own width counts sideways; beside an embedded post its post's does, whatever the hole.
  const shared = pier ? null : worstNeed(kind, plainIn)
  const trials = diametersIn.map((diameterIn) => tryDiameter(kind, diameterIn, shared ?? worstNeed(kind, diameterIn)))
  const good = trials.filter((trial) => trial.holds)
  const best = (good.length > 0 ? good : trials.slice(-1)).reduce((best, each) =>
    each.volumes.holeFt3 < best.volumes.holeFt3 ? each : best,
  )
  return {
    kind: firstOf(kind.own).kind,
    postIds: kind.own.map((post) => post.id),
    diameterIn: best.diameterIn,
    depthIn: best.depthIn,
    gravelIn: building.gravelIn,
    digIn: best.depthIn + building.gravelIn,
    embedIn: best.embedIn,
    volumes: best.volumes,
    governing: {
      lateral: best.worst.need ? named(best.worst.post) : null,
      bearing: named(kind.heaviest),
      uplift: named(kind.lifted),
    },
    lateral: best.worst.need,
    bearing: best.bearing,
    pad: pier
      ? null
      : padRatios({
          loadLb: best.bearing.loadLb,
          diameterIn: best.diameterIn,
          thicknessIn: kind.padIn,
          faceIn: size.widthIn,
          depthIn: size.depthIn,
        }),
    uplift: best.uplift,
  }
}

/** Room around a post in its hole, both sides together, inches. */
const ROOM_IN = 6
/** Width of a hole where no stock width takes the post, inches. */
const WIDE_HOLE_IN = 24

/**
 * Sizes the holes of each kind of post: the least concrete that bears, reaches frost, and holds sideways and up within
 * 8 ft.
 */
export function sizeHoles({
  job,
  posts,
  demands,
  laterals,
  results,
}: {
  readonly job: Job
  readonly posts: readonly Post[]
  readonly demands: Readonly<Record<string, PostDemand>> | null
  readonly laterals: readonly Lateral[]
  readonly results: SiteResults | null
}): HoleKind[] {
  const { building } = job
  const size = postSize(building.post)
  const pier = building.school === 'pier'
  const padIn = pier ? 0 : building.padThicknessIn
  const leastIn = Math.hypot(size.widthIn, size.depthIn) + ROOM_IN
  const stockIn = STOCK_DIAMETERS_IN.filter((sizeIn) => sizeIn >= leastIn)
  const plain = building.holeDiameterIn ?? stockIn[0] ?? WIDE_HOLE_IN
  const diametersIn = building.holeDiameterIn !== null ? [building.holeDiameterIn] : stockIn
  const floor = Math.max(building.minimumDepthIn, job.site.frostIn ?? 0)
  return [...new Set(posts.map((post) => post.kind))].map((kind): HoleKind => {
    const own = posts.filter((post) => post.kind === kind)
    if (!results || !demands) return unsized({ kind, own, plain, floor, building, pier, padIn })
    const most = (loadLb: (post: Post) => number) =>
      own.reduce((best, post) => (loadLb(post) > loadLb(best) ? post : best))
    const known = laterals.length > 0 && own.every((post) => laterals.every((lateral) => lateral.cases[post.id]))
    return sizeKind(
      {
        job,
        own,
        demands,
        results,
        floorIn: floor,
        padIn,
        heaviest: most((post) => serviceLb(demands, post, 0)),
        lifted: most((post) => entryOf(demands, post.id).upliftLb),
        distinct: known ? [...distinctCases({ laterals, own }).values()] : [],
      },
      diametersIn,
      plain,
    )
  })
}

import { collarWeightLb, padAreaFt2, padRatios, padWeightLb, STOCK_DIAMETERS_IN } from '../ground'
import { named, type Post, type PostKind, type PostName } from '../layout'
import type { Building, Job } from '../model'
import { holeVolumes, type HoleVolumes } from '../quantities'
import { entryOf, firstOf, isWorse } from '../result'
import { IN_PER_FT, ROUNDING } from '../units'
import { postSize } from '../wood'
import type { PostDemand } from './demands'
import { distinctlyLifted, isHeld, nearIn, SAME_LB, type Spacing, type Uplift, upliftOfPost } from './holeUplift'
import type { Lateral } from './lateral'
import type { LateralCase } from './lateralCase'
import { asksMore, type LateralNeed, lateralNeed } from './lateralNeed'
import type { SiteResults } from './siteResults'
import { nearestHoleIn } from './spacing'

/** Deepest hole that is dug without an engineer's word, inches (sanity range, register C34). */
const DEEPEST_IN = 96

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
  /** Net uplift of the roof with what wind in the plane of a wall lifts the post by, and what holds it, lb. */
  readonly uplift: {
    readonly demandLb: number
    readonly coupleLb: number
    readonly capacityLb: number
    /** Distance to the next hole, which the soil over the foot is shared with; null where there is none. */
    readonly nearestIn: number | null
  }
}

const up3 = (value: number) => Math.ceil(value / 3 - ROUNDING) * 3

/** Posts of one kind mostly repeat: cases that are alike are worked through once. */
function distinctCases({
  laterals,
  own,
  spacingIn,
}: {
  readonly laterals: readonly Lateral[]
  readonly own: Post[]
  readonly spacingIn: Spacing
}) {
  const seen = new Map<string, { post: Post; lateralCase: LateralCase }>()
  for (const lateral of laterals)
    for (const post of own)
      for (const lateralCase of lateral.cases[post.id] ?? []) {
        const { shearLb, momentFtLb } = lateralCase
        const like = `${Math.round(shearLb / SAME_LB)}|${Math.round(momentFtLb / SAME_LB)}|${nearIn(spacingIn, post)}`
        if (!seen.has(like)) seen.set(like, { post, lateralCase })
      }
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
    uplift: { demandLb: 0, coupleLb: 0, capacityLb: 0, nearestIn: null },
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
  /** The post that presses most. */
  readonly heaviest: Post
  /** Posts that are lifted alike and weigh alike, once each. */
  readonly lifted: readonly Post[]
  readonly spacingIn: Spacing
  /** Posts with cases that are alike, once each. */
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
function worstNeed({ job, own, results, distinct, spacingIn }: KindOfHole, diameterIn: number): WorstNeed {
  let worst: WorstNeed = { post: firstOf(own), need: null }
  for (const { post, lateralCase } of distinct) {
    const need = lateralNeed(job, results, [lateralCase], { diameterIn, nearestIn: spacingIn.get(post.id) })
    if (need && (!worst.need || asksMore(need.neededFt, worst.need.neededFt))) worst = { post, need }
  }
  return worst
}

/** Depth that the need sideways asks for, to the bottom of the concrete. */
function sidewaysDepthIn({ need }: WorstNeed, padIn: number): number {
  if (!need) return 0
  return need.slopedFt === null ? DEEPEST_IN : need.slopedFt * IN_PER_FT + padIn
}

/** Weight of the concrete that bears on the soil under a post, lb: its pad with its collar, or its pier. */
function concreteLb(
  building: Building,
  { diameterIn, depthIn, padIn }: { readonly diameterIn: number; readonly depthIn: number; readonly padIn: number },
): number {
  if (building.school === 'pier') return padWeightLb(diameterIn, depthIn + building.bracketIn)
  const padLb = padWeightLb(diameterIn, padIn)
  if (building.school === 'pad') return padLb
  const heightIn = Math.min(building.collarHeightIn, depthIn - padIn)
  return padLb + collarWeightLb(diameterIn, heightIn, postSize(building.post).areaIn2)
}

/** One diameter tried: as deep as it must be, and whether it holds. */
function tryDiameter(kind: KindOfHole, diameterIn: number, worst: WorstNeed) {
  const { job, lifted, demands, floorIn, padIn } = kind
  const { building } = job
  const pier = building.school === 'pier'
  const upliftAt = (depthIn: number): Uplift =>
    lifted
      .map((post) =>
        upliftOfPost({
          job,
          post,
          demand: entryOf(demands, post.id),
          diameterIn,
          depthIn,
          nearestIn: kind.spacingIn.get(post.id),
        }),
      )
      .reduce((worst, each) => (isWorse(each.use, worst.use) ? each : worst))
  // A pad alone is lifted with its post however deep it lies.
  const canDeepen = building.school !== 'pad' || building.cleat !== null
  let depthIn = Math.max(floorIn, Math.min(up3(sidewaysDepthIn(worst, padIn)), Math.max(DEEPEST_IN, floorIn)))
  while (canDeepen && depthIn < DEEPEST_IN && !isHeld(upliftAt(depthIn)))
    depthIn = Math.min(DEEPEST_IN, up3(depthIn + 1))
  const uplift = upliftAt(depthIn)
  const embedIn = pier ? 0 : depthIn - padIn
  const bearing = {
    loadLb: serviceLb(demands, kind.heaviest, embedIn),
    padLb: concreteLb(building, { diameterIn, depthIn, padIn }),
    capacityLb: kind.results.soil.bearingPsf * padAreaFt2(diameterIn),
  }
  const bears = bearing.loadLb + bearing.padLb <= bearing.capacityLb * (1 + ROUNDING)
  return {
    diameterIn,
    depthIn,
    embedIn,
    worst,
    bearing,
    uplift,
    holds: bears && (isHeld(uplift) || !canDeepen),
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
      uplift: named(best.uplift.post),
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
    uplift: {
      demandLb: best.uplift.demandLb,
      coupleLb: best.uplift.coupleLb,
      capacityLb: best.uplift.capacityLb,
      nearestIn: kind.spacingIn.get(best.uplift.post.id) ?? null,
    },
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
  const spacingIn = nearestHoleIn(posts, building)
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
        lifted: distinctlyLifted(own, demands, spacingIn),
        spacingIn,
        distinct: known ? [...distinctCases({ laterals, own, spacingIn }).values()] : [],
      },
      diametersIn,
      plain,
    )
  })
}

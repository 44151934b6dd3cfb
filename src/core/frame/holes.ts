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
import type { Post, PostKind } from '../layout'
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
  /** Depth of the post below grade that each support condition asks for, ft; NaN where none is enough. */
  readonly depthFreeFt: number
  readonly depthSlabFt: number
  readonly neededFt: number
  /** Depth with the fall of the ground added: what is dug from the high side, ft. */
  readonly slopedFt: number
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
  readonly governing: { readonly lateral: string | null; readonly bearing: string; readonly uplift: string }
  readonly lateral: LateralNeed | null
  readonly bearing: { readonly loadLb: number; readonly padLb: number; readonly capacityLb: number }
  readonly pad: ReturnType<typeof padRatios> | null
  readonly uplift: { readonly demandLb: number; readonly capacityLb: number }
}

/** Ground steeper than 3 across to 1 down needs the setbacks of IBC 1808.7 and is not sized here, inches per foot. */
export const STEEPEST_PER12 = 4

/**
 * Depth that leaves `depthFt` in the ground on the low side: the ground falls over a distance like the depth itself.
 */
const slopedDepthFt = (depthFt: number, slopePer12: number): number =>
  slopePer12 > STEEPEST_PER12 ? NaN : depthFt / (1 - slopePer12 / PITCH_RUN_IN)

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
    const depthFreeFt = Math.max(unconstrainedDepthFt(load), ep486DepthFt(load, false))
    const neededFt = constrained ? depthSlabFt : depthFreeFt
    if (!worst || !(neededFt <= worst.neededFt))
      worst = {
        actions: lateral,
        load,
        constrained,
        depthFreeFt,
        depthSlabFt,
        neededFt,
        slopedFt: slopedDepthFt(neededFt, job.site.groundSlopePer12),
      }
    if (Number.isNaN(neededFt)) break
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
    governing: { lateral: null, bearing: firstOf(own).id, uplift: firstOf(own).id },
    lateral: null,
    bearing: { loadLb: 0, padLb: 0, capacityLb: 0 },
    pad: null,
    uplift: { demandLb: 0, capacityLb: 0 },
  }
}

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
  job: Job
  posts: readonly Post[]
  demands: Readonly<Record<string, PostDemand>> | null
  laterals: readonly Lateral[]
  results: SiteResults | null
}): HoleKind[] {
  const building = job.building
  const size = postSize(building.post)
  const pier = building.school === 'pier'
  const padIn = pier ? 0 : building.padThicknessIn
  const leastHole = Math.hypot(size.widthIn, size.depthIn) + 6
  const kinds = [...new Set(posts.map((post) => post.kind))]
  return kinds.map((kind): HoleKind => {
    const own = posts.filter((post) => post.kind === kind)
    const floor = Math.max(building.minimumDepthIn, job.site.frostIn ?? 0)
    const plain = building.holeDiameterIn ?? STOCK_DIAMETERS_IN.find((sizeIn) => sizeIn >= leastHole) ?? 24
    if (!results || !demands) {
      return unsized({ kind, own, plain, floor, building, pier, padIn })
    }
    const serviceLb = (post: Post, embedIn: number) =>
      entryOf(demands, post.id).gravityLb +
      (entryOf(demands, post.id).postWeightPlf * (post.heightIn + embedIn)) / IN_PER_FT
    const heaviest = own.reduce((best, post) => (serviceLb(post, 0) > serviceLb(best, 0) ? post : best))
    const lifted = own.reduce((best, post) =>
      entryOf(demands, post.id).upliftLb > entryOf(demands, best.id).upliftLb ? post : best,
    )
    const candidates =
      building.holeDiameterIn !== null
        ? [building.holeDiameterIn]
        : STOCK_DIAMETERS_IN.filter((sizeIn) => sizeIn >= leastHole)
    // Posts of one kind mostly repeat: cases that are alike to the pound are worked through once.
    const seen = distinctCases({ laterals, own })
    const missing = laterals.length === 0 || own.some((post) => laterals.some((lateral) => !lateral.cases[post.id]))
    const lateralAt = (diameterIn: number): { readonly post: Post; readonly need: LateralNeed | null } => {
      let worst: { post: Post; need: LateralNeed | null } = { post: firstOf(own), need: null }
      if (missing) return worst
      for (const { post, lateralCase: lateral } of seen.values()) {
        const need = lateralNeed(job, results, [lateral], diameterIn)
        if (need && (!worst.need || !(need.neededFt <= worst.need.neededFt))) worst = { post, need }
      }
      return worst
    }
    const shared = pier ? null : lateralAt(plain)
    const trial = (diameterIn: number) => {
      const worst = shared ?? lateralAt(diameterIn)
      const neededIn = () => {
        if (!worst.need) return 0
        if (Number.isFinite(worst.need.slopedFt)) return worst.need.slopedFt * IN_PER_FT + padIn
        return DEEPEST_IN
      }
      const lateralIn = neededIn()
      let depthIn = Math.max(floor, Math.min(up3(lateralIn), Math.max(DEEPEST_IN, floor)))
      const demandLb = entryOf(demands, lifted.id).upliftLb
      const canDeepen = building.school !== 'pad' || building.cleat !== null
      while (
        canDeepen &&
        depthIn < DEEPEST_IN &&
        upliftCapacityLb({ job, post: lifted, demand: entryOf(demands, lifted.id), diameterIn, depthIn }) < demandLb
      )
        depthIn = Math.min(DEEPEST_IN, up3(depthIn + 1))
      const capacityLb = upliftCapacityLb({
        job,
        post: lifted,
        demand: entryOf(demands, lifted.id),
        diameterIn,
        depthIn,
      })
      const embedIn = pier ? 0 : depthIn - padIn
      const bearing = {
        loadLb: serviceLb(heaviest, embedIn),
        padLb: padWeightLb(diameterIn, pier ? depthIn + building.bracketIn : padIn),
        capacityLb: results.soil.bearingPsf * padAreaFt2(diameterIn),
      }
      const bears = bearing.loadLb + bearing.padLb <= bearing.capacityLb * (1 + ROUNDING)
      return {
        diameterIn,
        depthIn,
        embedIn,
        worst,
        demandLb,
        capacityLb,
        bearing,
        bears,
        holds: bears && (capacityLb >= demandLb || !canDeepen),
        volume: holeVolumes(building, diameterIn, depthIn),
      }
    }
    const trials = candidates.map(trial)
    const good = trials.filter((trial) => trial.holds)
    const best = (good.length ? good : trials.slice(-1)).reduce((best, each) =>
      each.volume.holeFt3 < best.volume.holeFt3 ? each : best,
    )
    return {
      kind,
      postIds: own.map((post) => post.id),
      diameterIn: best.diameterIn,
      depthIn: best.depthIn,
      gravelIn: building.gravelIn,
      digIn: best.depthIn + building.gravelIn,
      embedIn: best.embedIn,
      volumes: best.volume,
      governing: { lateral: best.worst.need ? best.worst.post.id : null, bearing: heaviest.id, uplift: lifted.id },
      lateral: best.worst.need,
      bearing: best.bearing,
      pad: pier
        ? null
        : padRatios({
            loadLb: best.bearing.loadLb,
            diameterIn: best.diameterIn,
            thicknessIn: padIn,
            faceIn: size.widthIn,
            depthIn: size.depthIn,
          }),
      uplift: { demandLb: best.demandLb, capacityLb: best.capacityLb },
    }
  })
}

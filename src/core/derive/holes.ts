import {
  bearingWidthIn, collarUpliftLb, constrainedDepthFt, ep486DepthFt, padAreaFt2, padRatios, padWeightLb, pierUpliftLb, pinnedPost, proppedPost, STOCK_DIAMETERS_IN,
  swayPost, unconstrainedDepthFt, type EmbedmentLoad, type PostActions,
} from '../ground'
import { isEave, type Post, type PostKind } from '../layout'
import type { Job } from '../model'
import { holeVolumes, type HoleVolumes } from '../quantities'
import { boardValues, postSize, timberValues } from '../wood'
import type { PostDemand } from './demands'
import type { SiteResults } from './siteResults'

/** Deepest hole that is dug without an engineer's word, inches (sanity range, register C34). */
export const DEEPEST_IN = 96

export interface LateralNeed {
  readonly actions: PostActions; readonly load: EmbedmentLoad
  readonly constrained: boolean
  /** Depth of the post below grade that each support condition asks for, ft; NaN where none is enough. */
  readonly depthFreeFt: number; readonly depthSlabFt: number; readonly neededFt: number; readonly swayIn: number | null
}

/** Hole of one kind of post: one diameter and one depth for all of them, so that a crew digs one size. */
export interface HoleKind {
  readonly kind: PostKind; readonly postIds: readonly string[]
  readonly diameterIn: number
  /** From the grade line's ground to the bottom of pad or pier. */
  readonly depthIn: number
  /** Bottom of the post below grade; 0 on a bracket. */
  readonly embedIn: number
  readonly volumes: HoleVolumes
  readonly governing: { readonly lateral: string | null; readonly bearing: string; readonly uplift: string }
  readonly lateral: LateralNeed | null
  readonly bearing: { readonly loadLb: number; readonly padLb: number; readonly capacityLb: number }
  readonly pad: ReturnType<typeof padRatios> | null
  readonly uplift: { readonly demandLb: number; readonly capacityLb: number }
}

/** Lateral actions and depths of one post. Null where its lateral load is not computed. */
export function lateralNeed(job: Job, r: SiteResults, p: Post, d: PostDemand, diameterIn: number): LateralNeed | null {
  const b = job.building
  if (d.windPlf === null) return null
  const size = postSize(b.post.section)
  const pier = b.school === 'pier'
  const h = p.heightIn / 12
  const bFt = (pier ? diameterIn : bearingWidthIn(size.widthIn)) / 12
  const lateralPsfPerFt = r.soil.lateralPsfPerFt * (job.site.doubleLateral ? 2 : 1)
  const values = size.solid ? timberValues(b.post.lumber) : boardValues(b.post.lumber, Number(size.nominal))
  const free = b.diaphragm === 'none'
  if (free && (pier || !isEave(p.side) || !values)) return null
  let actions: PostActions
  let swayIn: number | null = null
  if (pier) actions = pinnedPost(d.windPlf, h, b.bracketIn / 12)
  else if (free && values) {
    const psf = (x: number) => 0.6 * x * d.wallFt
    const rise = ((p.side === 'south' || p.side === 'north' ? job.building.widthIn / 24 : 0) * b.pitchPer12) / 12
    const sway = swayPost({
      windwardPlf: psf(r.wind.windwardPsf + r.wind.internalPsf), leewardPlf: Math.max(0, psf(-r.wind.leewardPsf - r.wind.internalPsf)),
      roofLb: Math.max(0, 0.6 * d.wallFt * rise * (r.wind.roofWindwardBPsf - r.wind.roofLeewardPsf)), heightFt: h, e: values.e, iIn4: size.iIn4,
    })
    actions = sway
    swayIn = sway.swayIn
  } else actions = proppedPost(d.windPlf, h)
  const load: EmbedmentLoad = { shearLb: actions.shearLb, momentFtLb: actions.momentFtLb, bFt, lateralPsfPerFt }
  const constrained = b.slab === 'tied'
  const depthSlabFt = Math.max(constrainedDepthFt(load), ep486DepthFt(load, true))
  let depthFreeFt = Math.max(unconstrainedDepthFt(load), ep486DepthFt(load, false))
  if (!pier && !free && Number.isFinite(depthFreeFt)) {
    // Not held at grade, the post may be fixed as far as a third of its depth down: the second run of the envelope (register C17).
    const low = proppedPost(d.windPlf, h, depthFreeFt / 3)
    depthFreeFt = Math.max(depthFreeFt, unconstrainedDepthFt({ ...load, shearLb: low.shearLb, momentFtLb: low.momentFtLb }))
  }
  return { actions, load, constrained, depthFreeFt, depthSlabFt, neededFt: constrained ? depthSlabFt : depthFreeFt, swayIn }
}

const up3 = (x: number) => Math.ceil(x / 3 - 1e-9) * 3

/** What holds one post down at a trial hole, lb. */
function upliftCapacityLb(job: Job, p: Post, d: PostDemand, diameterIn: number, depthIn: number): number {
  const b = job.building
  const size = postSize(b.post.section)
  if (b.school === 'pier') return pierUpliftLb(diameterIn, (depthIn + b.bracketIn) / 12).capacityLb
  const embed = depthIn - b.padThicknessIn
  const postWeightLb = (d.postWeightPlf * (p.heightIn + embed)) / 12
  if (b.school === 'pad') return 0.6 * postWeightLb
  return collarUpliftLb({ diameterIn, heightIn: Math.min(b.collarHeightIn, embed), topFt: Math.max(0, embed - b.collarHeightIn) / 12, postAreaFt2: size.areaIn2 / 144, postWeightLb, coneDeg: b.coneAngleDeg }).capacityLb
}

/** Sizes the holes of each kind of post: the least concrete that bears, reaches frost, and holds sideways and up within 8 ft. */
export function sizeHoles(job: Job, posts: readonly Post[], demands: Readonly<Record<string, PostDemand>> | null, r: SiteResults | null): HoleKind[] {
  const b = job.building
  const size = postSize(b.post.section)
  const pier = b.school === 'pier'
  const padIn = pier ? 0 : b.padThicknessIn
  const leastHole = Math.hypot(size.widthIn, size.depthIn) + 6
  const kinds = [...new Set(posts.map((p) => p.kind))]
  return kinds.map((kind): HoleKind => {
    const own = posts.filter((p) => p.kind === kind)
    const floor = Math.max(b.minimumDepthIn, job.site.frostIn ?? 0)
    const plain = b.holeDiameterIn ?? STOCK_DIAMETERS_IN.find((s) => s >= leastHole) ?? 24
    if (!r || !demands) {
      return { kind, postIds: own.map((p) => p.id), diameterIn: plain, depthIn: floor, embedIn: pier ? 0 : floor - padIn, volumes: holeVolumes(b, plain, floor), governing: { lateral: null, bearing: own[0].id, uplift: own[0].id }, lateral: null, bearing: { loadLb: 0, padLb: 0, capacityLb: 0 }, pad: null, uplift: { demandLb: 0, capacityLb: 0 } }
    }
    const serviceLb = (p: Post, embedIn: number) => demands[p.id].gravityLb + (demands[p.id].postWeightPlf * (p.heightIn + embedIn)) / 12
    const heaviest = own.reduce((a, p) => (serviceLb(p, 0) > serviceLb(a, 0) ? p : a))
    const lifted = own.reduce((a, p) => (demands[p.id].upliftLb > demands[a.id].upliftLb ? p : a))
    const candidates = b.holeDiameterIn !== null ? [b.holeDiameterIn] : STOCK_DIAMETERS_IN.filter((s) => s >= leastHole)
    // Posts of one kind mostly repeat: only the hardest pushed of each height is worked through, once, unless the pier's width counts.
    const hardest = new Map<number, Post>()
    for (const p of own) { const h = hardest.get(p.heightIn); if (!h || (demands[p.id].windPlf ?? 0) > (demands[h.id].windPlf ?? 0)) hardest.set(p.heightIn, p) }
    const lateralAt = (diameterIn: number) => [...hardest.values()].map((p) => ({ p, need: lateralNeed(job, r, p, demands[p.id], diameterIn) }))
      .reduce((a, c) => ((c.need?.neededFt ?? -1) > (a.need?.neededFt ?? -1) || Number.isNaN(c.need?.neededFt ?? 0) ? c : a))
    const shared = pier ? null : lateralAt(plain)
    const trial = (diameterIn: number) => {
      const worst = shared ?? lateralAt(diameterIn)
      const lateralIn = worst.need && Number.isFinite(worst.need.neededFt) ? worst.need.neededFt * 12 + padIn : worst.need ? DEEPEST_IN : 0
      let depthIn = Math.max(floor, Math.min(up3(lateralIn), Math.max(DEEPEST_IN, floor)))
      const demandLb = demands[lifted.id].upliftLb
      const canDeepen = b.school !== 'pad'
      while (canDeepen && depthIn < DEEPEST_IN && upliftCapacityLb(job, lifted, demands[lifted.id], diameterIn, depthIn) < demandLb) depthIn = Math.min(DEEPEST_IN, up3(depthIn + 1))
      const capacityLb = upliftCapacityLb(job, lifted, demands[lifted.id], diameterIn, depthIn)
      const embedIn = pier ? 0 : depthIn - padIn
      const bearing = { loadLb: serviceLb(heaviest, embedIn), padLb: padWeightLb(diameterIn, pier ? depthIn + b.bracketIn : padIn), capacityLb: r.soil.bearingPsf * padAreaFt2(diameterIn) }
      const bears = bearing.loadLb + bearing.padLb <= bearing.capacityLb * (1 + 1e-9)
      return { diameterIn, depthIn, embedIn, worst, demandLb, capacityLb, bearing, bears, holds: bears && (capacityLb >= demandLb || !canDeepen), volume: holeVolumes(b, diameterIn, depthIn) }
    }
    const trials = candidates.map(trial)
    const good = trials.filter((t) => t.holds)
    const best = (good.length ? good : trials.slice(-1)).reduce((a, t) => (t.volume.holeFt3 < a.volume.holeFt3 ? t : a))
    return {
      kind, postIds: own.map((p) => p.id), diameterIn: best.diameterIn, depthIn: best.depthIn, embedIn: best.embedIn, volumes: best.volume,
      governing: { lateral: best.worst.need ? best.worst.p.id : null, bearing: heaviest.id, uplift: lifted.id }, lateral: best.worst.need,
      bearing: best.bearing,
      pad: pier ? null : padRatios({ loadLb: best.bearing.loadLb, diameterIn: best.diameterIn, thicknessIn: padIn, faceIn: size.widthIn, depthIn: size.depthIn }),
      uplift: { demandLb: best.demandLb, capacityLb: best.capacityLb },
    }
  })
}

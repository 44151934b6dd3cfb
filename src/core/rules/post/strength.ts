import { item } from '../../result'
import { IN_PER_FT } from '../../units'
import { inGroundMomentFtLb } from '../../ground'
import { isEave, type Post } from '../../layout'
import { type Combination, WIND_ASD } from '../../loads'
import type { Building } from '../../model'
import { columnStability, postSize, SPLICE_SHARE, wetFactors, DURATION } from '../../wood'
import type { ColumnBasis, Limits } from './basis'
import type { PostDemand } from '../../frame'
import { type LateralCase, momentAtFtLb } from '../../frame'

/** Place on a post where its strength is checked. */
type Section = 'at or below grade' | 'at mid-height' | 'in the splice zone' | 'at the knee brace' | 'at the truss seat'
/** One combination on one section of one post: everything the interaction needs and its ratio. */
export interface ColumnResult {
  readonly section: Section
  readonly ratio: number
  readonly lateralCase: LateralCase | null
  readonly momentFtLb: number
  readonly weakFtLb: number
  readonly fc: number
  readonly fb: number
  readonly fb2: number
  readonly fcAllowed: number
  readonly fbAllowed: number
  /**
   * What it was judged with: the load and its parts, the area left at the section, the share of the bending strength,
   * the limits; cladding wind, plf, where that alone rules.
   */
  readonly axial: Axial
  readonly areaIn2: number
  readonly share: number
  readonly limits: Limits
  readonly clad: number
}

/** An axial load with its parts, lb: factored dead, roof and wind (down positive). */
interface Axial {
  readonly lb: number
  readonly duration: number
  readonly name: string
  readonly windShare: number
  readonly parts: readonly [number, number, number]
}

/** What lies on the roof in a combination, lb. */
function roofLb(combination: Combination, demand: PostDemand): number {
  if (combination.live === 'snow') return demand.snowLb
  return combination.live === 'roof' ? demand.liveLb : 0
}

/** Axial load of every combination, lb, compression positive; wind pushes down or lifts, whichever is asked. */
function axials(list: readonly Combination[], demand: PostDemand, weightLb: number): Axial[] {
  const out: Axial[] = []
  for (const combination of list) {
    const roof = roofLb(combination, demand)
    const dead = combination.least ? demand.deadMinLb + weightLb : demand.deadLb + weightLb
    const make = (windLb: number) =>
      out.push({
        lb: combination.dead * dead + combination.roof * roof + windLb,
        duration: combination.duration,
        name: combination.id,
        windShare: combination.wind / WIND_ASD,
        parts: [combination.dead * dead, combination.roof * roof, windLb],
      })
    if (combination.wind === 0) {
      make(0)
      continue
    }
    if (!combination.least) make(combination.wind * demand.windDownLb)
    if (combination.roof === 0) make(-combination.wind * demand.windUpLb)
  }
  return out
}

function limitsOf(basis: ColumnBasis, post: Post, duration: number, wet: boolean): Limits {
  const ke = basis.keOf(post)
  const gap = basis.gapIn(post)
  const key = `${post.heightIn}|${gap}|${ke}|${duration}|${wet}`
  const known = basis.known.get(key)
  if (known) return known
  const { size, values } = basis
  const wetFactor = wetFactors(values, wet)
  const strong = (ke * basis.lengthIn(post)) / size.depthIn
  const weak = gap / basis.weakDepthIn
  const fcStar = values.fc * duration * wetFactor.fc
  const curve = size.wood === 'glulam' ? 0.9 : 0.8
  const c1 = columnStability({ slenderness: strong, eMinPsi: values.eMin * wetFactor.ePsi, fcStarPsi: fcStar, curve })
  const c2 = columnStability({ slenderness: weak, eMinPsi: values.eMin * wetFactor.ePsi, fcStarPsi: fcStar, curve })
  const weakRules = basis.kf * c2.cp < c1.cp
  const made: Limits = {
    fcStar,
    curve,
    fce: weakRules ? c2.fcePsi : c1.fcePsi,
    cp: weakRules ? c2.cp : c1.cp,
    kf: weakRules ? basis.kf : 1,
    fcAllowed: fcStar * Math.min(c1.cp, basis.kf * c2.cp),
    fce1: c1.fcePsi,
    fce2: c2.fcePsi,
    fbAllowed: values.fb * duration * wetFactor.fb * basis.lamination,
    fb2Allowed: values.fb * duration * wetFactor.fb * (basis.solidWeak ? 1.15 : 1),
    ftAllowed: values.ft * duration,
    slender: Math.max(strong, weak), // flat plies take Cfu of their own, 1.15 for 6 and 8 in.
  }
  basis.known.set(key, made)
  return made
}

/**
 * One section under one combination, before it is judged. `share` of the whole section's bending strength that counts.
 */
interface Trial {
  readonly axial: Axial
  readonly section: Section
  readonly m1: number
  readonly m2: number
  readonly wet: boolean
  readonly share: number
  readonly lateralCase: LateralCase | null
  /** Cladding wind, plf, of a trial that has only that. */ readonly clad?: number
}

/** Area that counts at a section: without one ply in a splice zone and beside the truss pocket. */
const areaLeftIn2 = (basis: ColumnBasis, trial: Trial): number =>
  basis.size.areaIn2 *
  (trial.share < 1 || trial.section === 'at the truss seat' ? (basis.size.plies - 1) / basis.size.plies : 1)
/** Share of bending under compression: stress over strength, over what is `left` of the buckling load; none left is Infinity. */
function amplified(stressPsi: number, allowedPsi: number, left: number): number {
  if (stressPsi === 0) return 0
  return left > 0 ? stressPsi / (allowedPsi * left) : Infinity
}
/**
 * Ratio of the interaction, NDS 2018 3.9.2 in compression, 3.9.1 in tension; at the seat, outer plies without buckling
 * (3.10.1).
 */
function ratioOf(basis: ColumnBasis, limits: Limits, trial: Trial): number {
  const fcPsi = trial.axial.lb / areaLeftIn2(basis, trial)
  if (trial.section === 'at the truss seat') return fcPsi / (basis.values.fc * trial.axial.duration)
  const fb = (Math.abs(trial.m1) * IN_PER_FT) / basis.size.sIn3
  const fb2 = (Math.abs(trial.m2) * IN_PER_FT) / basis.weakS
  const fbAllowed = limits.fbAllowed * trial.share
  if (fcPsi < 0) return -fcPsi / limits.ftAllowed + fb / fbAllowed + fb2 / limits.fb2Allowed
  const r1 = 1 - fcPsi / limits.fce1
  const r2 = 1 - fcPsi / limits.fce2
  return (
    amplified(fcPsi, limits.fcAllowed, 1) ** 2 + amplified(fb, fbAllowed, r1) + amplified(fb2, limits.fb2Allowed, r2)
  )
}

/** Allowed axial stress at a section, psi: crushing at the seat, tension where it is lifted, else with buckling. */
function axialAllowedPsi(basis: ColumnBasis, limits: Limits, trial: Trial): number {
  if (trial.section === 'at the truss seat') return basis.values.fc * trial.axial.duration
  return trial.axial.lb < 0 ? limits.ftAllowed : limits.fcAllowed
}

/** The governing trial with all its numbers. */
function detail(basis: ColumnBasis, post: Post, trial: Trial, ratio: number): ColumnResult {
  const limits = limitsOf(basis, post, trial.axial.duration, trial.wet)
  const areaIn2 = areaLeftIn2(basis, trial)
  return {
    section: trial.section,
    ratio,
    lateralCase: trial.lateralCase,
    momentFtLb: trial.m1,
    weakFtLb: trial.m2,
    fc: trial.axial.lb / areaIn2,
    fb: (Math.abs(trial.m1) * IN_PER_FT) / basis.size.sIn3,
    fb2: (Math.abs(trial.m2) * IN_PER_FT) / basis.weakS,
    fcAllowed: axialAllowedPsi(basis, limits, trial),
    fbAllowed: limits.fbAllowed * trial.share,
    axial: trial.axial,
    areaIn2,
    share: trial.share,
    limits,
    clad: trial.clad ?? 0,
  }
}

/**
 * Moment that eccentric carriers put into the top of a post, ft-lb: R·e where the beam is bolted to one face (14.3).
 */
export function seatMomentFtLb(building: Pick<Building, 'roof' | 'post'>, post: Post, gravityLb: number): number {
  const beam = building.roof.truss.set === 'carriers' ? building.roof.carrier : null
  if (!isEave(post.side) || !beam || beam.sides === 'both' || building.roof.truss.seat !== 'face') return 0
  return (gravityLb * (postSize(building.post).depthIn + 1.5 * beam.plies)) / 2 / IN_PER_FT
}

/** What the sections of one post are judged by. */
interface Column {
  readonly building: Pick<Building, 'school' | 'slab' | 'knee' | 'post' | 'roof'>
  readonly combinations: readonly Combination[]
  readonly basis: ColumnBasis
  readonly post: Post
  readonly demand: PostDemand
  readonly cases: readonly LateralCase[]
  readonly embedIn: number
}

/** Keeps the worst of the trials it is given. */
function worstKeeper(basis: ColumnBasis, post: Post) {
  let worst: Trial | null = null
  let ratio = -1
  // Few durations come again and again: their limits are kept at hand, by duration and wetness.
  const near: { readonly duration: number; readonly wet: boolean; readonly limits: Limits }[] = []
  const limits = (duration: number, wet: boolean): Limits => {
    for (const kept of near) if (kept.duration === duration && kept.wet === wet) return kept.limits
    const made = limitsOf(basis, post, duration, wet)
    near.push({ duration, wet, limits: made })
    return made
  }
  const take = (trial: Trial): void => {
    const found = ratioOf(basis, limits(trial.axial.duration, trial.wet), trial)
    // A ratio that is no number counts as the worst, and nothing puts it aside again.
    const result = Number.isNaN(found) ? Infinity : found
    if (result <= ratio) return
    ratio = result
    worst = trial
  }
  return { take, worst: () => ({ trial: worst, ratio }) }
}

/** Moment at or below grade for every wind case, ft-lb: on a pier none, held at grade the grade's own, else the worst. */
function gradeMomentsFtLb({ building, cases, embedIn }: Column): number[] {
  if (building.school === 'pier') return cases.map(() => 0)
  if (building.slab === 'tied') return cases.map((lateral) => Math.abs(lateral.momentFtLb))
  const embedFt = Math.max(0.5, embedIn / IN_PER_FT)
  return cases.map((lateral) =>
    Math.max(
      Math.abs(lateral.momentFtLb),
      Math.abs(lateral.fixedFtLb),
      inGroundMomentFtLb(Math.abs(lateral.shearLb), Math.abs(lateral.momentFtLb), embedFt),
    ),
  )
}

/**
 * Moment across the plies of a corner post, ft-lb: between girts where the eave wall has skin, over its whole height
 * where it has none. Other posts have none.
 */
function weakMomentFtLb({ basis, post, demand, cases }: Column): number {
  if (post.kind !== 'corner' || demand.eaveWallFt <= 0) return 0
  const plf = ((cases[0]?.plf ?? 0) * demand.gableWallFt) / demand.eaveWallFt
  return ((basis.gapIn(post) / IN_PER_FT) ** 2 * plf) / 8
}

/** Sections under a load without wind. */
function gravityTrials({ building, basis, post }: Column, axial: Axial, seatFtLb: number): Trial[] {
  const still = (section: Section, m1: number): Trial => ({
    axial,
    section,
    m1,
    m2: 0,
    wet: false,
    share: 1,
    lateralCase: null,
  })
  const field = still('at mid-height', seatFtLb / 2)
  // The center ply is cut away over the seat: the outer plies carry the load across the pocket's foot.
  const pocket = building.roof.truss.seat === 'pocket' && basis.size.wood === 'laminated' && isEave(post.side)
  return pocket ? [field, still('at the truss seat', 0)] : [field]
}

/** Points of a splice zone at which the moment is read. */
const SPLICE_STEPS = 8
/** A splice that begins lower than this above grade is taken as wet, inches. */
const WET_BELOW_IN = 12

/** The splice zone of a laminated post, under the largest moment within it; null where the post has no splice. */
function spliceTrial({ building, basis }: Column, axial: Axial, lateral: LateralCase): Trial | null {
  const { splice } = building.post
  if (!splice || basis.size.wood !== 'laminated') return null
  let most = 0
  for (let step = 0; step <= SPLICE_STEPS; step++) {
    const atIn = splice.fromIn + ((splice.toIn - splice.fromIn) * step) / SPLICE_STEPS
    most = Math.max(most, Math.abs(momentAtFtLb(lateral, atIn / IN_PER_FT)))
  }
  return {
    axial,
    section: 'in the splice zone',
    m1: axial.windShare * most,
    m2: 0,
    wet: splice.fromIn < WET_BELOW_IN && basis.wet,
    share: splice.efficiency ?? SPLICE_SHARE,
    lateralCase: lateral,
  }
}

/** Moments of one wind case on a post, ft-lb, at the strength that the case was worked with. */
interface CaseMoments {
  readonly lateral: LateralCase
  readonly gradeFtLb: number
  readonly weakFtLb: number
  readonly seatFtLb: number
}

/** Takes every section under a load with wind from one case. */
function takeWind(column: Column, axial: Axial, moments: CaseMoments, take: (trial: Trial) => void): void {
  const { building, basis } = column
  const { lateral, gradeFtLb, weakFtLb, seatFtLb } = moments
  const { windShare } = axial
  const m2 = windShare * weakFtLb
  take({
    axial,
    section: 'at or below grade',
    m1: windShare * gradeFtLb,
    m2,
    wet: basis.wet,
    share: 1,
    lateralCase: lateral,
  })
  take({
    axial,
    section: 'at mid-height',
    m1: windShare * lateral.fieldMomentFtLb + seatFtLb / 2,
    m2,
    wet: false,
    share: 1,
    lateralCase: lateral,
  })
  if (building.knee && lateral.kneeMomentFtLb > 0)
    take({
      axial,
      section: 'at the knee brace',
      m1: windShare * lateral.kneeMomentFtLb,
      m2: 0,
      wet: false,
      share: 1,
      lateralCase: lateral,
    })
  const splice = spliceTrial(column, axial, lateral)
  if (splice) take(splice)
}

/** Cladding wind by itself (7.8): the post as a part of the wall, with no roof load to help or harm. */
function claddingTrial({ building, basis, post, demand }: Column): Trial | null {
  const momentFtLb = (demand.claddingPlf * (post.heightIn / IN_PER_FT) ** 2) / 8
  if (momentFtLb <= 0) return null
  const pier = building.school === 'pier'
  return {
    axial: { lb: 0, duration: DURATION.wind, name: 'cladding wind', windShare: 1, parts: [0, 0, 0] },
    section: pier ? 'at mid-height' : 'at or below grade',
    m1: momentFtLb,
    m2: 0,
    wet: basis.wet && !pier,
    share: 1,
    lateralCase: null,
    clad: demand.claddingPlf,
  }
}

/** Every section of one post under every combination and wind case; the worst ratio of all. */
export function columnWorst(column: Column): ColumnResult {
  const { building, basis, post, demand, cases } = column
  const weightLb = (demand.postWeightPlf * post.heightIn) / IN_PER_FT
  const seatFtLb = seatMomentFtLb(building, post, demand.gravityLb)
  const weakFtLb = weakMomentFtLb(column)
  const grades = gradeMomentsFtLb(column)
  const { take, worst } = worstKeeper(basis, post)
  for (const axial of axials(column.combinations, demand, weightLb)) {
    if (axial.windShare === 0) gravityTrials(column, axial, seatFtLb).forEach(take)
    else
      cases.forEach((lateral, i) =>
        takeWind(column, axial, { lateral, gradeFtLb: item(grades, i), weakFtLb, seatFtLb }, take),
      )
  }
  const cladding = claddingTrial(column)
  if (cladding) take(cladding)
  const { trial, ratio } = worst()
  if (!trial) throw new Error(`post ${post.id} has no load to be judged by`)
  return detail(basis, post, trial, ratio)
}

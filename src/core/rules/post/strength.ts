import type { Bent } from '../../drawn'
import { inGroundMomentFtLb } from '../../ground'
import { isEave, type Post } from '../../layout'
import type { Combination } from '../../loads'
import type { Building } from '../../model'
import { isWorse, item, type Use, usedOf } from '../../result'
import { combine, type PostActions, type PostUnit } from '../../statics'
import { IN_PER_FT } from '../../units'
import { type ColumnLimits, DURATION, interaction, PLY_IN, postSize, SPLICE_SHARE } from '../../wood'
import { type LateralCase, momentAtFtLb, type PostDemand } from '../../frame'
import { type Axial, axials } from './axial'
import { type ColumnBasis, limitsOf } from './basis'

/** Place on a post where its strength is checked. */
type Section =
  | 'at or below grade'
  | 'at mid-height'
  | 'in the splice zone'
  | 'at the knee brace'
  | 'at the truss seat'
  | 'under the beam'
  | 'at the lean-to'
/** One combination on one section of one post: everything the interaction needs and how much of it is used. */
export interface ColumnResult {
  readonly section: Section
  readonly use: Use
  /** NDS 2018 3.9-3 or 3.9-1, and 3.9-4 or 3.9-2. */
  readonly first: Use
  readonly second: Use
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
  readonly limits: ColumnLimits
  readonly wet: boolean
  readonly clad: number
  /** What cladding wind alone bends it with. */
  readonly cladBent: Bent | null
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
  /** Cladding wind of a trial that has only that. */
  readonly clad?: Bent
}

/** Area that counts at a section: without one ply in a splice zone and beside the truss pocket. */
const areaLeftIn2 = (basis: ColumnBasis, trial: Trial): number =>
  basis.size.areaIn2 *
  (trial.share < 1 || trial.section === 'at the truss seat' ? (basis.size.plies - 1) / basis.size.plies : 1)

/** Stresses of a trial, psi. */
const stressesOf = (basis: ColumnBasis, trial: Trial) => ({
  fc: trial.axial.lb / areaLeftIn2(basis, trial),
  fb1: (Math.abs(trial.m1) * IN_PER_FT) / basis.size.sIn3,
  fb2: (Math.abs(trial.m2) * IN_PER_FT) / basis.weakS,
  share: trial.share,
})

/** Crushing of the outer plies beside the pocket, where nothing lets them buckle (NDS 2018 3.10.1). */
const crushing = (basis: ColumnBasis, trial: Trial): Use =>
  usedOf(Math.max(0, trial.axial.lb / areaLeftIn2(basis, trial)), basis.values.fc * trial.axial.duration)

/** What a section uses: by its interaction; at the seat, by its outer plies without buckling. */
const usesOf = (basis: ColumnBasis, limits: ColumnLimits, trial: Trial) => {
  if (trial.section !== 'at the truss seat') return interaction(limits, stressesOf(basis, trial))
  const use = crushing(basis, trial)
  return { first: use, second: 0, use }
}

/** Allowed axial stress at a section, psi: crushing at the seat, tension where it is lifted, else with buckling. */
function axialAllowedPsi(basis: ColumnBasis, limits: ColumnLimits, trial: Trial): number {
  if (trial.section === 'at the truss seat') return basis.values.fc * trial.axial.duration
  return trial.axial.lb < 0 ? limits.ftAllowed : limits.fcAllowed
}

/** The governing trial with all its numbers. */
function detail(basis: ColumnBasis, post: Post, trial: Trial): ColumnResult {
  const limits = limitsOf(basis, post, trial.axial.duration, trial.wet)
  const { fc, fb1, fb2 } = stressesOf(basis, trial)
  return {
    section: trial.section,
    ...usesOf(basis, limits, trial),
    lateralCase: trial.lateralCase,
    momentFtLb: trial.m1,
    weakFtLb: trial.m2,
    fc,
    fb: fb1,
    fb2,
    fcAllowed: axialAllowedPsi(basis, limits, trial),
    fbAllowed: limits.fb1Allowed * trial.share,
    axial: trial.axial,
    areaIn2: areaLeftIn2(basis, trial),
    share: trial.share,
    limits,
    wet: trial.wet,
    clad: trial.clad?.plf ?? 0,
    cladBent: trial.clad ?? null,
  }
}

/**
 * Moment that eccentric carriers put into the top of a post, ft-lb: R·e where the beam is bolted to one face (14.3).
 */
export function seatMomentFtLb(building: Pick<Building, 'roof' | 'post'>, post: Post, gravityLb: number): number {
  const beam = building.roof.truss.set === 'carriers' ? building.roof.carrier : null
  if (!isEave(post.side) || !beam || beam.sides === 'both' || building.roof.truss.seat !== 'face') return 0
  return (gravityLb * (postSize(building.post).depthIn + PLY_IN * beam.plies)) / 2 / IN_PER_FT
}

/**
 * How far beside the middle of a post a lean-to hangs, ft: what each pound of it bends the post with over its depth and
 * across its plies; and how high it hangs, ft.
 */
export interface Hanging {
  readonly strongFt: number
  readonly weakFt: number
  readonly atFt: number
}

/**
 * A lean-to's load beside the middle of a wall post: a ledger on its face bends it over its depth, rafters bolted to
 * one of its sides across its plies, of which only the outer one takes it where they are not nailed to act together.
 */
export function hangingOf(
  building: Pick<Building, 'leanTos' | 'post' | 'heelIn'>,
  post: Post,
  together: boolean,
): Hanging | null {
  const leanTo = building.leanTos.find(({ side }) => side === post.side)
  if (!leanTo || !isEave(post.side) || post.kind === 'lean-to') return null
  const size = postSize(building.post)
  const atFt = (building.heelIn - leanTo.dropIn) / IN_PER_FT
  const { rafter, ledger } = leanTo
  if (rafter.spaceIn !== null) {
    const offIn = (size.depthIn + PLY_IN * ledger.plies) / 2
    return { strongFt: offIn / IN_PER_FT, weakFt: 0, atFt }
  }
  // Two plies stand one on each side of the post, and load it in its middle.
  if (rafter.plies === 2) return null
  const offIn = (size.widthIn + PLY_IN * rafter.plies) / 2
  const plies = size.wood === 'laminated' && !together ? size.plies : 1
  return { strongFt: 0, weakFt: (plies * offIn) / IN_PER_FT, atFt }
}

/** What the sections of one post are judged by. */
export interface Column {
  readonly building: Pick<Building, 'school' | 'slab' | 'knee' | 'post' | 'roof' | 'leanTos' | 'heelIn'>
  readonly combinations: readonly Combination[]
  readonly basis: ColumnBasis
  readonly post: Post
  readonly demand: PostDemand
  readonly cases: readonly LateralCase[]
  /** The post under 1 plf and for 1 in. of its top. */
  readonly unit: PostUnit
  readonly embedIn: number
}

/** Keeps the worst of the trials it is given. */
function worstKeeper(basis: ColumnBasis, post: Post) {
  let worst: { readonly trial: Trial; readonly use: Use } | null = null
  // Few durations come again and again: their limits are kept at hand, by duration and wetness.
  const near: { readonly duration: number; readonly wet: boolean; readonly limits: ColumnLimits }[] = []
  const limits = (duration: number, wet: boolean): ColumnLimits => {
    for (const kept of near) if (kept.duration === duration && kept.wet === wet) return kept.limits
    const made = limitsOf(basis, post, duration, wet)
    near.push({ duration, wet, limits: made })
    return made
  }
  const take = (trial: Trial): void => {
    const { use } = usesOf(basis, limits(trial.axial.duration, trial.wet), trial)
    if (!worst || isWorse(use, worst.use)) worst = { trial, use }
  }
  return { take, worst: (): { readonly trial: Trial; readonly use: Use } | null => worst }
}

/** Moment at or below grade of a post, ft-lb: on a pier none, held at grade the grade's own, else the worst. */
function gradeMomentFtLb({ building, embedIn }: Column, actions: PostActions): number {
  if (building.school === 'pier') return 0
  const gradeFtLb = Math.abs(actions.momentFtLb)
  if (building.slab === 'tied') return gradeFtLb
  const embedFt = Math.max(0.5, embedIn / IN_PER_FT)
  return Math.max(
    gradeFtLb,
    Math.abs(actions.fixedFtLb),
    inGroundMomentFtLb(Math.abs(actions.shearLb), gradeFtLb, embedFt),
  )
}

/**
 * Moment across the plies of a corner post from the wind on its gable wall, ft-lb: between girts where the eave wall
 * has skin, over its whole height where it has none. Other posts have none.
 */
function weakMomentFtLb({ basis, post, demand, cases }: Column): number {
  if (post.kind !== 'corner') return 0
  const psf = cases.reduce((most, { windPsf }) => Math.max(most, Math.abs(windPsf)), 0)
  return ((basis.gapIn(post) / IN_PER_FT) ** 2 * psf * demand.gableWallFt) / 8
}

/** What bears beside the middle of a post: a beam at its top, ft-lb, and a lean-to. */
interface Beside {
  readonly seatFtLb: number
  readonly hanging: Hanging | null
}

/** What a lean-to bends a post with under one load, ft-lb, over its depth and across its plies. */
const hangingMoments = ({ hangingLb }: Axial, hanging: Hanging | null): readonly [number, number] =>
  hanging ? [Math.abs(hangingLb) * hanging.strongFt, Math.abs(hangingLb) * hanging.weakFt] : [0, 0]

/** Sections under a load without wind. */
function gravityTrials({ building, basis, post }: Column, axial: Axial, beside: Beside): Trial[] {
  const { seatFtLb, hanging } = beside
  const [strongFtLb, weakFtLb] = hangingMoments(axial, hanging)
  const still = (section: Section, m1: number, m2 = 0): Trial => ({
    axial,
    section,
    m1,
    m2,
    wet: false,
    share: 1,
    lateralCase: null,
  })
  // The center ply is cut away over the seat: the outer plies carry the load across the pocket's foot.
  const pocket = building.roof.truss.seat === 'pocket' && basis.size.wood === 'laminated' && isEave(post.side)
  return [
    still('at mid-height', (seatFtLb + strongFtLb) / 2, weakFtLb / 2),
    ...(pocket ? [still('at the truss seat', 0)] : []),
    ...(seatFtLb > 0 ? [still('under the beam', seatFtLb)] : []),
    ...(hanging ? [still('at the lean-to', seatFtLb + strongFtLb, weakFtLb)] : []),
  ]
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
  readonly beside: Beside
}

/** Takes every section under a load with wind from one case. */
function takeWind(column: Column, axial: Axial, moments: CaseMoments, take: (trial: Trial) => void): void {
  const { building, basis } = column
  const { lateral, gradeFtLb, weakFtLb, beside } = moments
  const { seatFtLb, hanging } = beside
  const { windShare } = axial
  const [hangsFtLb, hangsWeakFtLb] = hangingMoments(axial, hanging)
  const m2 = windShare * weakFtLb
  // Written out field by field: thousands of these are made, and spreads cost more than the arithmetic.
  const at = (section: Section, m1: number, m2: number, wet = false): void =>
    take({ axial, section, m1, m2, wet, share: 1, lateralCase: lateral })
  at('at or below grade', windShare * gradeFtLb, m2, basis.wet)
  at('at mid-height', windShare * lateral.fieldMomentFtLb + (seatFtLb + hangsFtLb) / 2, m2 + hangsWeakFtLb / 2)
  if (hanging)
    at('at the lean-to', windShare * Math.abs(momentAtFtLb(lateral, hanging.atFt)) + hangsFtLb, m2 + hangsWeakFtLb)
  if (building.knee && lateral.kneeMomentFtLb > 0) at('at the knee brace', windShare * lateral.kneeMomentFtLb, 0)
  const splice = spliceTrial(column, axial, lateral)
  if (splice) take(splice)
}

/** No movement of the top. */
const STILL = 0

/**
 * Cladding wind by itself (7.8), its top held: the post as a part of the wall, with no roof load to help or harm. Each
 * section where it bends most.
 */
function claddingTrials(column: Column): Trial[] {
  const { basis, unit, demand } = column
  if (demand.claddingPlf <= 0) return []
  const actions = combine(unit.held, demand.claddingPlf, unit.perInch, STILL)
  const clad: Bent = { plf: demand.claddingPlf, shearLb: actions.shearLb, momentFtLb: actions.momentFtLb }
  const axial = {
    lb: 0,
    duration: DURATION.wind,
    name: 'cladding wind',
    windShare: 1,
    parts: [0, 0, 0],
    hangingLb: 0,
  } as const
  const at = (section: Section, m1: number, wet: boolean): Trial => ({
    axial,
    section,
    m1,
    m2: 0,
    wet,
    share: 1,
    lateralCase: null,
    clad,
  })
  return [
    at('at or below grade', gradeMomentFtLb(column, actions), basis.wet),
    at('at mid-height', actions.fieldMomentFtLb, false),
  ]
}

/** Every section of one post under every combination and wind case; the worst use of all. */
export function columnWorst(column: Column): ColumnResult {
  const { building, basis, post, demand, cases } = column
  const weightLb = (demand.postWeightPlf * post.heightIn) / IN_PER_FT
  const seatFtLb = seatMomentFtLb(building, post, demand.gravityLb)
  const beside: Beside = { seatFtLb, hanging: demand.hanging && hangingOf(building, post, basis.together) }
  const weakFtLb = weakMomentFtLb(column)
  const grades = cases.map((lateral) => gradeMomentFtLb(column, lateral))
  const { take, worst } = worstKeeper(basis, post)
  for (const axial of axials(column.combinations, demand, weightLb)) {
    if (axial.windShare === 0) gravityTrials(column, axial, beside).forEach(take)
    else
      cases.forEach((lateral, i) =>
        takeWind(column, axial, { lateral, gradeFtLb: item(grades, i), weakFtLb, beside }, take),
      )
  }
  claddingTrials(column).forEach(take)
  const hardest = worst()
  if (!hardest) throw new Error(`post ${post.id} has no load to be judged by`)
  return detail(basis, post, hardest.trial)
}

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
  readonly postId: string
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

/** Axial load of every combination, lb, compression positive; wind pushes down or lifts, whichever is asked. */
function axials(list: readonly Combination[], demand: PostDemand, weightLb: number): Axial[] {
  const out: Axial[] = []
  for (const combination of list) {
    const roofLb = () => {
      if (combination.live === 'snow') return demand.snowLb
      if (combination.live === 'roof') return demand.liveLb
      return 0
    }
    const roof = roofLb()
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
  const sidewaysShare = () => {
    if (fb2 === 0) return 0
    if (r2 > 0) return fb2 / (limits.fb2Allowed * r2)
    return Infinity
  }
  const bendingShare = () => {
    if (fb === 0) return 0
    if (r1 > 0) return fb / (fbAllowed * r1)
    return Infinity
  }
  return (fcPsi / limits.fcAllowed) ** 2 + bendingShare() + sidewaysShare()
}

/** The governing trial with all its numbers. */
function detail(basis: ColumnBasis, post: Post, trial: Trial, ratio: number): ColumnResult {
  const limits = limitsOf(basis, post, trial.axial.duration, trial.wet)
  const areaIn2 = areaLeftIn2(basis, trial)
  const fcAllowedPsi = () => {
    if (trial.section === 'at the truss seat') return basis.values.fc * trial.axial.duration
    if (trial.axial.lb < 0) return limits.ftAllowed
    return limits.fcAllowed
  }
  return {
    postId: post.id,
    section: trial.section,
    ratio,
    lateralCase: trial.lateralCase,
    momentFtLb: trial.m1,
    weakFtLb: trial.m2,
    fc: trial.axial.lb / areaIn2,
    fb: (Math.abs(trial.m1) * IN_PER_FT) / basis.size.sIn3,
    fb2: (Math.abs(trial.m2) * IN_PER_FT) / basis.weakS,
    fcAllowed: fcAllowedPsi(),
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

/** Every section of one post under every combination and wind case; the worst ratio of all. */
export function columnWorst({
  building,
  combinations,
  basis,
  post,
  demand,
  cases,
  embedIn,
}: {
  building: Pick<Building, 'school' | 'slab' | 'knee' | 'post' | 'roof'>
  combinations: readonly Combination[]
  basis: ColumnBasis
  post: Post
  demand: PostDemand
  cases: readonly LateralCase[]
  embedIn: number
}): ColumnResult {
  const constrained = building.slab === 'tied'
  const heightFt = post.heightIn / IN_PER_FT
  const weightLb = demand.postWeightPlf * heightFt
  const list = axials(combinations, demand, weightLb)
  const pier = building.school === 'pier'
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
  const take = ({
    axial,
    section,
    m1,
    m2,
    wet,
    share,
    lateral,
    cladPlf = 0,
  }: {
    axial: Axial
    section: Section
    m1: number
    m2: number
    wet: boolean
    share: number
    lateral: LateralCase | null
    cladPlf?: number
  }) => {
    const trial: Trial = { axial, section, m1, m2, wet, share, lateralCase: lateral, clad: cladPlf }
    const result = ratioOf(basis, limits(axial.duration, wet), trial)
    if (!(result <= ratio)) {
      ratio = result
      worst = trial
    }
  }
  const ecc = seatMomentFtLb(building, post, demand.gravityLb)
  // A corner post bends across its plies too: between girts where the eave wall has skin, over its whole height where
  // it has none.
  const weakPlf =
    post.kind === 'corner'
      ? (cases[0]?.plf ?? 0) * (demand.eaveWallFt > 0 ? demand.gableWallFt / demand.eaveWallFt : 0)
      : 0
  const weakFt = ((basis.gapIn(post) / IN_PER_FT) ** 2 * weakPlf) / 8
  const pocket = building.roof.truss.seat === 'pocket' && basis.size.wood === 'laminated' && isEave(post.side)
  const grades = cases.map((lateral) => {
    if (pier) return 0
    if (constrained) return Math.abs(lateral.momentFtLb)
    return Math.max(
      Math.abs(lateral.momentFtLb),
      Math.abs(lateral.fixedFtLb),
      inGroundMomentFtLb(Math.abs(lateral.shearLb), Math.abs(lateral.momentFtLb), Math.max(0.5, embedIn / IN_PER_FT)),
    )
  })
  for (const axial of list) {
    if (axial.windShare === 0) {
      take({ axial, section: 'at mid-height', m1: ecc / 2, m2: 0, wet: false, share: 1, lateral: null })
      // The centre ply is cut away over the seat: the outer plies carry the load across the pocket's foot.
      if (pocket) take({ axial, section: 'at the truss seat', m1: 0, m2: 0, wet: false, share: 1, lateral: null })
      continue
    }
    const windShare = axial.windShare
    cases.forEach((lateral, i) => {
      take({
        axial,
        section: 'at or below grade',
        m1: windShare * item(grades, i),
        m2: windShare * weakFt,
        wet: basis.wet,
        share: 1,
        lateral,
      })
      take({
        axial,
        section: 'at mid-height',
        m1: windShare * lateral.fieldMomentFtLb + ecc / 2,
        m2: windShare * weakFt,
        wet: false,
        share: 1,
        lateral,
      })
      if (building.knee && lateral.kneeMomentFtLb > 0)
        take({
          axial,
          section: 'at the knee brace',
          m1: windShare * lateral.kneeMomentFtLb,
          m2: 0,
          wet: false,
          share: 1,
          lateral,
        })
      if (building.post.splice && basis.size.wood === 'laminated') {
        const splice = building.post.splice
        let most = 0
        for (let step = 0; step <= 8; step++)
          most = Math.max(
            most,
            Math.abs(momentAtFtLb(lateral, (splice.fromIn + ((splice.toIn - splice.fromIn) * step) / 8) / IN_PER_FT)),
          )
        take({
          axial,
          section: 'in the splice zone',
          m1: windShare * most,
          m2: 0,
          wet: splice.fromIn < 12 && basis.wet,
          share: splice.efficiency ?? SPLICE_SHARE,
          lateral,
        })
      }
    })
  }
  // Cladding wind by itself (7.8): the post as a part of the wall, with no roof load to help or harm.
  const clad = (demand.claddingPlf * heightFt ** 2) / 8
  if (clad > 0)
    take({
      axial: { lb: 0, duration: DURATION.wind, name: 'cladding wind', windShare: 1, parts: [0, 0, 0] },
      section: pier ? 'at mid-height' : 'at or below grade',
      m1: clad,
      m2: 0,
      wet: basis.wet && !pier,
      share: 1,
      lateral: null,
      cladPlf: demand.claddingPlf,
    })
  return detail(basis, post, worst as unknown as Trial, ratio)
}

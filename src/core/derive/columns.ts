import { inGroundMomentFtLb } from '../ground'
import { laminationPlan } from '../joints'
import { isEave, type Post } from '../layout'
import { editionData, type Combination } from '../loads'
import type { Building, Job } from '../model'
import { line, makeCheck, notChecked, sig, type Check, type Diagram, type TraceLine } from '../result'
import {
  columnStability,
  laminationFactor,
  postSize,
  SPLICE_SHARE,
  wetFactors,
  type DesignValues,
  type PostSize,
} from '../wood'
import type { PostDemand } from './demands'
import type { Lateral } from './frames'
import type { HoleKind } from './holes'
import { actionNumbers, momentAtFtLb, type LateralCase } from './lateralCase'
import { kindName } from './postNames'

/** Place on a post where its strength is checked. */
export type Section =
  'at or below grade' | 'at mid-height' | 'in the splice zone' | 'at the knee brace' | 'at the truss seat'

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

export interface ColumnBasis {
  readonly size: PostSize
  readonly values: DesignValues
  readonly keOf: (post: Post) => number
  readonly wet: boolean
  readonly lamination: number
  readonly kf: number
  readonly weakDepthIn: number
  readonly solidWeak: boolean
  readonly eMinWet: number
  readonly gapIn: (post: Post) => number
  readonly lengthIn: (post: Post) => number
  readonly weakS: number
  /** Limits already worked out, by length, gap, duration and wetness. */
  readonly known: Map<string, Limits>
}

/** Factors that every post of the building shares, NDS 2018 3.7, 15.3 and the register. */
export function columnBasis(building: Building, lateral: Lateral, gapIn: number): ColumnBasis | null {
  const values = lateral.values
  if (!values) return null
  const size = postSize(building.post)
  const wet = building.school !== 'pier' && size.wood === 'laminated'
  const laminated = size.wood === 'laminated'
  const plan = laminated
    ? laminationPlan({
        lamination: building.joints.lamination,
        plies: size.plies,
        depthIn: size.depthIn,
        lengthIn: building.heelIn + building.minimumDepthIn,
        gravity: values.gravity,
      })
    : null
  const kf = laminated && plan?.meets ? 0.6 : 1
  const pinned = building.school === 'pier'
  const free = lateral.relied === 'frames alone'
  const heldKe = pinned ? 1 : 0.8
  const freeKe = pinned ? 2.4 : 2.1
  // Where frames take more than a fifth of the load themselves, the tops of their posts count as free (register C07).
  const eaveKe = free || lateral.row.frameShare > 0.2 ? freeKe : heldKe
  const keOf = (post: Post): number => {
    if (isEave(post.side) && post.kind !== 'lean-to') return eaveKe
    if (free) return freeKe
    return heldKe
  }
  return {
    size,
    values,
    keOf,
    wet,
    lamination: laminated ? laminationFactor(size.plies, building.post.ep559, values.machine) : 1,
    kf,
    // Plies nailed by 15.3.3 act over the whole width with Kf; otherwise each ply stands by itself.
    weakDepthIn: laminated && !plan?.meets ? 1.5 : size.widthIn,
    solidWeak: laminated,
    eMinWet: values.eMin * wetFactors(values, wet).ePsi,
    gapIn: (post) =>
      post.kind === 'lean-to' || building.openSides.includes(post.side) ? post.heightIn * (free ? 2.1 : 0.8) : gapIn,
    lengthIn: (post) => post.heightIn - (pinned ? building.bracketIn : 0),
    known: new Map(),
    weakS: laminated ? (size.plies * size.depthIn * 1.5 ** 2) / 6 : (size.depthIn * size.widthIn ** 2) / 6,
  }
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
        windShare: combination.wind / 0.6,
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

/**
 * What one section can take under one duration, wet or dry: it does not depend on the load, so each is worked out once.
 */
interface Limits {
  readonly fcAllowed: number
  readonly fce1: number
  readonly fce2: number
  readonly fbAllowed: number
  readonly fb2Allowed: number
  readonly ftAllowed: number
  readonly slender: number
  readonly fcStar: number
  readonly fce: number
  readonly curve: number
  readonly cp: number
  readonly kf: number
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
  const fb = (Math.abs(trial.m1) * 12) / basis.size.sIn3
  const fb2 = (Math.abs(trial.m2) * 12) / basis.weakS
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
    fb: (Math.abs(trial.m1) * 12) / basis.size.sIn3,
    fb2: (Math.abs(trial.m2) * 12) / basis.weakS,
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
export function seatMomentFtLb(building: Building, post: Post, gravityLb: number): number {
  const beam = building.roof.truss.set === 'carriers' ? building.roof.carrier : null
  if (!isEave(post.side) || !beam || beam.sides === 'both' || building.roof.truss.seat !== 'face') return 0
  return (gravityLb * (postSize(building.post).depthIn + 1.5 * beam.plies)) / 2 / 12
}

/** Every section of one post under every combination and wind case; the worst ratio of all. */
export function columnWorst({
  job,
  basis,
  post,
  demand,
  cases,
  embedIn,
  constrained,
}: {
  job: Job
  basis: ColumnBasis
  post: Post
  demand: PostDemand
  cases: readonly LateralCase[]
  embedIn: number
  constrained: boolean
}): ColumnResult {
  const building = job.building
  const heightFt = post.heightIn / 12
  const weightLb = demand.postWeightPlf * heightFt
  const list = axials(editionData(job.site.edition).combinations, demand, weightLb)
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
  const weakFt = ((basis.gapIn(post) / 12) ** 2 * weakPlf) / 8
  const pocket = building.roof.truss.seat === 'pocket' && basis.size.wood === 'laminated' && isEave(post.side)
  const grades = cases.map((lateral) => {
    if (pier) return 0
    if (constrained) return Math.abs(lateral.momentFtLb)
    return Math.max(
      Math.abs(lateral.momentFtLb),
      Math.abs(lateral.fixedFtLb),
      inGroundMomentFtLb(Math.abs(lateral.shearLb), Math.abs(lateral.momentFtLb), Math.max(0.5, embedIn / 12)),
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
        m1: windShare * grades[i],
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
            Math.abs(momentAtFtLb(lateral, (splice.fromIn + ((splice.toIn - splice.fromIn) * step) / 8) / 12)),
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
      axial: { lb: 0, duration: 1.6, name: 'cladding wind', windShare: 1, parts: [0, 0, 0] },
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

/** How the moment of a trial came about, with its numbers. */
function momentLine(columnResult: ColumnResult, post: Post, eccFtLb: number): TraceLine {
  const label = `Moment ${columnResult.section}`
  const verify = columnResult.section === 'at or below grade' ? 'C17' : undefined
  const moment = Math.abs(columnResult.momentFtLb)
  if (columnResult.clad > 0)
    return line({
      label,
      formula: 'w·H²/8',
      numbers: `${sig(columnResult.clad)} × ${sig(post.heightIn / 12)}²/8`,
      value: moment,
      unit: 'ft-lb',
      clause: 'statics',
      verify,
    })
  if (!columnResult.lateralCase)
    return line({
      label,
      formula: 'P·e/2',
      numbers: `${sig(eccFtLb)}/2`,
      value: moment,
      unit: 'ft-lb',
      clause: 'statics',
    })
  const windShare = columnResult.axial.windShare
  const ecc = columnResult.section === 'at mid-height' && eccFtLb !== 0 ? ` + ${sig(eccFtLb)}/2` : ''
  const own = (moment - (ecc ? eccFtLb / 2 : 0)) / windShare
  const is = (action: 'momentFtLb' | 'fixedFtLb') =>
    columnResult.lateralCase !== null && Math.abs(own - Math.abs(columnResult.lateralCase[action])) < 1e-6 * own
  const actionOf = () => {
    if (is('momentFtLb')) return 'momentFtLb'
    if (is('fixedFtLb')) return 'fixedFtLb'
    return null
  }
  const action = columnResult.section !== 'at or below grade' ? null : actionOf()
  const parts = action === null ? sig(own) : actionNumbers(columnResult.lateralCase, action)
  const windTimes = () => {
    if (windShare === 1) return parts
    if (action === null) return `${sig(windShare)} × ${parts}`
    return `${sig(windShare)} × (${parts})`
  }
  return line({
    label,
    formula: `${windShare === 1 ? '' : 'share of the wind × '}M: held post × w + frame’s move${ecc ? ' + P·e/2' : ''}`,
    numbers: `${windTimes()}` + `${ecc}`,
    value: moment,
    unit: 'ft-lb',
    clause: `statics: ${sig(columnResult.lateralCase.plf)} plf, top moves ${sig(columnResult.lateralCase.moveIn)} in.`,
    verify,
  })
}

/** How load and bending come together (NDS 2018 3.9). */
function togetherLine({
  seat,
  columnResult,
  tension,
  weak,
  room,
}: {
  readonly seat: boolean
  readonly columnResult: ColumnResult
  readonly tension: boolean
  readonly weak: boolean
  readonly room: (fce: number) => string
}): TraceLine {
  const lastLine = () => {
    if (seat)
      return line({
        label: 'Outer plies beside the pocket',
        formula: 'fc/Fc*',
        numbers: `${sig(columnResult.fc)}/${sig(columnResult.fcAllowed)}`,
        value: columnResult.ratio,
        unit: '',
        clause: 'NDS 2018 3.10.1',
      })
    if (tension)
      return line({
        label: 'Together',
        formula: `ft/Ft' + fb/Fb*${weak ? ' + fb2/Fb2*' : ''}`,
        numbers:
          `${sig(-columnResult.fc)}/${sig(columnResult.fcAllowed)} + ` +
          (`${sig(columnResult.fb)}/${sig(columnResult.fbAllowed)}` +
            `${weak ? ` + ${sig(columnResult.fb2)}/${sig(columnResult.limits.fb2Allowed)}` : ''}`),
        value: columnResult.ratio,
        unit: '',
        clause: 'NDS 2018 3.9.1',
      })
    return line({
      label: 'Together',
      formula: `(fc/Fc')² + fb/(Fb'·(1−fc/FcE1))${weak ? " + fb2/(Fb2'·(1−fc/FcE2))" : ''}`,
      numbers:
        `(${sig(columnResult.fc)}/${sig(columnResult.fcAllowed)})² + ` +
        `${sig(columnResult.fb)}/(${sig(columnResult.fbAllowed)} × ` +
        (`${room(columnResult.limits.fce1)})` +
          `${weak ? ` + ${sig(columnResult.fb2)}/(${sig(columnResult.limits.fb2Allowed)} × ${room(columnResult.limits.fce2)})` : ''}`),
      value: columnResult.ratio,
      unit: '',
      clause: 'NDS 2018 3.9.2',
    })
  }
  return lastLine()
}

/** Stability of a post that is pushed (NDS 2018 3.7.1, 15.3.2). */
function stabilityLines({
  columnResult,
  basis,
  post,
  size,
  values,
  duration,
  wet,
}: {
  readonly columnResult: ColumnResult
  readonly basis: ColumnBasis
  readonly post: Post
  readonly size: PostSize
  readonly values: DesignValues
  readonly duration: number
  readonly wet: boolean
}): TraceLine[] {
  const out: TraceLine[] = []
  const { fcStar, fce, curve, cp, kf } = columnResult.limits
  const half = `(1 + ${sig(fce / fcStar)})/(2 × ${curve})`
  out.push(
    line({
      label: 'Slenderness, strong axis',
      formula: 'Ke·H/d',
      numbers: `${basis.keOf(post)} × ${sig(basis.lengthIn(post))}/${sig(size.depthIn)}`,
      value: (basis.keOf(post) * basis.lengthIn(post)) / size.depthIn,
      unit: '',
      clause: 'NDS 2018 3.7.1',
      verify: basis.keOf(post) > 1 ? 'C07' : undefined,
    }),
    line({
      label: 'Slenderness, weak axis',
      formula: `gap/d2${basis.weakDepthIn === 1.5 ? ', plies apart: the nailing does not meet 15.3.3' : ''}`,
      numbers: `${sig(basis.gapIn(post))}/${sig(basis.weakDepthIn)}`,
      value: basis.gapIn(post) / basis.weakDepthIn,
      unit: '',
      clause: 'NDS 2018 15.3.2',
    }),
    line({
      label: 'Before stability',
      formula: 'Fc* = Fc·CD·CM',
      numbers: `${sig(values.fc)} × ${duration} × ${wetFactors(values, wet).fc}`,
      value: fcStar,
      unit: 'psi',
      clause: values.table,
      verify: values.verify,
    }),
    line({
      label: 'Stability of the weaker axis',
      formula: 'CP from α = FcE/Fc*',
      numbers: `${half} − √((${half})² − ${sig(fce / fcStar)}/${curve})`,
      value: cp,
      unit: '',
      clause: `NDS 2018 3.7.1.5, FcE ${sig(fce)} psi`,
    }),
    line({
      label: 'Allowed axial',
      formula: kf < 1 ? "Fc' = Fc*·Kf·CP" : "Fc' = Fc*·CP",
      numbers: `${sig(fcStar)}${kf < 1 ? ` × ${kf}` : ''} × ${sig(cp)}`,
      value: columnResult.fcAllowed,
      unit: 'psi',
      clause: kf < 1 ? 'NDS 2018 15.3.2' : 'NDS 2018 3.7',
    }),
  )
  return out
}

function columnTrace(basis: ColumnBasis, columnResult: ColumnResult, post: Post, eccFtLb: number): TraceLine[] {
  const { values, size } = basis
  const wet = columnResult.section === 'at or below grade' && basis.wet
  const [dead, roof, wind] = columnResult.axial.parts
  const seat = columnResult.section === 'at the truss seat'
  const tension = columnResult.axial.lb < 0
  const { duration } = columnResult.axial
  const out: TraceLine[] = [
    line({
      label: `Axial load${columnResult.lateralCase ? `, ${columnResult.lateralCase.name}` : ''}`,
      formula: `${columnResult.axial.name}: dead${roof === 0 ? '' : ' + roof'}${wind === 0 ? '' : ' + wind'}`,
      numbers: [dead, ...(roof === 0 ? [] : [roof]), ...(wind === 0 ? [] : [wind])]
        .map((value) => (value < 0 ? `(${sig(value).replace('-', '−')})` : sig(value)))
        .join(' + '),
      value: columnResult.axial.lb,
      unit: 'lb',
      clause: 'ASCE 7-16 2.4.1',
    }),
    line({
      label: tension ? 'Axial stress, tension' : 'Axial stress',
      formula: `${tension ? 'ft = T/A' : 'fc = P/A'}${columnResult.areaIn2 < size.areaIn2 ? ', one ply not counted' : ''}`,
      numbers: `${sig(Math.abs(columnResult.axial.lb))}/${sig(columnResult.areaIn2)}`,
      value: Math.abs(columnResult.fc),
      unit: 'psi',
      clause: 'NDS 2018 3.6',
    }),
  ]
  if (!tension && !seat) {
    out.push(...stabilityLines({ columnResult, basis, post, size, values, duration, wet }))
  }
  if (tension)
    out.push(
      line({
        label: 'Allowed tension',
        formula: "Ft' = Ft·CD",
        numbers: `${sig(values.ft)} × ${duration}`,
        value: columnResult.fcAllowed,
        unit: 'psi',
        clause: `${values.table}; NDS 2018 3.8`,
        verify: values.verify,
      }),
    )
  if (columnResult.momentFtLb !== 0)
    out.push(
      momentLine(columnResult, post, eccFtLb),
      line({
        label: 'Bending stress',
        formula: 'fb = 12·M/S',
        numbers: `12 × ${sig(Math.abs(columnResult.momentFtLb))}/${sig(size.sIn3)}`,
        value: columnResult.fb,
        unit: 'psi',
        clause: 'NDS 2018 3.3',
      }),
      line({
        label: 'Allowed bending',
        formula: `Fb' = Fb·CD·CM·lamination${columnResult.share < 1 ? '·splice' : ''}`,
        numbers:
          `${sig(values.fb)} × ${duration} × ${wetFactors(values, wet).fb} × ` +
          `${basis.lamination}${columnResult.share < 1 ? ` × ${sig(columnResult.share)}` : ''}`,
        value: columnResult.fbAllowed,
        unit: 'psi',
        clause: `${values.table}; NDS 2018 4.3, ASABE EP559`,
        verify: basis.lamination > 1 ? 'C08' : values.verify,
      }),
    )
  const weak = columnResult.weakFtLb !== 0
  if (weak)
    out.push(
      line({
        label: 'Bending across the plies',
        formula: 'fb2 = 12·M2/ΣSy',
        numbers: `12 × ${sig(columnResult.weakFtLb)}/${sig(basis.weakS)}`,
        value: columnResult.fb2,
        unit: 'psi',
        clause: 'NDS 2018 3.9.2',
      }),
    )
  const room = (fce: number) => `(1 − ${sig(columnResult.fc)}/${sig(fce)})`
  out.push(togetherLine({ seat, columnResult, tension, weak, room }))
  return out
}

/** What bends a post, for drawing: its wind, and its shear and moment at grade. */
type Bent = Pick<LateralCase, 'plf' | 'shearLb' | 'momentFtLb'>

/**
 * Cladding wind by itself on a post held at its top: 5/8 and 1/8 of w·H and w·H² at grade, or half of w·H where it
 * turns on a bracket.
 */
const cladBent = (plf: number, heightFt: number, pinned: boolean): Bent => ({
  plf,
  shearLb: (pinned ? 0.5 : 0.625) * plf * heightFt,
  momentFtLb: pinned ? 0 : (plf * heightFt ** 2) / 8,
})

/** Shear and moment along a post for drawing, from grade or its bracket up. */
function postDiagram(bent: Bent, heightIn: number, capacityInLb: number | null): Diagram {
  const steps = 32
  const places = Array.from({ length: steps + 1 }, (_, i) => (heightIn * i) / steps)
  return {
    lengthIn: heightIn,
    x: places,
    upright: true,
    capacityInLb,
    shearLb: places.map((place) => bent.shearLb - (bent.plf * place) / 12),
    momentInLb: places.map((place) => 12 * momentAtFtLb(bent, place / 12)),
    deflectionIn: places.map(() => 0),
    points: [],
    lines: [{ fromIn: 0, toIn: heightIn, startLbIn: bent.plf / 12, endLbIn: bent.plf / 12, name: 'wind' }],
    supportsIn: [0, heightIn],
  }
}

/** How far wind on the cladding sags the post (IBC 2021 Table 1604.3). */
function sagCheck({
  sags,
  demands,
  pier,
  basis,
  common,
  hole,
  name,
  building,
}: {
  readonly sags: Post[]
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly pier: boolean
  readonly basis: ColumnBasis
  readonly common: { stage: 'posts'; group: 'column'; subjects: string[] }
  readonly hole: HoleKind
  readonly name: string
  readonly building: Building
}): Check {
  const most = sags.reduce((best, sag) =>
    demands[sag.id].claddingPlf * sag.heightIn ** 4 > demands[best.id].claddingPlf * best.heightIn ** 4 ? sag : best,
  )
  const lbPerIn = (demands[most.id].claddingPlf * 0.42) / 0.6 / 12
  const sag = pier
    ? (5 * lbPerIn * basis.lengthIn(most) ** 4) / (384 * basis.values.ePsi * basis.size.iIn4)
    : (lbPerIn * most.heightIn ** 4) / (185 * basis.values.ePsi * basis.size.iIn4)
  return makeCheck({
    ...common,
    subjects: [most.id, ...hole.postIds.filter((postId) => postId !== most.id)],
    id: `sag-${hole.kind}`,
    title: `${name}: sag under wind`,
    demand: sag,
    capacity: most.heightIn / building.postSag,
    unit: 'in',
    combination: '0.42·W',
    place: 'at mid-height',
    governs: `Cladding wind bends ${most.id} ${sig(sag)} in.; its height over ${building.postSag} is allowed.`,
    fix: 'A deeper section.',
    diagram: () =>
      postDiagram(cladBent(demands[most.id].claddingPlf, basis.lengthIn(most) / 12, pier), basis.lengthIn(most), null),
    trace: () => [
      line({
        label: 'Sag under 0.42·p',
        formula: pier ? '5·w·H⁴/(384·E·I)' : 'w·H⁴/(185·E·I)',
        numbers: pier
          ? `5 × ${sig(lbPerIn)} × ${sig(basis.lengthIn(most))}⁴/(384 × ${sig(basis.values.ePsi)} × ` +
            `${sig(basis.size.iIn4)})`
          : `${sig(lbPerIn)} × ${sig(most.heightIn)}⁴/(185 × ${sig(basis.values.ePsi)} × ${sig(basis.size.iIn4)})`,
        value: sag,
        unit: 'in',
        clause: 'IBC 2021 Table 1604.3 note f',
      }),
    ],
  })
}

/** Strength, shear and sag of the posts of one kind; every post is worked through and the hardest worked governs. */
export function columnChecks({
  job,
  hole,
  posts,
  demands,
  lateral,
  basis,
  ratios,
}: {
  job: Job
  hole: HoleKind
  posts: ReadonlyMap<string, Post>
  demands: Readonly<Record<string, PostDemand>>
  lateral: Lateral
  basis: ColumnBasis | null
  ratios: Record<string, number>
}): Check[] {
  const building = job.building
  const name = kindName(hole.kind)
  const id = `column-${hole.kind}`
  const title = `${name}: bending and load`
  if (!basis || !lateral.values)
    return [
      notChecked({
        id,
        title,
        stage: 'posts',
        why: `No design values are tabled for ${building.post.lumber} in a ${postSize(building.post).label}.`,
        fix: 'Choose a tabled grade, or enter the values off its stamp.',
        subjects: hole.postIds,
      }),
    ]
  const own = hole.postIds.flatMap((postId) => {
    const post = posts.get(postId)
    return post ? [post] : []
  })
  if (own.some((post) => !lateral.cases[post.id]))
    return [
      notChecked({
        id,
        title,
        stage: 'posts',
        why: `The wind on these posts is not computed, so their bending is not either. ${lateral.why}`,
        fix:
          building.school === 'pier'
            ? 'A post that turns on its bracket cannot stand without a roof diaphragm or knee braces.'
            : 'Take these to an engineer.',
        subjects: hole.postIds,
      }),
    ]
  const constrained = building.slab === 'tied'
  const done = new Map<string, ColumnResult>()
  let worst: ColumnResult | null = null
  for (const post of own) {
    const demand = demands[post.id]
    const cs = lateral.cases[post.id]
    const key = [
      post.heightIn,
      Math.round(demand.gravityLb),
      Math.round(demand.upliftLb),
      Math.round(demand.claddingPlf * 10),
      ...cs.flatMap((lateral) => [Math.round(lateral.momentFtLb), Math.round(lateral.fieldMomentFtLb)]),
    ].join('|')
    let columnResult = done.get(key)
    if (!columnResult) {
      columnResult = columnWorst({ job, basis, post, demand, cases: cs, embedIn: hole.embedIn, constrained })
      done.set(key, columnResult)
    }
    ratios[post.id] = columnResult.ratio
    if (!worst || !(columnResult.ratio <= worst.ratio)) worst = { ...columnResult, postId: post.id }
  }
  if (!worst) return []
  const result: ColumnResult = worst
  const other = posts.get(result.postId) as Post
  const strong = (basis.keOf(other) * basis.lengthIn(other)) / basis.size.depthIn
  const subjects = [other.id, ...hole.postIds.filter((postId) => postId !== other.id)]
  const free = lateral.relied === 'frames alone'
  const fix = free
    ? 'Without a roof diaphragm these posts stand alone: a much deeper section, knee braces, or a checked diaphragm.'
    : 'A deeper ply, a fourth ply, a better grade, or posts closer together.'
  const common = { stage: 'posts' as const, group: 'column' as const, subjects }
  // A post on a bracket is drawn from its bracket up: nothing bends it there.
  const pier = building.school === 'pier'
  const standing = (bent: Bent): Bent => (pier ? { ...bent, momentFtLb: 0 } : bent)
  const out: Check[] = []
  if (strong > 50) {
    out.push(
      makeCheck({
        ...common,
        id,
        title,
        demand: strong,
        capacity: 50,
        unit: 'le/d',
        governs: `${other.id} is too slender: le/d ${sig(strong)} passes the limit of 50.`,
        fix,
        combination: 'any',
        place: 'whole height',
        trace: () => [
          line({
            label: 'Slenderness',
            formula: 'Ke·H/d',
            numbers: `${basis.keOf(other)} × ${sig(basis.lengthIn(other))}/${sig(basis.size.depthIn)}`,
            value: strong,
            unit: '',
            clause: 'NDS 2018 3.7.1.4',
            verify: 'C07',
          }),
        ],
      }),
    )
  } else {
    out.push(
      makeCheck({
        ...common,
        id,
        title,
        demand: Number.isFinite(result.ratio) ? result.ratio : 9.99,
        capacity: 1,
        unit: '',
        combination: result.axial.name,
        place: result.section,
        governs:
          `${result.axial.name}${result.lateralCase ? ` with ${result.lateralCase.name}` : ''} works ${other.id} ` +
          `hardest, ${result.section}.`,
        fix,
        trace: () => columnTrace(basis, result, other, seatMomentFtLb(building, other, demands[other.id].gravityLb)),
        diagram: () => {
          if (result.lateralCase)
            return postDiagram(standing(result.lateralCase), basis.lengthIn(other), result.fbAllowed * basis.size.sIn3)
          if (result.clad > 0)
            return postDiagram(
              cladBent(result.clad, other.heightIn / 12, pier),
              other.heightIn,
              result.fbAllowed * basis.size.sIn3,
            )
          return null
        },
      }),
    )
  }
  // Shear at and below grade: the soil gives back up to 4M/3d (constrained) or the reverse shear under the turning
  // point.
  let most: { readonly post: Post; readonly lateralCase: LateralCase } | null = null
  for (const post of own)
    for (const lateralCase of lateral.cases[post.id])
      if (!most || Math.abs(lateralCase.shearLb) > Math.abs(most.lateralCase.shearLb)) most = { post, lateralCase }
  if (!most) return out
  const hardest = most
  const shearPsi = Math.max(
    Math.abs(hardest.lateralCase.shearLb),
    pier || hole.embedIn <= 0 ? 0 : (4 * Math.abs(hardest.lateralCase.momentFtLb)) / (3 * (hole.embedIn / 12)),
  )
  const fv = (1.5 * shearPsi) / basis.size.areaIn2
  const fvAllowed = basis.values.fv * 1.6 * wetFactors(basis.values, basis.wet).fv
  out.push(
    makeCheck({
      ...common,
      id: `shear-${hole.kind}`,
      title: `${name}: shear`,
      demand: fv,
      capacity: fvAllowed,
      unit: 'psi',
      combination: 'D+0.6W',
      place: 'at or below grade',
      governs: `Wind shears ${hardest.post.id} with ${Math.round(shearPsi).toLocaleString('en-US')} lb at or below grade.`,
      fix: 'A larger section.',
      diagram: () => postDiagram(standing(hardest.lateralCase), basis.lengthIn(hardest.post), null),
      trace: () => [
        pier || hole.embedIn <= 0
          ? line({
              label: 'Largest shear',
              formula: 'V',
              numbers: sig(Math.abs(hardest.lateralCase.shearLb)),
              value: shearPsi,
              unit: 'lb',
              clause: 'statics',
            })
          : line({
              label: 'Largest shear',
              formula: 'the more of V and 4·M/(3·d)',
              numbers:
                `max(${sig(Math.abs(hardest.lateralCase.shearLb))}, 4 × ` +
                `${sig(Math.abs(hardest.lateralCase.momentFtLb))}/(3 × ${sig(hole.embedIn / 12)}))`,
              value: shearPsi,
              unit: 'lb',
              clause: 'statics',
            }),
        line({
          label: 'Shear stress',
          formula: 'fv = 1.5·V/A',
          numbers: `1.5 × ${sig(shearPsi)}/${sig(basis.size.areaIn2)}`,
          value: fv,
          unit: 'psi',
          clause: 'NDS 2018 3.4.2',
        }),
        line({
          label: 'Allowed',
          formula: "Fv' = Fv·CD·CM",
          numbers: `${sig(basis.values.fv)} × 1.6 × ${wetFactors(basis.values, basis.wet).fv}`,
          value: fvAllowed,
          unit: 'psi',
          clause: basis.values.table,
          verify: basis.values.verify,
        }),
      ],
    }),
  )
  const sags = own.filter((post) => demands[post.id].claddingPlf > 0)
  if (sags.length) {
    out.push(sagCheck({ sags, demands, pier, basis, common, hole, name, building }))
  }
  return out
}

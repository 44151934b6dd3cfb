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
  readonly c: LateralCase | null
  readonly momentFtLb: number
  readonly weakFtLb: number
  readonly fc: number
  readonly fb: number
  readonly fb2: number
  readonly fcAllowed: number
  readonly fbAllowed: number
  /** What it was judged with: the load and its parts, the area left at the section, the share of the bending strength, the limits; cladding wind, plf, where that alone rules. */
  readonly axial: Axial
  readonly areaIn2: number
  readonly share: number
  readonly limits: Limits
  readonly clad: number
}

export interface ColumnBasis {
  readonly size: PostSize
  readonly v: DesignValues
  readonly keOf: (p: Post) => number
  readonly wet: boolean
  readonly lamination: number
  readonly kf: number
  readonly weakDepthIn: number
  readonly solidWeak: boolean
  readonly eMinWet: number
  readonly gapIn: (p: Post) => number
  readonly lengthIn: (p: Post) => number
  readonly weakS: number
  /** Limits already worked out, by length, gap, duration and wetness. */
  readonly known: Map<string, Limits>
}

/** Factors that every post of the building shares, NDS 2018 3.7, 15.3 and the register. */
export function columnBasis(b: Building, lateral: Lateral, gapIn: number): ColumnBasis | null {
  const v = lateral.values
  if (!v) return null
  const size = postSize(b.post)
  const wet = b.school !== 'pier' && size.wood === 'laminated'
  const laminated = size.wood === 'laminated'
  const plan = laminated
    ? laminationPlan(b.joints.lamination, size.plies, size.depthIn, b.heelIn + b.minimumDepthIn, v.g)
    : null
  const kf = laminated ? (plan?.meets ? 0.6 : 1) : 1
  const pinned = b.school === 'pier'
  const free = lateral.relied === 'frames alone'
  const heldKe = pinned ? 1 : 0.8
  const freeKe = pinned ? 2.4 : 2.1
  // Where frames take more than a fifth of the load themselves, the tops of their posts count as free (register C07).
  const eaveKe = free || lateral.row.frameShare > 0.2 ? freeKe : heldKe
  const keOf = (p: Post): number => (isEave(p.side) && p.kind !== 'lean-to' ? eaveKe : free ? freeKe : heldKe)
  return {
    size,
    v,
    keOf,
    wet,
    lamination: laminated ? laminationFactor(size.plies, b.post.ep559, v.machine) : 1,
    kf,
    // Plies nailed by 15.3.3 act over the whole width with Kf; otherwise each ply stands by itself.
    weakDepthIn: laminated && !plan?.meets ? 1.5 : size.widthIn,
    solidWeak: laminated,
    eMinWet: v.eMin * wetFactors(v, wet).e,
    gapIn: (p) => (p.kind === 'lean-to' || b.openSides.includes(p.side) ? p.heightIn * (free ? 2.1 : 0.8) : gapIn),
    lengthIn: (p) => p.heightIn - (pinned ? b.bracketIn : 0),
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
function axials(list: readonly Combination[], d: PostDemand, weightLb: number): Axial[] {
  const out: Axial[] = []
  for (const c of list) {
    const roof = c.live === 'snow' ? d.snowLb : c.live === 'roof' ? d.liveLb : 0
    const dead = c.least ? d.deadMinLb + weightLb : d.deadLb + weightLb
    const make = (windLb: number) =>
      out.push({
        lb: c.dead * dead + c.roof * roof + windLb,
        duration: c.duration,
        name: c.id,
        windShare: c.wind / 0.6,
        parts: [c.dead * dead, c.roof * roof, windLb],
      })
    if (c.wind === 0) {
      make(0)
      continue
    }
    if (!c.least) make(c.wind * d.windDownLb)
    if (c.roof === 0) make(-c.wind * d.windUpLb)
  }
  return out
}

/** What one section can take under one duration, wet or dry: it does not depend on the load, so each is worked out once. */
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
  readonly c: number
  readonly cp: number
  readonly kf: number
}
function limitsOf(k: ColumnBasis, p: Post, duration: number, wet: boolean): Limits {
  const ke = k.keOf(p)
  const gap = k.gapIn(p)
  const key = `${p.heightIn}|${gap}|${ke}|${duration}|${wet}`
  const known = k.known.get(key)
  if (known) return known
  const { size, v } = k
  const f = wetFactors(v, wet)
  const strong = (ke * k.lengthIn(p)) / size.depthIn
  const weak = gap / k.weakDepthIn
  const fcStar = v.fc * duration * f.fc
  const c = size.wood === 'glulam' ? 0.9 : 0.8
  const c1 = columnStability({ slenderness: strong, eMinPsi: v.eMin * f.e, fcStarPsi: fcStar, c })
  const c2 = columnStability({ slenderness: weak, eMinPsi: v.eMin * f.e, fcStarPsi: fcStar, c })
  const weakRules = k.kf * c2.cp < c1.cp
  const made: Limits = {
    fcStar,
    c,
    fce: weakRules ? c2.fcePsi : c1.fcePsi,
    cp: weakRules ? c2.cp : c1.cp,
    kf: weakRules ? k.kf : 1,
    fcAllowed: fcStar * Math.min(c1.cp, k.kf * c2.cp),
    fce1: c1.fcePsi,
    fce2: c2.fcePsi,
    fbAllowed: v.fb * duration * f.fb * k.lamination,
    fb2Allowed: v.fb * duration * f.fb * (k.solidWeak ? 1.15 : 1),
    ftAllowed: v.ft * duration,
    slender: Math.max(strong, weak), // flat plies take Cfu of their own, 1.15 for 6 and 8 in.
  }
  k.known.set(key, made)
  return made
}

/** One section under one combination, before it is judged. `share` of the whole section's bending strength that counts. */
interface Trial {
  readonly a: Axial
  readonly section: Section
  readonly m1: number
  readonly m2: number
  readonly wet: boolean
  readonly share: number
  readonly c: LateralCase | null
  /** Cladding wind, plf, of a trial that has only that. */ readonly clad?: number
}

/** Area that counts at a section: without one ply in a splice zone and beside the truss pocket. */
const areaLeftIn2 = (k: ColumnBasis, t: Trial): number =>
  k.size.areaIn2 * (t.share < 1 || t.section === 'at the truss seat' ? (k.size.plies - 1) / k.size.plies : 1)

/** Ratio of the interaction, NDS 2018 3.9.2 in compression, 3.9.1 in tension; at the seat, outer plies without buckling (3.10.1). */
function ratioOf(k: ColumnBasis, l: Limits, t: Trial): number {
  const f = t.a.lb / areaLeftIn2(k, t)
  if (t.section === 'at the truss seat') return f / (k.v.fc * t.a.duration)
  const fb = (Math.abs(t.m1) * 12) / k.size.sIn3
  const fb2 = (Math.abs(t.m2) * 12) / k.weakS
  const fbAllowed = l.fbAllowed * t.share
  if (f < 0) return -f / l.ftAllowed + fb / fbAllowed + fb2 / l.fb2Allowed
  const r1 = 1 - f / l.fce1
  const r2 = 1 - f / l.fce2
  return (
    (f / l.fcAllowed) ** 2 +
    (fb === 0 ? 0 : r1 > 0 ? fb / (fbAllowed * r1) : Infinity) +
    (fb2 === 0 ? 0 : r2 > 0 ? fb2 / (l.fb2Allowed * r2) : Infinity)
  )
}

/** The governing trial with all its numbers. */
function detail(k: ColumnBasis, p: Post, t: Trial, ratio: number): ColumnResult {
  const l = limitsOf(k, p, t.a.duration, t.wet)
  const areaIn2 = areaLeftIn2(k, t)
  return {
    postId: p.id,
    section: t.section,
    ratio,
    c: t.c,
    momentFtLb: t.m1,
    weakFtLb: t.m2,
    fc: t.a.lb / areaIn2,
    fb: (Math.abs(t.m1) * 12) / k.size.sIn3,
    fb2: (Math.abs(t.m2) * 12) / k.weakS,
    fcAllowed: t.section === 'at the truss seat' ? k.v.fc * t.a.duration : t.a.lb < 0 ? l.ftAllowed : l.fcAllowed,
    fbAllowed: l.fbAllowed * t.share,
    axial: t.a,
    areaIn2,
    share: t.share,
    limits: l,
    clad: t.clad ?? 0,
  }
}

/** Moment that eccentric carriers put into the top of a post, ft-lb: R·e where the beam is bolted to one face (14.3). */
export function seatMomentFtLb(b: Building, p: Post, gravityLb: number): number {
  const beam = b.roof.truss.set === 'carriers' ? b.roof.carrier : null
  if (!isEave(p.side) || !beam || beam.sides === 'both' || b.roof.truss.seat !== 'face') return 0
  return (gravityLb * (postSize(b.post).depthIn + 1.5 * beam.plies)) / 2 / 12
}

/** Every section of one post under every combination and wind case; the worst ratio of all. */
export function columnWorst(
  job: Job,
  k: ColumnBasis,
  p: Post,
  d: PostDemand,
  cases: readonly LateralCase[],
  embedIn: number,
  constrained: boolean,
): ColumnResult {
  const b = job.building
  const heightFt = p.heightIn / 12
  const weightLb = d.postWeightPlf * heightFt
  const list = axials(editionData(job.site.edition).combinations, d, weightLb)
  const pier = b.school === 'pier'
  let worst: Trial | null = null
  let ratio = -1
  // Few durations come again and again: their limits are kept at hand, by duration and wetness.
  const near: { readonly duration: number; readonly wet: boolean; readonly limits: Limits }[] = []
  const limits = (duration: number, wet: boolean): Limits => {
    for (const n of near) if (n.duration === duration && n.wet === wet) return n.limits
    const made = limitsOf(k, p, duration, wet)
    near.push({ duration, wet, limits: made })
    return made
  }
  const take = (
    a: Axial,
    section: Section,
    m1: number,
    m2: number,
    wet: boolean,
    share: number,
    c: LateralCase | null,
    cladPlf = 0,
  ) => {
    const t: Trial = { a, section, m1, m2, wet, share, c, clad: cladPlf }
    const r = ratioOf(k, limits(a.duration, wet), t)
    if (!(r <= ratio)) {
      ratio = r
      worst = t
    }
  }
  const ecc = seatMomentFtLb(b, p, d.gravityLb)
  // A corner post bends across its plies too: between girts where the eave wall has skin, over its whole height where it has none.
  const weakPlf = p.kind === 'corner' ? (cases[0]?.plf ?? 0) * (d.eaveWallFt > 0 ? d.gableWallFt / d.eaveWallFt : 0) : 0
  const weakFt = ((k.gapIn(p) / 12) ** 2 * weakPlf) / 8
  const pocket = b.roof.truss.seat === 'pocket' && k.size.wood === 'laminated' && isEave(p.side)
  const grades = cases.map((c) =>
    pier
      ? 0
      : constrained
        ? Math.abs(c.momentFtLb)
        : Math.max(
            Math.abs(c.momentFtLb),
            Math.abs(c.fixedFtLb),
            inGroundMomentFtLb(Math.abs(c.shearLb), Math.abs(c.momentFtLb), Math.max(0.5, embedIn / 12)),
          ),
  )
  for (const a of list) {
    if (a.windShare === 0) {
      take(a, 'at mid-height', ecc / 2, 0, false, 1, null)
      // The centre ply is cut away over the seat: the outer plies carry the load across the pocket's foot.
      if (pocket) take(a, 'at the truss seat', 0, 0, false, 1, null)
      continue
    }
    const s = a.windShare
    cases.forEach((c, i) => {
      take(a, 'at or below grade', s * grades[i], s * weakFt, k.wet, 1, c)
      take(a, 'at mid-height', s * c.fieldMomentFtLb + ecc / 2, s * weakFt, false, 1, c)
      if (b.knee && c.kneeMomentFtLb > 0) take(a, 'at the knee brace', s * c.kneeMomentFtLb, 0, false, 1, c)
      if (b.post.splice && k.size.wood === 'laminated') {
        const z = b.post.splice
        let m = 0
        for (let q = 0; q <= 8; q++)
          m = Math.max(m, Math.abs(momentAtFtLb(c, (z.fromIn + ((z.toIn - z.fromIn) * q) / 8) / 12)))
        take(a, 'in the splice zone', s * m, 0, z.fromIn < 12 && k.wet, z.efficiency ?? SPLICE_SHARE, c)
      }
    })
  }
  // Cladding wind by itself (7.8): the post as a part of the wall, with no roof load to help or harm.
  const clad = (d.claddingPlf * heightFt ** 2) / 8
  if (clad > 0)
    take(
      { lb: 0, duration: 1.6, name: 'cladding wind', windShare: 1, parts: [0, 0, 0] },
      pier ? 'at mid-height' : 'at or below grade',
      clad,
      0,
      k.wet && !pier,
      1,
      null,
      d.claddingPlf,
    )
  return detail(k, p, worst as unknown as Trial, ratio)
}

/** How the moment of a trial came about, with its numbers. */
function momentLine(r: ColumnResult, p: Post, eccFtLb: number): TraceLine {
  const label = `Moment ${r.section}`
  const verify = r.section === 'at or below grade' ? 'C17' : undefined
  const moment = Math.abs(r.momentFtLb)
  if (r.clad > 0)
    return line(label, 'w·H²/8', `${sig(r.clad)} × ${sig(p.heightIn / 12)}²/8`, moment, 'ft-lb', 'statics', verify)
  if (!r.c) return line(label, 'P·e/2', `${sig(eccFtLb)}/2`, moment, 'ft-lb', 'statics')
  const s = r.axial.windShare
  const ecc = r.section === 'at mid-height' && eccFtLb !== 0 ? ` + ${sig(eccFtLb)}/2` : ''
  const own = (moment - (ecc ? eccFtLb / 2 : 0)) / s
  const is = (action: 'momentFtLb' | 'fixedFtLb') => r.c !== null && Math.abs(own - Math.abs(r.c[action])) < 1e-6 * own
  const action =
    r.section !== 'at or below grade' ? null : is('momentFtLb') ? 'momentFtLb' : is('fixedFtLb') ? 'fixedFtLb' : null
  const parts = action === null ? sig(own) : actionNumbers(r.c, action)
  return line(
    label,
    `${s === 1 ? '' : 'share of the wind × '}M: held post × w + frame’s move${ecc ? ' + P·e/2' : ''}`,
    `${s === 1 ? parts : action === null ? `${sig(s)} × ${parts}` : `${sig(s)} × (${parts})`}${ecc}`,
    moment,
    'ft-lb',
    `statics: ${sig(r.c.plf)} plf, top moves ${sig(r.c.moveIn)} in.`,
    verify,
  )
}

function columnTrace(k: ColumnBasis, r: ColumnResult, p: Post, eccFtLb: number): TraceLine[] {
  const { v, size } = k
  const wet = r.section === 'at or below grade' && k.wet
  const [dead, roof, wind] = r.axial.parts
  const seat = r.section === 'at the truss seat'
  const tension = r.axial.lb < 0
  const { duration } = r.axial
  const out: TraceLine[] = [
    line(
      `Axial load${r.c ? `, ${r.c.name}` : ''}`,
      `${r.axial.name}: dead${roof === 0 ? '' : ' + roof'}${wind === 0 ? '' : ' + wind'}`,
      [dead, ...(roof === 0 ? [] : [roof]), ...(wind === 0 ? [] : [wind])]
        .map((x) => (x < 0 ? `(${sig(x).replace('-', '−')})` : sig(x)))
        .join(' + '),
      r.axial.lb,
      'lb',
      'ASCE 7-16 2.4.1',
    ),
    line(
      tension ? 'Axial stress, tension' : 'Axial stress',
      `${tension ? 'ft = T/A' : 'fc = P/A'}${r.areaIn2 < size.areaIn2 ? ', one ply not counted' : ''}`,
      `${sig(Math.abs(r.axial.lb))}/${sig(r.areaIn2)}`,
      Math.abs(r.fc),
      'psi',
      'NDS 2018 3.6',
    ),
  ]
  if (!tension && !seat) {
    const { fcStar, fce, c, cp, kf } = r.limits
    const a = `(1 + ${sig(fce / fcStar)})/(2 × ${c})`
    out.push(
      line(
        'Slenderness, strong axis',
        'Ke·H/d',
        `${k.keOf(p)} × ${sig(k.lengthIn(p))}/${sig(size.depthIn)}`,
        (k.keOf(p) * k.lengthIn(p)) / size.depthIn,
        '',
        'NDS 2018 3.7.1',
        k.keOf(p) > 1 ? 'C07' : undefined,
      ),
      line(
        'Slenderness, weak axis',
        `gap/d2${k.weakDepthIn === 1.5 ? ', plies apart: the nailing does not meet 15.3.3' : ''}`,
        `${sig(k.gapIn(p))}/${sig(k.weakDepthIn)}`,
        k.gapIn(p) / k.weakDepthIn,
        '',
        'NDS 2018 15.3.2',
      ),
      line(
        'Before stability',
        'Fc* = Fc·CD·CM',
        `${sig(v.fc)} × ${duration} × ${wetFactors(v, wet).fc}`,
        fcStar,
        'psi',
        v.table,
        v.verify,
      ),
      line(
        'Stability of the weaker axis',
        'CP from α = FcE/Fc*',
        `${a} − √((${a})² − ${sig(fce / fcStar)}/${c})`,
        cp,
        '',
        `NDS 2018 3.7.1.5, FcE ${sig(fce)} psi`,
      ),
      line(
        'Allowed axial',
        kf < 1 ? "Fc' = Fc*·Kf·CP" : "Fc' = Fc*·CP",
        `${sig(fcStar)}${kf < 1 ? ` × ${kf}` : ''} × ${sig(cp)}`,
        r.fcAllowed,
        'psi',
        kf < 1 ? 'NDS 2018 15.3.2' : 'NDS 2018 3.7',
      ),
    )
  }
  if (tension)
    out.push(
      line(
        'Allowed tension',
        "Ft' = Ft·CD",
        `${sig(v.ft)} × ${duration}`,
        r.fcAllowed,
        'psi',
        `${v.table}; NDS 2018 3.8`,
        v.verify,
      ),
    )
  if (r.momentFtLb !== 0)
    out.push(
      momentLine(r, p, eccFtLb),
      line(
        'Bending stress',
        'fb = 12·M/S',
        `12 × ${sig(Math.abs(r.momentFtLb))}/${sig(size.sIn3)}`,
        r.fb,
        'psi',
        'NDS 2018 3.3',
      ),
      line(
        'Allowed bending',
        `Fb' = Fb·CD·CM·lamination${r.share < 1 ? '·splice' : ''}`,
        `${sig(v.fb)} × ${duration} × ${wetFactors(v, wet).fb} × ${k.lamination}${r.share < 1 ? ` × ${sig(r.share)}` : ''}`,
        r.fbAllowed,
        'psi',
        `${v.table}; NDS 2018 4.3, ASABE EP559`,
        k.lamination > 1 ? 'C08' : v.verify,
      ),
    )
  const weak = r.weakFtLb !== 0
  if (weak)
    out.push(
      line(
        'Bending across the plies',
        'fb2 = 12·M2/ΣSy',
        `12 × ${sig(r.weakFtLb)}/${sig(k.weakS)}`,
        r.fb2,
        'psi',
        'NDS 2018 3.9.2',
      ),
    )
  const room = (fce: number) => `(1 − ${sig(r.fc)}/${sig(fce)})`
  out.push(
    seat
      ? line(
          'Outer plies beside the pocket',
          'fc/Fc*',
          `${sig(r.fc)}/${sig(r.fcAllowed)}`,
          r.ratio,
          '',
          'NDS 2018 3.10.1',
        )
      : tension
        ? line(
            'Together',
            `ft/Ft' + fb/Fb*${weak ? ' + fb2/Fb2*' : ''}`,
            `${sig(-r.fc)}/${sig(r.fcAllowed)} + ${sig(r.fb)}/${sig(r.fbAllowed)}${weak ? ` + ${sig(r.fb2)}/${sig(r.limits.fb2Allowed)}` : ''}`,
            r.ratio,
            '',
            'NDS 2018 3.9.1',
          )
        : line(
            'Together',
            `(fc/Fc')² + fb/(Fb'·(1−fc/FcE1))${weak ? " + fb2/(Fb2'·(1−fc/FcE2))" : ''}`,
            `(${sig(r.fc)}/${sig(r.fcAllowed)})² + ${sig(r.fb)}/(${sig(r.fbAllowed)} × ${room(r.limits.fce1)})${weak ? ` + ${sig(r.fb2)}/(${sig(r.limits.fb2Allowed)} × ${room(r.limits.fce2)})` : ''}`,
            r.ratio,
            '',
            'NDS 2018 3.9.2',
          ),
  )
  return out
}

/** What bends a post, for drawing: its wind, and its shear and moment at grade. */
type Bent = Pick<LateralCase, 'plf' | 'shearLb' | 'momentFtLb'>

/** Cladding wind by itself on a post held at its top: 5/8 and 1/8 of w·H and w·H² at grade, or half of w·H where it turns on a bracket. */
const cladBent = (plf: number, heightFt: number, pinned: boolean): Bent => ({
  plf,
  shearLb: (pinned ? 0.5 : 0.625) * plf * heightFt,
  momentFtLb: pinned ? 0 : (plf * heightFt ** 2) / 8,
})

/** Shear and moment along a post for drawing, from grade or its bracket up. */
function postDiagram(c: Bent, heightIn: number, capacityInLb: number | null): Diagram {
  const n = 32
  const x = Array.from({ length: n + 1 }, (_, i) => (heightIn * i) / n)
  return {
    lengthIn: heightIn,
    x,
    upright: true,
    capacityInLb,
    shearLb: x.map((z) => c.shearLb - (c.plf * z) / 12),
    momentInLb: x.map((z) => 12 * momentAtFtLb(c, z / 12)),
    deflectionIn: x.map(() => 0),
    points: [],
    lines: [{ fromIn: 0, toIn: heightIn, startLbIn: c.plf / 12, endLbIn: c.plf / 12, name: 'wind' }],
    supportsIn: [0, heightIn],
  }
}

/** Strength, shear and sag of the posts of one kind; every post is worked through and the hardest worked governs. */
export function columnChecks(
  job: Job,
  h: HoleKind,
  posts: ReadonlyMap<string, Post>,
  demands: Readonly<Record<string, PostDemand>>,
  lateral: Lateral,
  k: ColumnBasis | null,
  ratios: Record<string, number>,
): Check[] {
  const b = job.building
  const name = kindName(h.kind)
  const id = `column-${h.kind}`
  const title = `${name}: bending and load`
  if (!k || !lateral.values)
    return [
      notChecked(
        id,
        title,
        'posts',
        `No design values are tabled for ${b.post.lumber} in a ${postSize(b.post).label}.`,
        'Choose a tabled grade, or enter the values off its stamp.',
        h.postIds,
      ),
    ]
  const own = h.postIds.flatMap((i) => {
    const p = posts.get(i)
    return p ? [p] : []
  })
  if (own.some((p) => !lateral.cases[p.id]))
    return [
      notChecked(
        id,
        title,
        'posts',
        `The wind on these posts is not computed, so their bending is not either. ${lateral.why}`,
        b.school === 'pier'
          ? 'A post that turns on its bracket cannot stand without a roof diaphragm or knee braces.'
          : 'Take these to an engineer.',
        h.postIds,
      ),
    ]
  const constrained = b.slab === 'tied'
  const done = new Map<string, ColumnResult>()
  let worst: ColumnResult | null = null
  for (const p of own) {
    const d = demands[p.id]
    const cs = lateral.cases[p.id]
    const key = [
      p.heightIn,
      Math.round(d.gravityLb),
      Math.round(d.upliftLb),
      Math.round(d.claddingPlf * 10),
      ...cs.flatMap((c) => [Math.round(c.momentFtLb), Math.round(c.fieldMomentFtLb)]),
    ].join('|')
    let r = done.get(key)
    if (!r) {
      r = columnWorst(job, k, p, d, cs, h.embedIn, constrained)
      done.set(key, r)
    }
    ratios[p.id] = r.ratio
    if (!worst || !(r.ratio <= worst.ratio)) worst = { ...r, postId: p.id }
  }
  if (!worst) return []
  const r: ColumnResult = worst
  const p = posts.get(r.postId) as Post
  const strong = (k.keOf(p) * k.lengthIn(p)) / k.size.depthIn
  const subjects = [p.id, ...h.postIds.filter((q) => q !== p.id)]
  const free = lateral.relied === 'frames alone'
  const fix = free
    ? 'Without a roof diaphragm these posts stand alone: a much deeper section, knee braces, or a checked diaphragm.'
    : 'A deeper ply, a fourth ply, a better grade, or posts closer together.'
  const common = { stage: 'posts' as const, group: 'column' as const, subjects }
  // A post on a bracket is drawn from its bracket up: nothing bends it there.
  const pier = b.school === 'pier'
  const standing = (c: Bent): Bent => (pier ? { ...c, momentFtLb: 0 } : c)
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
        governs: `${p.id} is too slender: le/d ${sig(strong)} passes the limit of 50.`,
        fix,
        combination: 'any',
        place: 'whole height',
        trace: () => [
          line(
            'Slenderness',
            'Ke·H/d',
            `${k.keOf(p)} × ${sig(k.lengthIn(p))}/${sig(k.size.depthIn)}`,
            strong,
            '',
            'NDS 2018 3.7.1.4',
            'C07',
          ),
        ],
      }),
    )
  } else {
    out.push(
      makeCheck({
        ...common,
        id,
        title,
        demand: Number.isFinite(r.ratio) ? r.ratio : 9.99,
        capacity: 1,
        unit: '',
        combination: r.axial.name,
        place: r.section,
        governs: `${r.axial.name}${r.c ? ` with ${r.c.name}` : ''} works ${p.id} hardest, ${r.section}.`,
        fix,
        trace: () => columnTrace(k, r, p, seatMomentFtLb(b, p, demands[p.id].gravityLb)),
        diagram: () =>
          r.c
            ? postDiagram(standing(r.c), k.lengthIn(p), r.fbAllowed * k.size.sIn3)
            : r.clad > 0
              ? postDiagram(cladBent(r.clad, p.heightIn / 12, pier), p.heightIn, r.fbAllowed * k.size.sIn3)
              : null,
      }),
    )
  }
  // Shear at and below grade: the soil gives back up to 4M/3d (constrained) or the reverse shear under the turning point.
  let most: { readonly q: Post; readonly c: LateralCase } | null = null
  for (const q of own)
    for (const c of lateral.cases[q.id]) if (!most || Math.abs(c.shearLb) > Math.abs(most.c.shearLb)) most = { q, c }
  if (!most) return out
  const hardest = most
  const v = Math.max(
    Math.abs(hardest.c.shearLb),
    pier || h.embedIn <= 0 ? 0 : (4 * Math.abs(hardest.c.momentFtLb)) / (3 * (h.embedIn / 12)),
  )
  const fv = (1.5 * v) / k.size.areaIn2
  const fvAllowed = k.v.fv * 1.6 * wetFactors(k.v, k.wet).fv
  out.push(
    makeCheck({
      ...common,
      id: `shear-${h.kind}`,
      title: `${name}: shear`,
      demand: fv,
      capacity: fvAllowed,
      unit: 'psi',
      combination: 'D+0.6W',
      place: 'at or below grade',
      governs: `Wind shears ${hardest.q.id} with ${Math.round(v).toLocaleString('en-US')} lb at or below grade.`,
      fix: 'A larger section.',
      diagram: () => postDiagram(standing(hardest.c), k.lengthIn(hardest.q), null),
      trace: () => [
        pier || h.embedIn <= 0
          ? line('Largest shear', 'V', sig(Math.abs(hardest.c.shearLb)), v, 'lb', 'statics')
          : line(
              'Largest shear',
              'the more of V and 4·M/(3·d)',
              `max(${sig(Math.abs(hardest.c.shearLb))}, 4 × ${sig(Math.abs(hardest.c.momentFtLb))}/(3 × ${sig(h.embedIn / 12)}))`,
              v,
              'lb',
              'statics',
            ),
        line('Shear stress', 'fv = 1.5·V/A', `1.5 × ${sig(v)}/${sig(k.size.areaIn2)}`, fv, 'psi', 'NDS 2018 3.4.2'),
        line(
          'Allowed',
          "Fv' = Fv·CD·CM",
          `${sig(k.v.fv)} × 1.6 × ${wetFactors(k.v, k.wet).fv}`,
          fvAllowed,
          'psi',
          k.v.table,
          k.v.verify,
        ),
      ],
    }),
  )
  const sags = own.filter((q) => demands[q.id].claddingPlf > 0)
  if (sags.length) {
    const most = sags.reduce((a, q) =>
      demands[q.id].claddingPlf * q.heightIn ** 4 > demands[a.id].claddingPlf * a.heightIn ** 4 ? q : a,
    )
    const w = (demands[most.id].claddingPlf * 0.42) / 0.6 / 12
    const sag = pier
      ? (5 * w * k.lengthIn(most) ** 4) / (384 * k.v.e * k.size.iIn4)
      : (w * most.heightIn ** 4) / (185 * k.v.e * k.size.iIn4)
    out.push(
      makeCheck({
        ...common,
        subjects: [most.id, ...h.postIds.filter((q) => q !== most.id)],
        id: `sag-${h.kind}`,
        title: `${name}: sag under wind`,
        demand: sag,
        capacity: most.heightIn / b.postSag,
        unit: 'in',
        combination: '0.42·W',
        place: 'at mid-height',
        governs: `Cladding wind bends ${most.id} ${sig(sag)} in.; its height over ${b.postSag} is allowed.`,
        fix: 'A deeper section.',
        diagram: () =>
          postDiagram(cladBent(demands[most.id].claddingPlf, k.lengthIn(most) / 12, pier), k.lengthIn(most), null),
        trace: () => [
          line(
            'Sag under 0.42·p',
            pier ? '5·w·H⁴/(384·E·I)' : 'w·H⁴/(185·E·I)',
            pier
              ? `5 × ${sig(w)} × ${sig(k.lengthIn(most))}⁴/(384 × ${sig(k.v.e)} × ${sig(k.size.iIn4)})`
              : `${sig(w)} × ${sig(most.heightIn)}⁴/(185 × ${sig(k.v.e)} × ${sig(k.size.iIn4)})`,
            sag,
            'in',
            'IBC 2021 Table 1604.3 note f',
          ),
        ],
      }),
    )
  }
  return out
}

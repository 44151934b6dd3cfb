import { WIND_ASD } from '../loads'
import { IN_PER_FT, IN2_PER_FT2 } from '../units'
import type { BoardName, Finish, GirtStyle, Lumber, OwnGrade } from '../model'
import { entryOf, line, sig, stands, type TraceLine, type Use, usedOf, worstUse } from '../result'
import { CFU, repetitive, wetFactors } from './factors'
import { boardValues, type DesignValues, treated } from './lumber'
import { boardSize } from './sections'
import { edgeLines, freeEdge, type FreeEdge } from './edge'
import { uniformLeIn } from './stability'

/**
 * One girt: `plies` boards nailed together at each row; `spans` 2 where a full-length board crosses the middle post.
 */
export interface GirtBoard {
  readonly style: GirtStyle
  readonly size: BoardName
  readonly lumber: Lumber
  readonly spans: 1 | 2
  readonly plies?: number
  readonly own?: readonly OwnGrade[]
  readonly finish?: Finish
  /** Treated and wet, as a board at the ground is; with whether its species is incised. */
  readonly atGround?: { readonly incised: boolean }
}

export interface GirtLoad {
  readonly spanIn: number
  readonly spaceIn: number
  readonly inwardPsf: number
  readonly outwardPsf: number
}

/** Ratios of one girt under one pressure pair: bending, shear and deflection. */
export interface GirtRatios {
  readonly bending: Use
  readonly shear: number
  readonly deflection: number
  readonly worst: Use
  readonly governs: 'bending' | 'shear' | 'deflection'
  readonly deflectionIn: number
  readonly limitIn: number
}

const CD_WIND = 1.6
/**
 * Deflection limit, span over this, of what the girts carry: formed metal siding (IBC 2021 Table 1604.3 note a),
 * flexible or brittle finish.
 */
const wallLimit = (finish: Finish): number => ({ metal: 90, flexible: 120, brittle: 240 })[finish]
/** Share of the strength-level load used for deflection only, IBC 2021 Table 1604.3 note f. */
const DEFLECTION_SHARE = 0.42

/** Values of wood that stays wet, less what that takes of each (CM, NDS Supplement Tables 4A to 4C). */
function wetValues(values: DesignValues): DesignValues {
  const wet = wetFactors(values, true)
  return {
    ...values,
    fb: values.fb * wet.fb,
    fv: values.fv * wet.fv,
    ePsi: values.ePsi * wet.ePsi,
    eMin: values.eMin * wet.ePsi,
    table: `${values.table}; wet service, CM`,
  }
}

/** A girt's boards with their values; null where none are tabled. */
function girtSection(board: GirtBoard) {
  const size = boardSize(board.size)
  const dry = boardValues(board.lumber, size.nominal, board.own)
  if (!dry) return null
  const values = board.atGround ? wetValues(treated(dry, board.atGround.incised)) : dry
  // Where boards lie outside and stand between posts too, the outer ones are taken to carry the wind by themselves
  // (safe).
  const flat = board.style !== 'between'
  const plies = board.plies ?? 1
  return {
    size,
    values,
    flat,
    two: board.spans === 2,
    areaIn2: size.areaIn2 * plies,
    sIn3: plies * (flat ? size.sFlatIn3 : size.sEdgeIn3),
    iIn4: plies * (flat ? size.iFlatIn4 : size.iEdgeIn4),
  }
}
type GirtSection = NonNullable<ReturnType<typeof girtSection>>

/** A girt's inner edge, which nothing holds over the span; null lying flat. */
function innerEdge({ size, values, flat }: GirtSection, load: GirtLoad, fbStarPsi: number): FreeEdge | null {
  if (flat) return null
  const leIn = uniformLeIn(load.spanIn, size.dIn)
  return freeEdge({ leIn, dIn: size.dIn, bIn: size.bIn, eMinPsi: values.eMin, fbStarPsi })
}

/** Bending: which way the wind rules, moment and stress from it, and what the board may take. */
function girtBending(section: GirtSection, load: GirtLoad) {
  const cr = repetitive(load.spaceIn)
  const fbStar = section.values.fb * CD_WIND * cr
  const inner = innerEdge(section, load, fbStar)
  const cl = inner?.cl ?? 1
  // The skin holds the outer edge under inward wind; suction compresses the inner edge, which nothing holds over the
  // span.
  const suctionGoverns = -load.outwardPsf > load.inwardPsf * cl
  const psf = suctionGoverns ? -load.outwardPsf : load.inwardPsf
  const edge = suctionGoverns ? inner : null
  const factor = section.flat ? entryOf(CFU, section.size.nominal) : (edge?.cl ?? 1)
  const plf = (WIND_ASD * psf * load.spaceIn) / IN_PER_FT
  const momentFtLb = (plf * (load.spanIn / IN_PER_FT) ** 2) / 8
  const fb = (momentFtLb * IN_PER_FT) / section.sIn3
  const allowedPsi = fbStar * factor
  return { cr, factor, edge, psf, plf, momentFtLb, fb, allowedPsi, use: usedOf(fb, allowedPsi) }
}

/** Shear at the hardest worked support. */
function girtShear({ two, areaIn2, values }: GirtSection, load: GirtLoad) {
  const plf = (WIND_ASD * peakPsf(load) * load.spaceIn) / IN_PER_FT
  const shearLb = ((two ? 0.625 : 0.5) * plf * load.spanIn) / IN_PER_FT
  const fv = (1.5 * shearLb) / areaIn2
  return { shearLb, fv, ratio: fv / (values.fv * CD_WIND) }
}

/** Sag under the share of the wind that counts for it. */
function girtSag({ two, iIn4, values }: GirtSection, load: GirtLoad, over: number) {
  const perIn = (DEFLECTION_SHARE * peakPsf(load) * load.spaceIn) / IN2_PER_FT2
  const wl4 = perIn * load.spanIn ** 4
  const sagIn = two ? wl4 / (185 * values.ePsi * iIn4) : (5 * wl4) / (384 * values.ePsi * iIn4)
  const limitIn = load.spanIn / over
  return { perIn, sagIn, limitIn, over, ratio: sagIn / limitIn }
}

/** The stronger of the two ways that wind blows, psf. */
const peakPsf = (load: GirtLoad): number => Math.max(load.inwardPsf, -load.outwardPsf)

/** The arithmetic of a girt, line by line. */
function girtTrace(
  section: GirtSection,
  load: GirtLoad,
  {
    bending,
    shear,
    sag,
  }: {
    readonly bending: ReturnType<typeof girtBending>
    readonly shear: ReturnType<typeof girtShear>
    readonly sag: ReturnType<typeof girtSag>
  },
): readonly TraceLine[] {
  const { values, flat, two, sIn3, areaIn2, iIn4 } = section
  const spanFt = load.spanIn / IN_PER_FT
  const stiffness = `${sig(values.ePsi)} × ${sig(iIn4)}`
  return [
    line({
      label: 'Wind on the board',
      formula: 'w = 0.6·p·s',
      numbers: `0.6 × ${sig(bending.psf)} × ${sig(load.spaceIn)}/12`,
      value: bending.plf,
      unit: 'plf',
      clause: 'ASCE 7-16 2.4.1, 30.3',
    }),
    line({
      label: two ? 'Moment at the middle post' : 'Moment at mid-span',
      formula: 'M = w·L²/8',
      numbers: `${sig(bending.plf)} × ${sig(spanFt)}²/8`,
      value: bending.momentFtLb,
      unit: 'ft-lb',
      clause: 'statics',
    }),
    line({
      label: 'Bending stress',
      formula: 'fb = 12·M/S',
      numbers: `12 × ${sig(bending.momentFtLb)}/${sig(sIn3)}`,
      value: bending.fb,
      unit: 'psi',
      clause: 'NDS 2018 3.3',
    }),
    ...(bending.edge ? edgeLines(bending.edge) : []),
    line({
      label: 'Allowed bending',
      formula: flat ? "Fb' = Fb·CD·Cr·Cfu" : "Fb' = Fb·CD·Cr·CL",
      numbers: `${sig(values.fb)} × 1.6 × ${bending.cr} × ${flat ? bending.factor : sig(bending.factor)}`,
      value: bending.allowedPsi,
      unit: 'psi',
      clause: `${values.table}; NDS 4.3`,
      verify: bending.cr > 1 ? 'C06' : values.verify,
    }),
    line({
      label: 'Shear stress',
      formula: 'fv = 1.5·V/A',
      numbers: `1.5 × ${sig(shear.shearLb)}/${sig(areaIn2)}`,
      value: shear.fv,
      unit: 'psi',
      clause: 'NDS 2018 3.4',
    }),
    line({
      label: 'Sag under 0.42·p',
      formula: two ? 'w·L⁴/(185·E·I)' : '5·w·L⁴/(384·E·I)',
      numbers: `${two ? '' : '5 × '}${sig(sag.perIn)} × ${sig(load.spanIn)}⁴/(${two ? 185 : 384} × ${stiffness})`,
      value: sag.sagIn,
      unit: 'in',
      clause: 'IBC 2021 Table 1604.3 note f',
    }),
    line({
      label: 'Allowed sag',
      formula: `L/${sag.over}`,
      numbers: `${sig(load.spanIn)}/${sag.over}`,
      value: sag.limitIn,
      unit: 'in',
      clause: 'IBC 2021 Table 1604.3',
    }),
  ]
}

/** Which of the uses is the worst; of equal ones bending first, then sag. */
function governsOf(worst: Use, bending: Use, deflection: number): GirtRatios['governs'] {
  if (!stands(worst) || worst === bending) return 'bending'
  return worst === deflection ? 'deflection' : 'shear'
}

/**
 * Bending, shear and deflection of a girt under cladding wind, NDS 2018 with CD 1.6. Flat boards bend about the weak
 * axis (Cfu, CL 1);
 * boards between posts bend on edge, the inner edge unbraced over the span. Cr 1.15 up to 24 in. (register C06).
 * Two spans: wL²/8 at the post, 0.625wL, wL⁴/185EI; one span: wL²/8, 0.5wL, 5wL⁴/384EI. Null when the lumber has no
 * tabled values.
 */
export function girtRatios(
  board: GirtBoard,
  load: GirtLoad,
): { readonly ratios: GirtRatios; readonly trace: () => readonly TraceLine[] } | null {
  const section = girtSection(board)
  if (!section) return null
  const bending = girtBending(section, load)
  const shear = girtShear(section, load)
  const sag = girtSag(section, load, wallLimit(board.finish ?? 'metal'))
  const worst = worstUse([bending.use, shear.ratio, sag.ratio])
  return {
    ratios: {
      bending: bending.use,
      shear: shear.ratio,
      deflection: sag.ratio,
      worst,
      governs: governsOf(worst, bending.use, sag.ratio),
      deflectionIn: sag.sagIn,
      limitIn: sag.limitIn,
    },
    trace: () => girtTrace(section, load, { bending, shear, sag }),
  }
}

import { WIND_ASD } from '../loads'
import { IN_PER_FT, IN2_PER_FT2 } from '../units'
import type { BoardName, Finish, GirtStyle, Lumber, OwnGrade } from '../model'
import { line, sig, type TraceLine, entryOf } from '../result'
import { CFU, repetitive } from './factors'
import { boardValues } from './lumber'
import { boardSize } from './sections'
import { beamStability, uniformLeIn } from './stability'

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
}

export interface GirtLoad {
  readonly spanIn: number
  readonly spaceIn: number
  readonly inwardPsf: number
  readonly outwardPsf: number
}

/** Ratios of one girt under one pressure pair: bending, shear and deflection. */
export interface GirtRatios {
  readonly bending: number
  readonly shear: number
  readonly deflection: number
  readonly worst: number
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
  const size = boardSize(board.size)
  const values = boardValues(board.lumber, size.nominal, board.own)
  if (!values) return null
  // Where boards lie outside and stand between posts too, the outer ones are taken to carry the wind by themselves
  // (safe).
  const flat = board.style !== 'between'
  const plies = board.plies ?? 1
  const limit = wallLimit(board.finish ?? 'metal')
  const sIn3 = plies * (flat ? size.sFlatIn3 : size.sEdgeIn3)
  const i = plies * (flat ? size.iFlatIn4 : size.iEdgeIn4)
  const cr = repetitive(load.spaceIn)
  const cfu = flat ? entryOf(CFU, size.nominal) : 1
  const fbStar = values.fb * CD_WIND * cr
  const cl = flat
    ? 1
    : beamStability({
        leIn: uniformLeIn(load.spanIn, size.dIn),
        dIn: size.dIn,
        bIn: size.bIn,
        eMinPsi: values.eMin,
        fbStarPsi: fbStar,
      }).cl
  const peak = Math.max(load.inwardPsf, -load.outwardPsf)
  const pAsd = WIND_ASD * peak
  const wPlf = (pAsd * load.spaceIn) / IN_PER_FT
  const spanFt = load.spanIn / IN_PER_FT
  const two = board.spans === 2
  // The skin holds the outer edge under inward wind; suction compresses the inner edge, which nothing holds over the
  // span.
  const suctionGoverns = -load.outwardPsf / cl > load.inwardPsf
  const bendingPsf = suctionGoverns ? -load.outwardPsf : load.inwardPsf
  const fbAllowed = fbStar * cfu * (suctionGoverns ? cl : 1)
  const wBending = (WIND_ASD * bendingPsf * load.spaceIn) / IN_PER_FT
  const momentFtLb = (wBending * spanFt ** 2) / 8
  const fb = (momentFtLb * IN_PER_FT) / sIn3
  const shearLb = (two ? 0.625 : 0.5) * wPlf * spanFt
  const fv = (1.5 * shearLb) / (size.areaIn2 * plies)
  const wDef = (DEFLECTION_SHARE * peak * load.spaceIn) / IN2_PER_FT2
  const deflectionIn = two
    ? (wDef * load.spanIn ** 4) / (185 * values.ePsi * i)
    : (5 * wDef * load.spanIn ** 4) / (384 * values.ePsi * i)
  const limitIn = load.spanIn / limit
  const bending = Number.isFinite(fbAllowed) ? fb / fbAllowed : Infinity
  const shear = fv / (values.fv * CD_WIND)
  const deflection = deflectionIn / limitIn
  const worst = Math.max(bending, shear, deflection)
  const governing = () => {
    if (worst === bending) return 'bending'
    if (worst === deflection) return 'deflection'
    return 'shear'
  }
  const governs = governing()
  const trace = (): readonly TraceLine[] => [
    line({
      label: 'Wind on the board',
      formula: 'w = 0.6·p·s',
      numbers: `0.6 × ${sig(bendingPsf)} × ${sig(load.spaceIn)}/12`,
      value: wBending,
      unit: 'plf',
      clause: 'ASCE 7-16 2.4.1, 30.3',
    }),
    line({
      label: two ? 'Moment at the middle post' : 'Moment at mid-span',
      formula: 'M = w·L²/8',
      numbers: `${sig(wBending)} × ${sig(spanFt)}²/8`,
      value: momentFtLb,
      unit: 'ft-lb',
      clause: 'statics',
    }),
    line({
      label: 'Bending stress',
      formula: 'fb = 12·M/S',
      numbers: `12 × ${sig(momentFtLb)}/${sig(sIn3)}`,
      value: fb,
      unit: 'psi',
      clause: 'NDS 2018 3.3',
    }),
    line({
      label: 'Allowed bending',
      formula: flat ? "Fb' = Fb·CD·Cr·Cfu" : "Fb' = Fb·CD·Cr·CL",
      numbers: `${sig(values.fb)} × 1.6 × ${cr} × ${flat ? cfu : sig(suctionGoverns ? cl : 1)}`,
      value: fbAllowed,
      unit: 'psi',
      clause: `${values.table}; NDS 4.3`,
      verify: cr > 1 ? 'C06' : values.verify,
    }),
    line({
      label: 'Shear stress',
      formula: 'fv = 1.5·V/A',
      numbers: `1.5 × ${sig(shearLb)}/${sig(size.areaIn2 * plies)}`,
      value: fv,
      unit: 'psi',
      clause: 'NDS 2018 3.4',
    }),
    line({
      label: 'Sag under 0.42·p',
      formula: two ? 'w·L⁴/(185·E·I)' : '5·w·L⁴/(384·E·I)',
      numbers: `${two ? '' : '5 × '}${sig(wDef)} × ${sig(load.spanIn)}⁴/(${two ? 185 : 384} × ${sig(values.ePsi)} × ${sig(i)})`,
      value: deflectionIn,
      unit: 'in',
      clause: 'IBC 2021 Table 1604.3 note f',
    }),
    line({
      label: 'Allowed sag',
      formula: `L/${limit}`,
      numbers: `${sig(load.spanIn)}/${limit}`,
      value: limitIn,
      unit: 'in',
      clause: 'IBC 2021 Table 1604.3',
    }),
  ]
  return { ratios: { bending, shear, deflection, worst, governs, deflectionIn, limitIn }, trace }
}

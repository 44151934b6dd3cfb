import { radians } from '../units'
import { line, sig, type TraceLine } from '../result'

/**
 * One dowel between a main member and a side member: diameter, bearing lengths (inches), bearing and bending yield
 * strengths (psi), worst angle of load to grain.
 */
export interface Dowel {
  readonly dIn: number
  readonly lmIn: number
  readonly lsIn: number
  readonly femPsi: number
  readonly fesPsi: number
  readonly fybPsi: number
  readonly thetaDeg: number
  readonly double?: boolean
}
type YieldMode = 'Im' | 'Is' | 'II' | 'IIIm' | 'IIIs' | 'IV'
export interface YieldLimit {
  readonly zLb: number
  readonly mode: YieldMode
  /** Each mode that can occur, lb: II and IIIm do not in double shear. */
  readonly modes: Readonly<Partial<Record<YieldMode, number>>>
  readonly rd: number
  /** What it was worked out from. */
  readonly dowel: Dowel
}

/**
 * Dowel bearing strength, psi, NDS 2018 Table 12.3.3: small dowels by specific gravity; D ≥ 0.25 in. by angle to the
 * grain (Hankinson).
 */
export function bearingStrengthPsi(gravity: number, dIn: number, thetaDeg: number): number {
  if (dIn < 0.25) return 16600 * gravity ** 1.84
  const par = 11200 * gravity
  const perp = (6100 * gravity ** 1.45) / Math.sqrt(dIn)
  const sin2 = Math.sin(radians(thetaDeg)) ** 2
  return (par * perp) / (par * sin2 + perp * (1 - sin2))
}

/** Bending yield strength of bright common nails by diameter, psi, NDS 2018 Table I1; bolts and lag screws 45,000. */
export const nailYieldPsi = (dIn: number): number => {
  if (dIn <= 0.142) return 100000
  if (dIn <= 0.177) return 90000
  if (dIn <= 0.236) return 80000
  if (dIn <= 0.273) return 70000
  return 60000
}

export const BOLT_YIELD_PSI = 45000

/** Whether a dowel bears on anything at all. */
const bears = ({ dIn, lmIn, lsIn, femPsi, fesPsi }: Dowel): boolean =>
  dIn > 0 && lmIn > 0 && lsIn > 0 && femPsi > 0 && fesPsi > 0

/**
 * Reference lateral value of one dowel by the six yield modes, lb, NDS 2018 12.3.1 (Tables 12.3.1A and B). In double
 * shear `lmIn` is the
 * middle member and `lsIn` one side; modes II and IIIm do not occur. 0 where a length or strength is not positive: nothing holds.
 */
export function yieldLimit(dowel: Dowel): YieldLimit {
  if (!bears(dowel)) return { zLb: 0, mode: 'Im', modes: {}, rd: 1, dowel }
  const re = dowel.femPsi / dowel.fesPsi
  const rt = dowel.lmIn / dowel.lsIn
  const small = dowel.dIn < 0.25
  const kt = 1 + 0.25 * (dowel.thetaDeg / 90)
  const kd = dowel.dIn <= 0.17 ? 2.2 : 10 * dowel.dIn + 0.5
  const [r1, r2, r3] = small ? [kd, kd, kd] : [4 * kt, 3.6 * kt, 3.2 * kt]
  const k1 = (Math.sqrt(re + 2 * re ** 2 * (1 + rt + rt ** 2) + rt ** 2 * re ** 3) - re * (1 + rt)) / (1 + re)
  const k2 =
    -1 +
    Math.sqrt(2 * (1 + re) + (2 * dowel.fybPsi * (1 + 2 * re) * dowel.dIn ** 2) / (3 * dowel.femPsi * dowel.lmIn ** 2))
  const k3 =
    -1 +
    Math.sqrt(
      (2 * (1 + re)) / re + (2 * dowel.fybPsi * (2 + re) * dowel.dIn ** 2) / (3 * dowel.femPsi * dowel.lsIn ** 2),
    )
  const two = dowel.double ? 2 : 1
  const single = {
    II: (k1 * dowel.dIn * dowel.lsIn * dowel.fesPsi) / r2,
    IIIm: (k2 * dowel.dIn * dowel.lmIn * dowel.femPsi) / ((1 + 2 * re) * r3),
  }
  const modes: Partial<Record<YieldMode, number>> = {
    Im: (dowel.dIn * dowel.lmIn * dowel.femPsi) / r1,
    Is: (two * dowel.dIn * dowel.lsIn * dowel.fesPsi) / r1,
    ...(dowel.double ? {} : single),
    IIIs: (two * k3 * dowel.dIn * dowel.lsIn * dowel.femPsi) / ((2 + re) * r3),
    IV: ((two * dowel.dIn ** 2) / r3) * Math.sqrt((2 * dowel.femPsi * dowel.fybPsi) / (3 * (1 + re))),
  }
  const [mode, zLb] = (Object.entries(modes) as [YieldMode, number][]).reduce((least, each) =>
    each[1] < least[1] ? each : least,
  )
  const reductions = { Im: r1, Is: r1, II: r2, IIIm: r3, IIIs: r3, IV: r3 }
  return { zLb, mode, modes, rd: reductions[mode], dowel }
}

/**
 * The yield limit as a line of arithmetic: the least of the modes that can occur, in their order Im, Is, II, IIIm,
 * IIIs, IV.
 */
export function yieldLine(label: string, limit: YieldLimit, what: string, verify?: string): TraceLine {
  const known = Object.values(limit.modes)
  const { lmIn, lsIn, femPsi, fesPsi, fybPsi } = limit.dowel
  return line({
    label: `${label}, ${what}`,
    formula:
      `Z, least of ${known.length === 6 ? 'Im, Is, II, IIIm, IIIs, IV' : 'Im, Is, IIIs, IV in double shear'} with ` +
      `lm ${sig(lmIn)}, ls ${sig(lsIn)}, Fem ${sig(femPsi)}, Fes ${sig(fesPsi)}, Fyb ${sig(fybPsi)}: mode ${limit.mode}`,
    numbers: `min(${known.map(sig).join(', ')})`,
    value: limit.zLb,
    unit: 'lb',
    clause: 'NDS 2018 12.3.1',
    verify,
  })
}

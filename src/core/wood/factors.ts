import { ROUNDING } from '../units'
import type { DesignValues } from './lumber'

/** Flat-use factor Cfu for 2 in. boards by nominal width, NDS Supplement Tables 4A and 4B. */
export const CFU: Readonly<Record<number, number>> = { 4: 1.1, 6: 1.15, 8: 1.15, 10: 1.2, 12: 1.2 }
/** Widest spacing at which boards share load, inches, NDS 4.3.9. */
export const SHARING_IN = 24
/** Repetitive-member factor Cr, NDS 4.3.9; taking ribbed steel as what shares the load is register C06. */
export const repetitive = (spaceIn: number): number => (spaceIn <= SHARING_IN + ROUNDING ? 1.15 : 1)

/** What wood that stays wet keeps of each of its values. */
export interface WetFactors {
  readonly fb: number
  readonly ft: number
  readonly fv: number
  readonly fcPerp: number
  readonly fc: number
  readonly ePsi: number
}

const DRY: WetFactors = { fb: 1, ft: 1, fv: 1, fcPerp: 1, fc: 1, ePsi: 1 }

/** Sawn posts over 4 in. thick, Table 4D; Southern Pine's values hold wet or dry. */
const WET_TIMBER: WetFactors = { ...DRY, fc: 0.91, fcPerp: 0.67 }
/** Glue-laminated timber, NDS Supplement Tables 5A to 5D (register C35). */
const WET_GLULAM: WetFactors = { fb: 0.8, ft: 0.8, fv: 0.875, fcPerp: 0.53, fc: 0.73, ePsi: 0.833 }

/** Values up to these keep all of Fb and of Fc when wet, psi, size factor inside, incising not (Tables 4A to 4C). */
const KEEPS_FB_PSI = 1150
const KEEPS_FC_PSI = 750

/**
 * Wet-service factors CM, NDS Supplement 2018: of dimension lumber (0.85 on Fb over 1,150 psi, 0.97 Fv, 0.67 Fc⊥, 0.80
 * on Fc over 750 psi, 0.90 E), of timbers, of glue-laminated wood. Dry: all 1.
 */
export function wetFactors(values: DesignValues, wet: boolean): WetFactors {
  if (!wet) return DRY
  if (values.product === 'glulam') return WET_GLULAM
  if (values.product === 'timber') return values.species === 'SP' ? DRY : WET_TIMBER
  return {
    fb: values.fb / values.ci.strength > KEEPS_FB_PSI ? 0.85 : 1,
    ft: 1,
    fv: 0.97,
    fcPerp: 0.67,
    fc: values.fc / values.ci.strength > KEEPS_FC_PSI ? 0.8 : 1,
    ePsi: 0.9,
  }
}

/**
 * Bending factor of a mechanically laminated column in place of Cr: ASABE EP559 where its fastening is confirmed, else
 * 1.15 for three plies or more (register C08).
 */
export function laminationFactor(plies: number, confirmed: boolean, machine: boolean): number {
  if (plies < 3) return 1
  if (!confirmed) return 1.15
  if (plies === 3) {
    if (machine) return 1.25
    return 1.35
  }
  if (machine) return 1.3
  return 1.4
}

/** Share of a laminated section's bending strength inside a zone of unreinforced butt joints (register C08). */
export const SPLICE_SHARE = 0.42

/** Shear an end notch on the tension side leaves, lb, NDS 3.4.3.2: (2/3)·Fv'·b·dn·(dn/d)². `dnIn` depth left. */
export const notchedShearLb = (fvPsi: number, bIn: number, dIn: number, dnIn: number): number =>
  (2 / 3) * fvPsi * bIn * dnIn * (dnIn / dIn) ** 2

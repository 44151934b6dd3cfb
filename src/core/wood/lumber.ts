import type { Lumber } from '../model'

/** Reference design values, psi (E, Emin in psi too), NDS Supplement 2018, dry, normal duration, before any factor. */
export interface DesignValues { readonly fb: number; readonly ft: number; readonly fv: number; readonly fcPerp: number; readonly fc: number; readonly e: number; readonly eMin: number; readonly g: number; readonly table: string; readonly verify?: string }

// Table 4B, Southern Pine by width: Fb, Ft, Fc for nominal 4, 6, 8, 10; size effect inside.
const SP: Readonly<Record<string, { readonly e: number; readonly eMin: number; readonly rows: Readonly<Record<number, readonly [number, number, number]>> }>> = {
  SS: { e: 1.8, eMin: 0.66, rows: { 4: [2350, 1650, 1900], 6: [2100, 1450, 1800], 8: [1950, 1350, 1700], 10: [1700, 1150, 1650] } },
  'No.1': { e: 1.6, eMin: 0.58, rows: { 4: [1500, 1000, 1650], 6: [1350, 875, 1550], 8: [1250, 800, 1500], 10: [1050, 700, 1450] } },
  'No.2': { e: 1.4, eMin: 0.51, rows: { 4: [1100, 675, 1450], 6: [1000, 600, 1400], 8: [925, 550, 1350], 10: [800, 475, 1300] } },
  'No.3': { e: 1.3, eMin: 0.47, rows: { 4: [650, 400, 850], 6: [575, 350, 800], 8: [525, 325, 775], 10: [475, 275, 750] } },
}
// Table 4A: Fb, Ft, Fv, Fc⊥, Fc, E, Emin, G; to be multiplied by CF.
const OTHER: Readonly<Record<string, readonly [number, number, number, number, number, number, number, number]>> = {
  'DF-L-SS': [1500, 1000, 180, 625, 1700, 1.9, 0.69, 0.5], 'DF-L-No.1': [1000, 675, 180, 625, 1500, 1.7, 0.62, 0.5], 'DF-L-No.2': [900, 575, 180, 625, 1350, 1.6, 0.58, 0.5],
  'HF-SS': [1400, 925, 150, 405, 1500, 1.6, 0.58, 0.43], 'HF-No.1': [975, 625, 150, 405, 1350, 1.5, 0.55, 0.43], 'HF-No.2': [850, 525, 150, 405, 1300, 1.3, 0.47, 0.43],
  'SPF-SS': [1250, 700, 135, 425, 1400, 1.5, 0.55, 0.42], 'SPF-No.1/No.2': [875, 450, 135, 425, 1150, 1.4, 0.51, 0.42],
}
// Table 4C, machine stress rated, no CF: Fb, Ft, Fc, E, Emin with the species base values Fv, Fc⊥, G (register C04).
const MSR: Readonly<Record<string, readonly [number, number, number, number, number, number, number, number]>> = {
  'SPF-1650f-1.5E': [1650, 1020, 1700, 1.5, 0.76, 135, 425, 0.42], 'SPF-2100f-1.8E': [2100, 1575, 1875, 1.8, 0.91, 135, 425, 0.42], 'SP-2400f-2.0E': [2400, 1925, 1975, 2, 1.02, 175, 565, 0.55],
}
// Table 4D, posts and timbers 5×5 and larger.
const TIMBER: Readonly<Record<string, readonly [number, number, number, number, number, number, number, number]>> = {
  'SP-SS': [1500, 1000, 165, 375, 950, 1.5, 0.55, 0.55], 'SP-No.1': [1350, 900, 165, 375, 825, 1.5, 0.55, 0.55], 'SP-No.2': [850, 550, 165, 375, 525, 1.2, 0.44, 0.55],
  'DF-L-SS': [1500, 1000, 170, 625, 1150, 1.6, 0.58, 0.5], 'DF-L-No.1': [1200, 825, 170, 625, 1000, 1.6, 0.58, 0.5], 'DF-L-No.2': [750, 475, 170, 625, 700, 1.3, 0.47, 0.5],
}
// Size factor CF for Table 4A, 2 in. thick: Fb and Ft together, Fc apart.
const CF: Readonly<Record<number, readonly [number, number]>> = { 4: [1.5, 1.15], 6: [1.3, 1.1], 8: [1.2, 1.05], 10: [1.1, 1], 12: [1, 1] }
const MILLION = 1e6

/** Design values of a 2x board of one nominal width (4 to 10), size factor applied. Null where no value is tabled: the member then is not checked. */
export function boardValues(lumber: Lumber, nominal: number): DesignValues | null {
  const msr = MSR[lumber]
  if (msr) return { fb: msr[0], ft: msr[1], fv: msr[5], fcPerp: msr[6], fc: msr[2], e: msr[3] * MILLION, eMin: msr[4] * MILLION, g: msr[7], table: 'NDS Supplement 2018 Table 4C', verify: 'C04' }
  const other = OTHER[lumber]
  if (other) {
    const cf = CF[nominal]
    if (!cf) return null
    return { fb: other[0] * cf[0], ft: other[1] * cf[0], fv: other[2], fcPerp: other[3], fc: other[4] * cf[1], e: other[5] * MILLION, eMin: other[6] * MILLION, g: other[7], table: `NDS Supplement 2018 Table 4A, CF ${cf[0]}`, ...(lumber.startsWith('SPF') ? {} : { verify: 'C03' }) }
  }
  const sp = SP[lumber.slice(3)]
  const row = sp?.rows[nominal]
  if (!sp || !row) return null
  return { fb: row[0], ft: row[1], fv: 175, fcPerp: 565, fc: row[2], e: sp.e * MILLION, eMin: sp.eMin * MILLION, g: 0.55, table: 'NDS Supplement 2018 Table 4B' }
}

/** Design values of a solid 6×6, Table 4D. Null where no value is tabled. Dimension-lumber values are never used for timbers. */
export function timberValues(lumber: Lumber): DesignValues | null {
  const t = TIMBER[lumber]
  if (!t) return null
  return { fb: t[0], ft: t[1], fv: t[2], fcPerp: t[3], fc: t[4], e: t[5] * MILLION, eMin: t[6] * MILLION, g: t[7], table: 'NDS Supplement 2018 Table 4D', ...(lumber === 'DF-L-No.2' ? { verify: 'C05' } : {}) }
}

/** Specific gravity by species, for weights where no design value is tabled. */
export const specificGravity = (lumber: Lumber): number => (lumber.startsWith('SPF') ? 0.42 : lumber.startsWith('HF') ? 0.43 : lumber.startsWith('DF') ? 0.5 : 0.55)

/** Weight of wood per foot of length, lb: NDS Supplement 3.1.3. `moisturePct` 0 to 30. */
export function weightPlf(lumber: Lumber, areaIn2: number, moisturePct = 19): number {
  const g = specificGravity(lumber)
  return (((62.4 * g) / (1 + 0.009 * g * moisturePct)) * (1 + moisturePct / 100) * areaIn2) / 144
}

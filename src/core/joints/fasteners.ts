import { radians } from '../units'
import type { NailId } from '../model'

/** A nail as sold: shank diameter and length, inches; ring shanks have a length of ring thread and a head diameter. */
export interface Nail {
  readonly id: NailId
  readonly name: string
  readonly dIn: number
  readonly lengthIn: number
  readonly ring: boolean
  readonly ringIn: number
  readonly headIn: number
}

const common = (penny: string, dIn: number, lengthIn: number): Nail => ({
  id: `${penny}-common` as NailId,
  name: `${penny} common ${dIn} × ${lengthIn}`,
  dIn,
  lengthIn,
  ring: false,
  ringIn: 0,
  headIn: 2 * dIn,
})
// Post-frame ring shank nails: lengths as commonly boxed, head from the box (an example value; read your own).
const ring = (dIn: number, lengthIn: number, headIn: number): Nail => ({
  id: `ring-${Math.round(dIn * 1000)}` as NailId,
  name: `ring shank ${dIn} × ${lengthIn}`,
  dIn,
  lengthIn,
  ring: true,
  ringIn: Math.min(3, lengthIn - 1.5),
  headIn,
})

/** Nails on the shipped list, sizes by ASTM F1667 as printed in NDS 2018 Appendix L. */
export const NAILS: readonly Nail[] = [
  common('8d', 0.131, 2.5),
  common('10d', 0.148, 3),
  common('16d', 0.162, 3.5),
  common('20d', 0.192, 4),
  common('30d', 0.207, 4.5),
  common('40d', 0.225, 5),
  common('50d', 0.244, 5.5),
  common('60d', 0.263, 6),
  ring(0.135, 3.5, 0.3),
  ring(0.148, 4, 0.312),
  ring(0.177, 4.5, 0.375),
  ring(0.2, 5, 0.438),
  ring(0.207, 6, 0.469),
]
/** The nail of an id; null when the list has no such nail. */
export const nailOf = (id: string): Nail | null => NAILS.find((nail) => nail.id === id) ?? null

/** Outside thread diameter of wood screws by gauge, inches, NDS 2018 Appendix L. */
export const SCREW_IN: Readonly<Record<8 | 9 | 10 | 12 | 14, number>> = {
  8: 0.164,
  9: 0.177,
  10: 0.19,
  12: 0.216,
  14: 0.242,
}

/** Withdrawal of a smooth nail, lb per inch of penetration: 1380·G^2.5·D, NDS 2018 12.2.3.1. */
export const smoothWithdrawal = (gravity: number, dIn: number): number => 1380 * gravity ** 2.5 * dIn
/** Withdrawal of a ring-shank nail, lb per inch of ring thread: 1800·G²·D, NDS 2018 12.2.3.2. */
export const ringWithdrawal = (gravity: number, dIn: number): number => 1800 * gravity ** 2 * dIn
/** Withdrawal of a wood screw, lb per inch of thread: 2850·G²·D, NDS 2018 12.2.2.1. */
export const screwWithdrawal = (gravity: number, dIn: number): number => 2850 * gravity ** 2 * dIn
/** Withdrawal of a lag screw, lb per inch of thread less its tip: 1800·G^1.5·D^0.75, NDS 2018 12.2.1.1. */
export const lagWithdrawal = (gravity: number, dIn: number): number => 1800 * gravity ** 1.5 * dIn ** 0.75

/** Head pull-through, lb, NDS 2018 12.2.5: 690·π·DH·G²·t up to t = 2.5·DH, then 1725·π·DH²·G². */
export const headPullThrough = (headIn: number, gravity: number, thicknessIn: number): number =>
  thicknessIn <= 2.5 * headIn
    ? 690 * Math.PI * headIn * gravity ** 2 * thicknessIn
    : 1725 * Math.PI * headIn ** 2 * gravity ** 2

/**
 * Load of one nail or screw pulled at an angle to the wood surface, lb, NDS 2018 12.4.2: nails linear in cos and sin,
 * screws squared.
 */
export function combinedLb(pullLb: number, lateralLb: number, angleDeg: number, screw = false): number {
  const [cos, sin] = [Math.cos(radians(angleDeg)), Math.sin(radians(angleDeg))]
  return screw
    ? (pullLb * lateralLb) / (pullLb * cos * cos + lateralLb * sin * sin)
    : (pullLb * lateralLb) / (pullLb * cos + lateralLb * sin)
}

import { degrees } from '../units'
import type { Stick } from './stick'

/** A stick as it lies on the saw, lower edge toward one: its two edges, its cuts, and where its corners are along it. */
export interface Sawn {
  readonly lowerEdgeIn: number
  readonly upperEdgeIn: number
  readonly tipToTipIn: number
  /** How far off square each end is sawn, degrees. */
  readonly offSquareDeg: readonly [number, number]
  /** From and to along the stick, of its lower and of its upper edge. */
  readonly lower: readonly [number, number]
  readonly upper: readonly [number, number]
}

/** The edges and cuts of a stick across its depth. */
export function sawnOf({ cutLengthIn, ends, board }: Stick): Sawn {
  const [first, last] = [ends[0].backIn, ends[1].backIn]
  // A positive end has its long point at the upper edge: the lower one stands back.
  const lower = [Math.max(0, first), cutLengthIn - Math.max(0, last)] as const
  const upper = [Math.max(0, -first), cutLengthIn - Math.max(0, -last)] as const
  const off = (backIn: number) => degrees(Math.atan(Math.abs(backIn) / board.depthIn))
  return {
    lowerEdgeIn: lower[1] - lower[0],
    upperEdgeIn: upper[1] - upper[0],
    tipToTipIn: cutLengthIn,
    offSquareDeg: [off(first), off(last)],
    lower,
    upper,
  }
}

import { item, lastOf } from '../result'
import { ROUNDING } from '../units'
/**
 * A measured offset from a string run along an old wall: how far along, and how far the wall stands behind (+) or proud
 * of (−) the string's zero, inches.
 */
export interface Offset {
  readonly atIn: number
  readonly offIn: number
}

export interface WallLine {
  /** Best-fit line through the offsets: off = a + b·at, and how far the wall strays from it. */
  readonly atZeroIn: number
  readonly perIn: number
  readonly worstIn: number
  /**
   * The same line moved out until it touches the proudest point: nothing has to be cut away and every packing is nought
   * or more.
   */
  readonly touchIn: number
}

export interface Packing {
  readonly atIn: number
  readonly packIn: number
  /** From the old wall to the outer face of the new posts. */ readonly fromWallIn: number
}

/**
 * The wall between two offsets is taken straight from one to the next; before the first and past the last it goes on by
 * its best line's turn.
 */
const wallAt = (list: readonly Offset[], atIn: number, perIn: number): number => {
  const i = list.findIndex((offset) => offset.atIn >= atIn)
  const end = i < 0 ? lastOf(list) : item(list, i)
  if (i <= 0 || end.atIn === atIn) return end.offIn + perIn * (atIn - end.atIn)
  const [otherOffset, next] = [item(list, i - 1), item(list, i)]
  return (
    otherOffset.offIn + ((next.offIn - otherOffset.offIn) * (atIn - otherOffset.atIn)) / (next.atIn - otherOffset.atIn)
  )
}

/**
 * Least-squares line through measured offsets of a wall that is neither straight nor square to the string. Two offsets
 * at different places at least; null otherwise.
 */
export function fitWall(offsets: readonly Offset[]): WallLine | null {
  const count = offsets.length
  const mean = (pick: (offset: Offset) => number) => offsets.reduce((sum, offset) => sum + pick(offset), 0) / count
  if (count < 2) return null
  const [mx, my] = [mean((offset) => offset.atIn), mean((offset) => offset.offIn)]
  const sxx = offsets.reduce((sum, offset) => sum + (offset.atIn - mx) ** 2, 0)
  if (sxx < ROUNDING) return null
  const perIn = offsets.reduce((sum, offset) => sum + (offset.atIn - mx) * (offset.offIn - my), 0) / sxx
  const atZeroIn = my - perIn * mx
  const stray = offsets.map((offset) => offset.offIn - atZeroIn - perIn * offset.atIn)
  return { atZeroIn, perIn, worstIn: Math.max(...stray.map(Math.abs)), touchIn: atZeroIn + Math.min(...stray) }
}

/**
 * Packing behind a straight ledger at each station, and the tape from the old wall to the new post row so that the row
 * runs true: the ledger
 * line touches the wall where it is proudest, the row stands `depthIn` off that line, measured square to it.
 */
export function packLedger(
  offsets: readonly Offset[],
  stationsIn: readonly number[],
  depthIn: number,
): { readonly line: WallLine; readonly list: readonly Packing[] } | null {
  const list = [...offsets].sort((one, other) => one.atIn - other.atIn)
  const line = fitWall(list)
  if (!line) return null
  const square = Math.cos(Math.atan(line.perIn))
  return {
    line,
    list: stationsIn.map((atIn) => {
      const packIn = (wallAt(list, atIn, line.perIn) - line.touchIn - line.perIn * atIn) * square
      return { atIn, packIn, fromWallIn: depthIn + packIn }
    }),
  }
}

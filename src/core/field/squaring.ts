import type { FieldState } from './fold'
import type { StringSide } from './kinds'

/** A side that is not as long as planned. */
interface SideOff {
  readonly side: Exclude<StringSide, 'risingIn' | 'fallingIn'>
  readonly byIn: number
}

/** What the tape says of the strings, and what to do. */
export interface Squaring {
  /** What each side and both diagonals should be, inches. */
  readonly wantedIn: Readonly<Record<StringSide, number>>
  readonly sides: readonly SideOff[]
  /** How far to slide the north string along itself, and to which end; null until both diagonals are known. */
  readonly slide: { readonly byIn: number; readonly to: 'east' | 'west' } | null
}

/** Less than this is the tape, inches. */
const TAPE_IN = 1 / 16

/**
 * How the strings of a rectangle stand by its sides and diagonals (inches): each side against the plan, and how far the
 * north string slides along itself to bring the diagonals together: (D1 − D2)·D/(2·L), toward the end that shortens the
 * longer one. Sides come first: a slide squares only what has the right lengths.
 */
export function squaringOf(
  { lengthIn, widthIn }: { readonly lengthIn: number; readonly widthIn: number },
  squares: FieldState['squares'],
): Squaring {
  const diagonalIn = Math.hypot(lengthIn, widthIn)
  const wantedIn = {
    southIn: lengthIn,
    northIn: lengthIn,
    westIn: widthIn,
    eastIn: widthIn,
    risingIn: diagonalIn,
    fallingIn: diagonalIn,
  }
  const offOf = (side: SideOff['side']): SideOff[] => {
    const read = squares[side]?.body.inches
    const byIn = read === undefined ? 0 : read - wantedIn[side]
    return Math.abs(byIn) > TAPE_IN ? [{ side, byIn }] : []
  }
  const [rising, falling] = [squares.risingIn?.body.inches, squares.fallingIn?.body.inches]
  const differIn = rising === undefined || falling === undefined ? null : rising - falling
  return {
    wantedIn,
    sides: (['southIn', 'northIn', 'westIn', 'eastIn'] as const).flatMap(offOf),
    slide:
      differIn === null
        ? null
        : { byIn: (Math.abs(differIn) * diagonalIn) / (2 * lengthIn), to: differIn > 0 ? 'west' : 'east' },
  }
}

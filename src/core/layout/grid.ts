import { ROUNDING, IN_PER_FT, HALF_MARK_IN } from '../units'
import type { Bays, Building } from '../model'
import { fail, ok, type Result, lastOf } from '../result'
import { PLY_IN, postSize } from '../wood'

/**
 * Equal spaces at or under a maximum: how many and how wide. `maxIn` over 0. A hair (1e-9) keeps an exact fit from
 * gaining a space.
 */
export const equalSpaces = (totalIn: number, maxIn: number): { readonly count: number; readonly spaceIn: number } => {
  const count = Math.max(1, Math.ceil(totalIn / maxIn - ROUNDING))
  return { count, spaceIn: totalIn / count }
}

/**
 * The string rectangle, outside face to outside face of the posts, inches: the typed size less the girts when it is to
 * the outside of girt.
 */
export function stringRectangle(building: Building): { readonly lengthIn: number; readonly widthIn: number } {
  const girts = building.dimensionTo === 'girt' && building.girts.style !== 'between' ? 2 * PLY_IN : 0
  return { lengthIn: building.lengthIn - girts, widthIn: building.widthIn - girts }
}

export interface Grid {
  readonly lengthIn: number
  readonly widthIn: number
  /**
   * Centre of the post line on each numbered line, inches from the west string. End posts stand flush with the string.
   */
  readonly centresIn: readonly number[]
  readonly baysIn: readonly number[]
  /** Nominal gable post lines between the eave rows, inches from the south string. */
  readonly gableIn: readonly number[]
}

function spacings(bays: Bays, runIn: number): Result<readonly number[]> {
  if (bays.mode === 'hand') {
    const sum = bays.spacingsIn.reduce((sum, spacingIn) => sum + spacingIn, 0)
    return Math.abs(sum - runIn) > HALF_MARK_IN
      ? fail('bays-do-not-close', ['building', 'bays', 'spacingsIn'], { sumIn: sum, totalIn: runIn })
      : ok(bays.spacingsIn)
  }
  const count = bays.mode === 'count' ? bays.count : equalSpaces(runIn, bays.maxIn).count
  const least = 24
  if (runIn / count < least)
    return fail('too-many-bays', ['building', 'bays', bays.mode === 'count' ? 'count' : 'maxIn'], {
      count,
      most: Math.floor(runIn / least),
    })
  return ok(Array.from({ length: count }, () => runIn / count))
}

/**
 * Lays out the numbered lines and the gable lines. Bays are between outside faces, or between the centres of the end
 * posts.
 */
export function layOutGrid(building: Building): Result<Grid> {
  const { lengthIn, widthIn } = stringRectangle(building)
  const thickIn = postSize(building.post).widthIn
  const fromCentres = building.baysFrom === 'centres'
  const got = spacings(building.bays, fromCentres ? lengthIn - thickIn : lengthIn)
  if (!got.ok) return got
  const lines = got.value.reduce<number[]>((at, value) => [...at, lastOf(at) + value], [fromCentres ? thickIn / 2 : 0])
  const last = lines.length - 1
  const centresIn = lines.map((line, i) => {
    if (i === 0) return thickIn / 2
    if (i === last) return lengthIn - thickIn / 2
    return line
  })
  const gable = equalSpaces(widthIn, building.gableMaxIn)
  const gableIn = Array.from({ length: gable.count - 1 }, (_, k) => gable.spaceIn * (k + 1))
  return ok({ lengthIn, widthIn, centresIn, baysIn: got.value, gableIn })
}

/**
 * The largest whole-foot 3-4-5 triangle that fits the string rectangle, legs in inches along the length and the width.
 * Null under 3 by 4 ft.
 */
export function best345(
  lengthIn: number,
  widthIn: number,
): { readonly k: number; readonly alongIn: number; readonly acrossIn: number; readonly diagonalIn: number } | null {
  const [lengthFt, widthFt] = [lengthIn / IN_PER_FT + ROUNDING, widthIn / IN_PER_FT + ROUNDING]
  const longAlong = Math.floor(Math.min(lengthFt / 4, widthFt / 3))
  const longAcross = Math.floor(Math.min(lengthFt / 3, widthFt / 4))
  const k = Math.max(longAlong, longAcross)
  if (k < 1) return null
  const [along, across] = longAlong >= longAcross ? [4, 3] : [3, 4]
  return { k, alongIn: along * k * IN_PER_FT, acrossIn: across * k * IN_PER_FT, diagonalIn: 5 * k * IN_PER_FT }
}

import { spacesFor } from '../pocket/equalSpaces'
import { threeFourFive } from '../pocket/threeFourFive'
import { ROUNDING, IN_PER_FT, HALF_MARK_IN } from '../units'
import type { Bays, Building, Side } from '../model'
import { fail, item, lastOf, ok, type Result } from '../result'
import { postSize } from '../wood'
import { girtsOutIn } from './wallGirts'

/**
 * The string rectangle, outside face to outside face of the posts, inches: the typed size less the girts when it is to
 * the outside of girt.
 */
export function stringRectangle(building: Building): { readonly lengthIn: number; readonly widthIn: number } {
  const out = (side: Side) => (building.dimensionTo === 'girt' ? girtsOutIn(building, side) : 0)
  return {
    lengthIn: building.lengthIn - out('west') - out('east'),
    widthIn: building.widthIn - out('south') - out('north'),
  }
}

/** Least space between two posts of a row, inches. */
export const LEAST_SPACE_IN = 24

/**
 * Places of posts between the ends of a row, 0 and `totalIn`: those kept where they stood, and equal spaces at or under
 * `maxIn` in each gap between them.
 */
export function spacesBetween(keptIn: readonly number[], totalIn: number, maxIn: number): number[] {
  const fixed = [0, ...inside(keptIn, totalIn), totalIn]
  return fixed.slice(1).flatMap((to, i) => {
    const from = item(fixed, i)
    const { count, spaceIn } = spacesFor(to - from, maxIn)
    const between = Array.from({ length: count - 1 }, (_, k) => from + spaceIn * (k + 1))
    return i < fixed.length - 2 ? [...between, to] : between
  })
}

/** Kept places within a row, low end first, each once. */
const inside = (keptIn: readonly number[], totalIn: number): number[] =>
  [...new Set(keptIn)].filter((atIn) => atIn > 0 && atIn < totalIn).sort((one, other) => one - other)

export interface Grid {
  readonly lengthIn: number
  readonly widthIn: number
  /**
   * Centre of the post line on each numbered line, inches from the west string. End posts stand flush with the string.
   */
  readonly centresIn: readonly number[]
  readonly baysIn: readonly number[]
  /** Those of the lines that are kept where they were. */
  readonly pinnedIn: readonly number[]
  /** Nominal gable post lines between the eave rows, inches from the south string. */
  readonly gableIn: readonly number[]
}

/** Lines from their spaces, the first at `startIn`. */
const linesOf = (spacesIn: readonly number[], startIn: number): number[] =>
  spacesIn.reduce<number[]>((at, spaceIn) => [...at, lastOf(at) + spaceIn], [startIn])

/** Spaces between lines. */
const betweenLines = (lines: readonly number[]): number[] => lines.slice(1).map((to, i) => to - item(lines, i))

/** Lines set by hand, with the nearest of those between the ends moved to each kept place. */
function movedToKept(lines: readonly number[], keptIn: readonly number[]): number[] {
  const free = lines.slice(1, -1)
  for (const atIn of keptIn) {
    const near = free
      .filter((line) => !keptIn.includes(line))
      .sort((one, other) => Math.abs(one - atIn) - Math.abs(other - atIn))[0]
    if (near === undefined) free.push(atIn)
    else free[free.indexOf(near)] = atIn
  }
  return [item(lines, 0), ...free.sort((one, other) => one - other), lastOf(lines)]
}

/** A number of bays shared out among the gaps between kept lines, always to the widest; each gap has one at least. */
function shareBays(gapsIn: readonly number[], count: number): number[] {
  const shares = gapsIn.map(() => 1)
  for (let left = count - gapsIn.length; left > 0; left--) {
    const bayIn = (i: number) => item(gapsIn, i) / item(shares, i)
    const widest = shares.reduce((best, _, i) => (bayIn(i) > bayIn(best) + ROUNDING ? i : best), 0)
    shares[widest] = item(shares, widest) + 1
  }
  return shares
}

/** The bays of a run by their rule, with lines at the kept places. */
function spacings(bays: Bays, runIn: number, keptIn: readonly number[]): Result<readonly number[]> {
  const fixed = [0, ...keptIn, runIn]
  const gapsIn = betweenLines(fixed)
  if (bays.mode === 'hand') {
    const lines = linesOf(bays.spacingsIn, 0)
    const sumIn = lastOf(lines)
    if (Math.abs(sumIn - runIn) > HALF_MARK_IN)
      return fail('bays-do-not-close', ['building', 'bays', 'spacingsIn'], { sumIn, totalIn: runIn })
    return ok(keptIn.length === 0 ? bays.spacingsIn : betweenLines(movedToKept(lines, keptIn)))
  }
  const counts =
    bays.mode === 'count' ? shareBays(gapsIn, bays.count) : gapsIn.map((gapIn) => spacesFor(gapIn, bays.maxIn).count)
  const count = counts.reduce((sum, each) => sum + each, 0)
  if (runIn / count < LEAST_SPACE_IN)
    return fail('too-many-bays', ['building', 'bays', bays.mode === 'count' ? 'count' : 'maxIn'], {
      count,
      most: Math.floor(runIn / LEAST_SPACE_IN),
    })
  return ok(counts.flatMap((each, i) => Array.from({ length: each }, () => item(gapsIn, i) / each)))
}

/** Lines that a kept post of a framed row holds, inches along the building, apart from those of the ends. */
function pinnedLines(building: Building, fromIn: number, toIn: number): number[] {
  const held = building.posts.flatMap(({ pinned }) => (pinned?.framed ? [pinned.atIn] : []))
  return held
    .filter((atIn) => atIn > fromIn && atIn < toIn)
    .sort((one, other) => one - other)
    .filter((atIn, i, all) => i === 0 || atIn - item(all, i - 1) > HALF_MARK_IN)
}

/**
 * Lays out the numbered lines and the gable lines. Bays are between outside faces, or between the centres of the end
 * posts. Lines that a kept post holds stay; the bays between them follow their own rule.
 */
export function layOutGrid(building: Building): Result<Grid> {
  const { lengthIn, widthIn } = stringRectangle(building)
  const thickIn = postSize(building.post).widthIn
  const startIn = building.baysFrom === 'centres' ? thickIn / 2 : 0
  const ends = [thickIn / 2, lengthIn - thickIn / 2] as const
  const pinnedIn = pinnedLines(building, ends[0] + HALF_MARK_IN, ends[1] - HALF_MARK_IN)
  const keptIn = pinnedIn.map((atIn) => atIn - startIn)
  const got = spacings(building.bays, lengthIn - 2 * startIn, keptIn)
  if (!got.ok) return got
  const lines = linesOf(got.value, startIn)
  const last = lines.length - 1
  const centresIn = lines.map((line, i) => {
    if (i === 0) return ends[0]
    if (i === last) return ends[1]
    // A kept line stands where it was to the last digit.
    return pinnedIn.find((atIn) => Math.abs(atIn - line) < ROUNDING) ?? line
  })
  const gableIn = spacesBetween([], widthIn, building.gableMaxIn)
  return ok({ lengthIn, widthIn, centresIn, baysIn: got.value, pinnedIn, gableIn })
}

/** From three feet on a unit of the triangle is in whole feet: nobody reads odd inches over thirty feet of tape. */
const WHOLE_FEET_FROM_IN = 36

/** Unit, inches, of the triangle of `three-four-five` with its leg of four along the first of two rooms; 0 where there is no room. */
function triangleUnit(longIn: number, shortIn: number): number {
  const found = threeFourFive.solve({ longIn, shortIn })
  if (!found.ok) return 0
  const { multiple } = found.value
  return multiple >= WHOLE_FEET_FROM_IN ? Math.floor(multiple / IN_PER_FT) * IN_PER_FT : multiple
}

/**
 * The largest 3-4-5 triangle that fits the string rectangle, legs in inches along the length and the width: the figure
 * `three-four-five` both ways about, its unit in whole feet where it is three feet and more. Null under 3 by 4 in.
 */
export function best345(
  lengthIn: number,
  widthIn: number,
): { readonly k: number; readonly alongIn: number; readonly acrossIn: number; readonly diagonalIn: number } | null {
  const [longAlong, longAcross] = [triangleUnit(lengthIn, widthIn), triangleUnit(widthIn, lengthIn)]
  const unitIn = Math.max(longAlong, longAcross)
  if (unitIn === 0) return null
  const [along, across] = longAlong >= longAcross ? [4, 3] : [3, 4]
  return { k: unitIn / IN_PER_FT, alongIn: along * unitIn, acrossIn: across * unitIn, diagonalIn: 5 * unitIn }
}

import { type Edge, type Flat, insideOf, nearestOn, turnOf } from '../geometry'
import type { Plot } from '../model'
import { item } from '../result'
import { HALF_MARK_IN, IN2_PER_FT2 } from '../units'

/** A rectangle of ground in the axes of the plan, inches. */
export interface Footprint {
  readonly x0: number
  readonly x1: number
  readonly y0: number
  readonly y1: number
}

/** The shortest way from a building to something: its two ends, and its length, inches. */
interface Way {
  readonly from: Flat
  readonly to: Flat
  readonly lengthIn: number
}

/** One line of the lot: what it is, and how far walls and roof stay from it. */
export interface LotLine {
  readonly id: string
  readonly line: string
  readonly edge: Edge
  readonly lengthIn: number
  readonly setbackIn: number | null
  readonly wall: Way
  readonly eave: Way
  /** Walls stay the set-back away; null where none is asked for. */
  readonly holds: boolean | null
}

/** Something on the lot with its distance from the walls. */
export interface LotThing {
  readonly id: string
  readonly name: string
  readonly at: Flat
  readonly clearIn: number | null
  readonly wall: Way
  readonly holds: boolean | null
}

/** A lot with its distances. */
export interface Lot {
  readonly corners: readonly Flat[]
  readonly lines: readonly LotLine[]
  readonly things: readonly LotThing[]
  readonly areaFt2: number
  /** Part of the roof lies outside the lot. */
  readonly outside: boolean
}

const cornersOf = ({ x0, x1, y0, y1 }: Footprint): readonly Flat[] => [
  [x0, y0],
  [x1, y0],
  [x1, y1],
  [x0, y1],
]

const wayOf = (from: Flat, to: Flat): Way => ({ from, to, lengthIn: Math.hypot(to[0] - from[0], to[1] - from[1]) })
const shorter = (one: Way, other: Way): Way => (other.lengthIn < one.lengthIn ? other : one)

/** The place of a rectangle that is nearest to another place. */
const nearestIn = ({ x0, x1, y0, y1 }: Footprint, [x, y]: Flat): Flat => [
  Math.min(x1, Math.max(x0, x)),
  Math.min(y1, Math.max(y0, y)),
]

/** From a rectangle to a line: between a corner of the one and the other, or an end of the line and the rectangle. */
function toLine(footprint: Footprint, edge: Edge): Way {
  const fromCorners = cornersOf(footprint).map((corner) => wayOf(corner, nearestOn(edge, corner)))
  const fromEnds = edge.map((end) => wayOf(nearestIn(footprint, end), end))
  return [...fromCorners, ...fromEnds].reduce(shorter)
}

const holds = (askedIn: number | null, { lengthIn }: Way): boolean | null =>
  askedIn === null ? null : lengthIn >= askedIn - HALF_MARK_IN

/**
 * The lot of a job with the distances of its lines and of what stands on it from the walls and from the edge of the roof.
 * Null while fewer than three corners are typed. Distances are level; which of the two a set-back is measured to, the
 * building department says.
 */
export function lotOf({ corners, things }: Plot, walls: Footprint, eaves: Footprint): Lot | null {
  if (corners.length < 3) return null
  const places = corners.map(({ xIn, yIn }): Flat => [xIn, yIn])
  const lines = corners.map(({ id, line, setbackIn }, i): LotLine => {
    const edge: Edge = [item(places, i), item(places, (i + 1) % places.length)]
    const wall = toLine(walls, edge)
    return {
      id,
      line,
      edge,
      lengthIn: wayOf(...edge).lengthIn,
      setbackIn,
      wall,
      eave: toLine(eaves, edge),
      holds: holds(setbackIn, wall),
    }
  })
  return {
    corners: places,
    lines,
    things: things.map(({ id, name, xIn, yIn, clearIn }) => {
      const at: Flat = [xIn, yIn]
      const wall = wayOf(nearestIn(walls, at), at)
      return { id, name, at, clearIn, wall, holds: holds(clearIn, wall) }
    }),
    areaFt2: Math.abs(turnOf(places)) / 2 / IN2_PER_FT2,
    outside: cornersOf(eaves).some((corner) => !insideOf(places, corner)),
  }
}

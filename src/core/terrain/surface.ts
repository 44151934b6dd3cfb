import { item } from '../result'
import { ROUNDING, NEGLIGIBLE } from '../units'
import Delaunator from 'delaunator'

/** A spot height: a place in plan and the ground there above (or below, negative) the grade line, inches. */
export interface Spot {
  readonly id: string
  readonly xIn: number
  readonly yIn: number
  readonly heightIn: number
}

interface GroundAt {
  readonly heightIn: number
  /** False where the place lies outside the spots: the nearest edge is taken. */ readonly inside: boolean
}

interface Triangle {
  readonly a: Spot
  readonly b: Spot
  readonly c: Spot
  /** Fall in inches per foot. */ readonly slopePer12: number
}

/** The ground as triangles between spot heights. */
export interface Surface {
  readonly spots: readonly Spot[]
  readonly triangles: readonly Triangle[]
  readonly steepestPer12: number
  readonly at: (xIn: number, yIn: number) => GroundAt
}

const cross = (spot: Spot, second: Spot, third: Spot): number =>
  (second.xIn - spot.xIn) * (third.yIn - spot.yIn) - (third.xIn - spot.xIn) * (second.yIn - spot.yIn)

/** Fall of a triangle's plane, inches per foot. */
function slope(spot: Spot, second: Spot, third: Spot): number {
  const area = cross(spot, second, third)
  if (Math.abs(area) < ROUNDING) return 0
  const gx =
    ((second.heightIn - spot.heightIn) * (third.yIn - spot.yIn) -
      (third.heightIn - spot.heightIn) * (second.yIn - spot.yIn)) /
    area
  const gy =
    ((second.xIn - spot.xIn) * (third.heightIn - spot.heightIn) -
      (third.xIn - spot.xIn) * (second.heightIn - spot.heightIn)) /
    area
  return Math.hypot(gx, gy) * 12
}

/** Height at the nearest point of the segment from p to q. */
function onSegment(
  spot: Spot,
  end: Spot,
  xIn: number,
  yIn: number,
): { readonly far: number; readonly heightIn: number } {
  const [dx, dy] = [end.xIn - spot.xIn, end.yIn - spot.yIn]
  const share = Math.max(0, Math.min(1, ((xIn - spot.xIn) * dx + (yIn - spot.yIn) * dy) / (dx * dx + dy * dy || 1)))
  return {
    far: Math.hypot(xIn - spot.xIn - share * dx, yIn - spot.yIn - share * dy),
    heightIn: spot.heightIn + share * (end.heightIn - spot.heightIn),
  }
}

/**
 * The ground between spot heights as a triangulated surface (Delaunay). Three spots at least, not all on one line; null
 * otherwise. Inside the
 * spots heights are linear on each triangle; outside them the nearest edge of the surface is taken and `inside` is
 * false.
 */
export function surfaceOf(spots: readonly Spot[]): Surface | null {
  const own = [...new Map(spots.map((spot) => [`${spot.xIn}|${spot.yIn}`, spot])).values()]
  if (own.length < 3) return null
  const mesh = Delaunator.from(
    own,
    (spot) => spot.xIn,
    (spot) => spot.yIn,
  )
  const triangles: Triangle[] = []
  for (let i = 0; i < mesh.triangles.length; i += 3) {
    const [spot, second, third] = [
      item(own, item(mesh.triangles, i)),
      item(own, item(mesh.triangles, i + 1)),
      item(own, item(mesh.triangles, i + 2)),
    ]
    if (Math.abs(cross(spot, second, third)) > NEGLIGIBLE)
      triangles.push({ a: spot, b: second, c: third, slopePer12: slope(spot, second, third) })
  }
  if (triangles.length === 0) return null
  const hull = [...mesh.hull].map((i) => item(own, i))
  const at = (xIn: number, yIn: number): GroundAt => {
    const spot: Spot = { id: '', xIn, yIn, heightIn: 0 }
    for (const triangle of triangles) {
      const area = cross(triangle.a, triangle.b, triangle.c)
      const [u, v, w] = [
        cross(spot, triangle.b, triangle.c) / area,
        cross(triangle.a, spot, triangle.c) / area,
        cross(triangle.a, triangle.b, spot) / area,
      ]
      if (u >= -ROUNDING && v >= -ROUNDING && w >= -ROUNDING)
        return { heightIn: u * triangle.a.heightIn + v * triangle.b.heightIn + w * triangle.c.heightIn, inside: true }
    }
    const near = hull
      .map((spot, i) => onSegment(spot, item(hull, (i + 1) % hull.length), xIn, yIn))
      .reduce((best, each) => (each.far < best.far ? each : best))
    return { heightIn: near.heightIn, inside: false }
  }
  return { spots: own, triangles, steepestPer12: Math.max(...triangles.map((triangle) => triangle.slopePer12)), at }
}

/** Ground is looked for this far about a post, inches: about the depth of a usual hole. */
export const BESIDE_IN = 60

/**
 * Lowest ground within `withinIn` of a place, inches to the grade line: looked for on rings and at every spot there.
 */
export function lowestNear(surface: Surface, xIn: number, yIn: number, withinIn: number): number {
  let low = surface.at(xIn, yIn).heightIn
  for (const ring of [0.5, 1])
    for (let k = 0; k < 16; k++)
      low = Math.min(
        low,
        surface.at(
          xIn + withinIn * ring * Math.cos((k * Math.PI) / 8),
          yIn + withinIn * ring * Math.sin((k * Math.PI) / 8),
        ).heightIn,
      )
  for (const spot of surface.spots)
    if (Math.hypot(spot.xIn - xIn, spot.yIn - yIn) <= withinIn) low = Math.min(low, spot.heightIn)
  return low
}

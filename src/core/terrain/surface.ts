import Delaunator from 'delaunator'

/** A spot height: a place in plan and the ground there above (or below, negative) the grade line, inches. */
export interface Spot {
  readonly id: string
  readonly xIn: number
  readonly yIn: number
  readonly heightIn: number
}
export interface GroundAt {
  readonly heightIn: number
  /** False where the place lies outside the spots: the nearest edge is taken. */ readonly inside: boolean
}
export interface Triangle {
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

const cross = (spot: Spot, b: Spot, c: Spot): number =>
  (b.xIn - spot.xIn) * (c.yIn - spot.yIn) - (c.xIn - spot.xIn) * (b.yIn - spot.yIn)

/** Fall of a triangle's plane, inches per foot. */
function slope(spot: Spot, b: Spot, c: Spot): number {
  const area = cross(spot, b, c)
  if (Math.abs(area) < 1e-9) return 0
  const gx =
    ((b.heightIn - spot.heightIn) * (c.yIn - spot.yIn) - (c.heightIn - spot.heightIn) * (b.yIn - spot.yIn)) / area
  const gy =
    ((b.xIn - spot.xIn) * (c.heightIn - spot.heightIn) - (c.xIn - spot.xIn) * (b.heightIn - spot.heightIn)) / area
  return Math.hypot(gx, gy) * 12
}

/** Height at the nearest point of the segment from p to q. */
function onSegment(spot: Spot, q: Spot, xIn: number, yIn: number): { readonly far: number; readonly heightIn: number } {
  const [dx, dy] = [q.xIn - spot.xIn, q.yIn - spot.yIn]
  const t = Math.max(0, Math.min(1, ((xIn - spot.xIn) * dx + (yIn - spot.yIn) * dy) / (dx * dx + dy * dy || 1)))
  return {
    far: Math.hypot(xIn - spot.xIn - t * dx, yIn - spot.yIn - t * dy),
    heightIn: spot.heightIn + t * (q.heightIn - spot.heightIn),
  }
}

/**
 * The ground between spot heights as a triangulated surface (Delaunay). Three spots at least, not all on one line; null otherwise. Inside the
 * spots heights are linear on each triangle; outside them the nearest edge of the surface is taken and `inside` is false.
 */
export function surfaceOf(spots: readonly Spot[]): Surface | null {
  const own = [...new Map(spots.map((spot) => [`${spot.xIn}|${spot.yIn}`, spot])).values()]
  if (own.length < 3) return null
  const d = Delaunator.from(
    own,
    (spot) => spot.xIn,
    (spot) => spot.yIn,
  )
  const triangles: Triangle[] = []
  for (let i = 0; i < d.triangles.length; i += 3) {
    const [spot, b, c] = [own[d.triangles[i]], own[d.triangles[i + 1]], own[d.triangles[i + 2]]]
    if (Math.abs(cross(spot, b, c)) > 1e-6) triangles.push({ a: spot, b, c, slopePer12: slope(spot, b, c) })
  }
  if (triangles.length === 0) return null
  const hull = [...d.hull].map((i) => own[i])
  const at = (xIn: number, yIn: number): GroundAt => {
    const spot: Spot = { id: '', xIn, yIn, heightIn: 0 }
    for (const triangle of triangles) {
      const area = cross(triangle.a, triangle.b, triangle.c)
      const [u, v, w] = [
        cross(spot, triangle.b, triangle.c) / area,
        cross(triangle.a, spot, triangle.c) / area,
        cross(triangle.a, triangle.b, spot) / area,
      ]
      if (u >= -1e-9 && v >= -1e-9 && w >= -1e-9)
        return { heightIn: u * triangle.a.heightIn + v * triangle.b.heightIn + w * triangle.c.heightIn, inside: true }
    }
    const near = hull
      .map((spot, i) => onSegment(spot, hull[(i + 1) % hull.length], xIn, yIn))
      .reduce((best, each) => (each.far < best.far ? each : best))
    return { heightIn: near.heightIn, inside: false }
  }
  return { spots: own, triangles, steepestPer12: Math.max(...triangles.map((triangle) => triangle.slopePer12)), at }
}

/** Lowest ground within `withinIn` of a place, inches to the grade line: looked for on rings and at every spot there. */
export function lowestNear(surface: Surface, xIn: number, yIn: number, withinIn: number): number {
  let low = surface.at(xIn, yIn).heightIn
  for (const r of [0.5, 1])
    for (let k = 0; k < 16; k++)
      low = Math.min(
        low,
        surface.at(xIn + withinIn * r * Math.cos((k * Math.PI) / 8), yIn + withinIn * r * Math.sin((k * Math.PI) / 8))
          .heightIn,
      )
  for (const spot of surface.spots)
    if (Math.hypot(spot.xIn - xIn, spot.yIn - yIn) <= withinIn) low = Math.min(low, spot.heightIn)
  return low
}

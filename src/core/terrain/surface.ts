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

const cross = (a: Spot, b: Spot, c: Spot): number =>
  (b.xIn - a.xIn) * (c.yIn - a.yIn) - (c.xIn - a.xIn) * (b.yIn - a.yIn)

/** Fall of a triangle's plane, inches per foot. */
function slope(a: Spot, b: Spot, c: Spot): number {
  const area = cross(a, b, c)
  if (Math.abs(area) < 1e-9) return 0
  const gx = ((b.heightIn - a.heightIn) * (c.yIn - a.yIn) - (c.heightIn - a.heightIn) * (b.yIn - a.yIn)) / area
  const gy = ((b.xIn - a.xIn) * (c.heightIn - a.heightIn) - (c.xIn - a.xIn) * (b.heightIn - a.heightIn)) / area
  return Math.hypot(gx, gy) * 12
}

/** Height at the nearest point of the segment from p to q. */
function onSegment(p: Spot, q: Spot, xIn: number, yIn: number): { readonly far: number; readonly heightIn: number } {
  const [dx, dy] = [q.xIn - p.xIn, q.yIn - p.yIn]
  const t = Math.max(0, Math.min(1, ((xIn - p.xIn) * dx + (yIn - p.yIn) * dy) / (dx * dx + dy * dy || 1)))
  return {
    far: Math.hypot(xIn - p.xIn - t * dx, yIn - p.yIn - t * dy),
    heightIn: p.heightIn + t * (q.heightIn - p.heightIn),
  }
}

/**
 * The ground between spot heights as a triangulated surface (Delaunay). Three spots at least, not all on one line; null otherwise. Inside the
 * spots heights are linear on each triangle; outside them the nearest edge of the surface is taken and `inside` is false.
 */
export function surfaceOf(spots: readonly Spot[]): Surface | null {
  const own = [...new Map(spots.map((s) => [`${s.xIn}|${s.yIn}`, s])).values()]
  if (own.length < 3) return null
  const d = Delaunator.from(
    own,
    (s) => s.xIn,
    (s) => s.yIn,
  )
  const triangles: Triangle[] = []
  for (let i = 0; i < d.triangles.length; i += 3) {
    const [a, b, c] = [own[d.triangles[i]], own[d.triangles[i + 1]], own[d.triangles[i + 2]]]
    if (Math.abs(cross(a, b, c)) > 1e-6) triangles.push({ a, b, c, slopePer12: slope(a, b, c) })
  }
  if (triangles.length === 0) return null
  const hull = [...d.hull].map((i) => own[i])
  const at = (xIn: number, yIn: number): GroundAt => {
    const p: Spot = { id: '', xIn, yIn, heightIn: 0 }
    for (const t of triangles) {
      const area = cross(t.a, t.b, t.c)
      const [u, v, w] = [cross(p, t.b, t.c) / area, cross(t.a, p, t.c) / area, cross(t.a, t.b, p) / area]
      if (u >= -1e-9 && v >= -1e-9 && w >= -1e-9)
        return { heightIn: u * t.a.heightIn + v * t.b.heightIn + w * t.c.heightIn, inside: true }
    }
    const near = hull
      .map((q, i) => onSegment(q, hull[(i + 1) % hull.length], xIn, yIn))
      .reduce((a, q) => (q.far < a.far ? q : a))
    return { heightIn: near.heightIn, inside: false }
  }
  return { spots: own, triangles, steepestPer12: Math.max(...triangles.map((t) => t.slopePer12)), at }
}

/** Lowest ground within `withinIn` of a place, inches to the grade line: looked for on rings and at every spot there. */
export function lowestNear(s: Surface, xIn: number, yIn: number, withinIn: number): number {
  let low = s.at(xIn, yIn).heightIn
  for (const r of [0.5, 1])
    for (let k = 0; k < 16; k++)
      low = Math.min(
        low,
        s.at(xIn + withinIn * r * Math.cos((k * Math.PI) / 8), yIn + withinIn * r * Math.sin((k * Math.PI) / 8))
          .heightIn,
      )
  for (const q of s.spots) if (Math.hypot(q.xIn - xIn, q.yIn - yIn) <= withinIn) low = Math.min(low, q.heightIn)
  return low
}

import { item } from '../result'

/** A point of a drawing, inches: to the right on it, and up. */
export type Flat = readonly [right: number, up: number]

/** Twice the area of the triangle of three points; positive where they turn to the left. */
const turn = ([ax, ay]: Flat, [bx, by]: Flat, [cx, cy]: Flat): number => (bx - ax) * (cy - ay) - (by - ay) * (cx - ax)

/** One half of a hull: points that turn to the left all the way. */
function chain(points: readonly Flat[]): Flat[] {
  const kept: Flat[] = []
  for (const point of points) {
    while (kept.length > 1 && turn(item(kept, kept.length - 2), item(kept, kept.length - 1), point) <= 0) kept.pop()
    kept.push(point)
  }
  return kept.slice(0, -1)
}

/** The convex outline of some points, counterclockwise. */
export function hullOf(points: readonly Flat[]): readonly Flat[] {
  if (points.length < 3) return points
  const sorted = [...points].sort((one, other) => one[0] - other[0] || one[1] - other[1])
  return [...chain(sorted), ...chain([...sorted].reverse())]
}

/** Directions of a drawing: to the right, and up. */
export type Axis = 0 | 1

/** The place of a line that lies at a place of one direction. */
export function crossingAt([from, to]: Edge, axis: Axis, atIn: number): Flat {
  const share = (atIn - from[axis]) / (to[axis] - from[axis])
  return axis === 0 ? [atIn, from[1] + (to[1] - from[1]) * share] : [from[0] + (to[0] - from[0]) * share, atIn]
}

/** What of a polygon lies beyond a place of one direction (`keep` 1) or before it (−1). */
function halfOf(points: readonly Flat[], axis: Axis, atIn: number, keep: 1 | -1): readonly Flat[] {
  const inside = (point: Flat) => (point[axis] - atIn) * keep >= 0
  return points.flatMap((point, i): readonly Flat[] => {
    const before = item(points, (i + points.length - 1) % points.length)
    if (inside(point) === inside(before)) return inside(point) ? [point] : []
    const crossing = crossingAt([before, point], axis, atIn)
    return inside(point) ? [crossing, point] : [crossing]
  })
}

/** What of a convex polygon lies between two places of one direction, inches; nothing where it lies elsewhere. */
export const clippedTo = (points: readonly Flat[], axis: Axis, fromIn: number, toIn: number): readonly Flat[] =>
  halfOf(halfOf(points, axis, fromIn, 1), axis, toIn, -1)

/** From one place to another. */
export type Edge = readonly [Flat, Flat]

/** Two places are one where they are no further apart, inches. */
const SAME_PLACE_IN = 0.02

/**
 * Where another edge lies on an edge and runs against it, as shares of it from and to; null where it does not. Outlines go
 * round counterclockwise: edges of two pieces on the same side of a line run the same way, and hide nothing.
 */
function covered([from, to]: Edge, [a, b]: Edge): readonly [number, number] | null {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]]
  const long = Math.hypot(dx, dy)
  if (long < SAME_PLACE_IN) return null
  const off = ([x, y]: Flat) => Math.abs((x - from[0]) * dy - (y - from[1]) * dx) / long
  if (off(a) > SAME_PLACE_IN || off(b) > SAME_PLACE_IN) return null
  const share = ([x, y]: Flat) => ((x - from[0]) * dx + (y - from[1]) * dy) / long ** 2
  const [low, high] = [share(b), share(a)]
  return high <= 0 || low >= 1 || high <= low ? null : [Math.max(0, low), Math.min(1, high)]
}

/** What is left of an edge beside the edges that lie on it. */
function uncovered(edge: Edge, others: readonly Edge[]): readonly Edge[] {
  const [from, to] = edge
  const at = (share: number): Flat => [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share]
  const taken = others
    .flatMap((other) => {
      const part = covered(edge, other)
      return part ? [part] : []
    })
    .sort((one, other) => one[0] - other[0])
  const left: Edge[] = []
  let share = 0
  for (const [low, high] of taken) {
    if (low > share) left.push([at(share), at(low)])
    share = Math.max(share, high)
  }
  if (share < 1) left.push([at(share), to])
  return left.filter(([a, b]) => Math.hypot(b[0] - a[0], b[1] - a[1]) > SAME_PLACE_IN)
}

const edgesOf = (points: readonly Flat[]): readonly Edge[] =>
  points.map((point, i): Edge => [point, item(points, (i + 1) % points.length)])

/** The outer edges of pieces that lie against each other: an edge where two of them meet is none. */
export function outerEdges(pieces: readonly (readonly Flat[])[]): readonly Edge[] {
  if (pieces.length === 1) return edgesOf(item(pieces, 0))
  return pieces.flatMap((piece, i) => {
    const others = pieces.flatMap((other, k) => (k === i ? [] : edgesOf(other)))
    return edgesOf(piece).flatMap((edge) => uncovered(edge, others))
  })
}

/** The place of a stretch that is nearest to another place. */
export function nearestOn([a, b]: Edge, [x, y]: Flat): Flat {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]]
  const long2 = dx ** 2 + dy ** 2
  const share = long2 === 0 ? 0 : Math.min(1, Math.max(0, ((x - a[0]) * dx + (y - a[1]) * dy) / long2))
  return [a[0] + dx * share, a[1] + dy * share]
}

/** Whether a place lies inside an outline, by how often a ray from it crosses the edges. */
export const insideOf = (points: readonly Flat[], [x, y]: Flat): boolean =>
  edgesOf(points).filter(([[ax, ay], [bx, by]]) => ay > y !== by > y && x < ax + ((bx - ax) * (y - ay)) / (by - ay))
    .length %
    2 ===
  1

/** Twice the area of an outline; positive where it goes round counterclockwise. */
export const turnOf = (points: readonly Flat[]): number =>
  edgesOf(points).reduce((sum, [[ax, ay], [bx, by]]) => sum + ax * by - bx * ay, 0)

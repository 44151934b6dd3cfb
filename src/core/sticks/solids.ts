import { cross, dot, minus, plus, times, unit, type Vector } from '../geometry'
import { item } from '../result'
import { ROUNDING } from '../units'
import type { Cut, Stick } from './stick'

/**
 * A convex piece of a stick: eight corners, first the four of the face nearer to its first end. Corners go round: lower
 * near, upper near, upper far, lower far.
 */
export interface Piece {
  readonly corners: readonly Vector[]
}

/** Heights and widths that are left of a section, from the middle of the stick, inches. */
interface Section {
  readonly low: number
  readonly high: number
  readonly near: number
  readonly far: number
}

/** What is left of the section of a stick at a place along it, just after or just before that place. */
function sectionAt({ board, cuts }: Stick, atIn: number, side: 'after' | 'before'): Section {
  const half = { deep: board.depthIn / 2, wide: board.widthIn / 2 }
  let [low, high, near, far] = [-half.deep, half.deep, -half.wide, half.wide]
  for (const cut of cuts) {
    const inside =
      side === 'after'
        ? atIn >= cut.fromIn - ROUNDING && atIn < cut.toIn - ROUNDING
        : atIn > cut.fromIn + ROUNDING && atIn <= cut.toIn + ROUNDING
    if (!inside) continue
    const deepIn = depthAt(cut, atIn)
    if (cut.edge === 'lower') low = Math.max(low, -half.deep + deepIn)
    if (cut.edge === 'upper') high = Math.min(high, half.deep - deepIn)
    if (cut.edge === 'near') near = Math.max(near, -half.wide + deepIn)
    if (cut.edge === 'far') far = Math.min(far, half.wide - deepIn)
  }
  return { low, high, near, far }
}

/** Depth of a cut at a place along it, inches. */
function depthAt({ fromIn, toIn, depthIn }: Cut, atIn: number): number {
  const share = toIn > fromIn ? (atIn - fromIn) / (toIn - fromIn) : 0
  return depthIn[0] + (depthIn[1] - depthIn[0]) * share
}

/** How far an end stands back at a place of the section, inches: nothing at its tip. */
function backAt(stick: Stick, end: 0 | 1, deep: number, wide: number): number {
  const { backIn, backAcrossIn } = item(stick.ends, end)
  const { depthIn, widthIn } = stick.board
  const byDepth = backIn >= 0 ? backIn * (0.5 - deep / depthIn) : -backIn * (0.5 + deep / depthIn)
  const byWidth = backAcrossIn >= 0 ? backAcrossIn * (0.5 - wide / widthIn) : -backAcrossIn * (0.5 + wide / widthIn)
  return byDepth + byWidth
}

/** The solid of a stick after its ends are sawn and its cuts taken out, as convex pieces along it. */
export function solidOf(stick: Stick): readonly Piece[] {
  const { at, cutLengthIn, cuts } = stick
  const along = unit(minus(at.to, at.from))
  const across = unit(cross(along, at.up))
  if (stick.outline)
    return stick.outline.map((quad) => ({
      corners: [-0.5, 0.5].flatMap((side) =>
        quad.map(([alongIn, upIn]) =>
          plus(
            plus(plus(at.from, times(along, alongIn)), times(at.up, upIn)),
            times(across, side * stick.board.widthIn),
          ),
        ),
      ),
    }))
  const stops = [...new Set([0, cutLengthIn, ...cuts.flatMap((cut) => [cut.fromIn, cut.toIn])])]
    .filter((stop) => stop >= 0 && stop <= cutLengthIn)
    .sort((one, other) => one - other)
  const corner = (alongIn: number, deep: number, wide: number): Vector =>
    plus(plus(plus(at.from, times(along, alongIn)), times(at.up, deep)), times(across, wide))
  const face = (stop: number, section: Section): readonly Vector[] =>
    (
      [
        [section.low, section.near],
        [section.high, section.near],
        [section.high, section.far],
        [section.low, section.far],
      ] as const
    ).map(([deep, wide]) => {
      if (stop <= 0) return corner(backAt(stick, 0, deep, wide), deep, wide)
      if (stop >= cutLengthIn) return corner(cutLengthIn - backAt(stick, 1, deep, wide), deep, wide)
      return corner(stop, deep, wide)
    })
  return stops.slice(1).flatMap((to, i) => {
    const from = item(stops, i)
    if (to - from < ROUNDING) return []
    return [{ corners: [...face(from, sectionAt(stick, from, 'after')), ...face(to, sectionAt(stick, to, 'before'))] }]
  })
}

/** Volume of a convex piece with eight corners, cubic inches: six pyramids from its middle. */
export function volumeIn3({ corners }: Piece): number {
  const middle = times(
    corners.reduce((sum, corner) => plus(sum, corner), [0, 0, 0] as Vector),
    1 / corners.length,
  )
  const sides = [
    [0, 1, 2, 3],
    [4, 5, 6, 7],
    [0, 1, 5, 4],
    [1, 2, 6, 5],
    [2, 3, 7, 6],
    [3, 0, 4, 7],
  ]
  const tetrahedron = (a: Vector, b: Vector, c: Vector): number =>
    Math.abs(dot(minus(a, middle), cross(minus(b, middle), minus(c, middle)))) / 6
  return sides.reduce((sum, side) => {
    const [a, b, c, d] = side.map((i) => item(corners, i)) as [Vector, Vector, Vector, Vector]
    return sum + tetrahedron(a, b, c) + tetrahedron(a, c, d)
  }, 0)
}

import type { Flat } from '@/core/geometry'
import type { Seen, View } from '@/core/drawn'
import { wallLengthIn } from '@/core/layout'
import type { Side } from '@/core/model'
import { isOfPost, wallLine } from '@/core/sticks'
import { HALF_MARK_IN } from '@/core/units'
import type { SheetsOf } from '../crewbook/sheetsOf'
import { type Figure, type Look, type Shape } from './figure'

/** From outside the north and west walls run to the left from their hook. */
export const runsLeft = (side: Side): boolean => side === 'north' || side === 'west'

/** A wall as it is seen from outside; its zero is its left end at the grade line. */
export function wallView({ derived: { grid } }: SheetsOf, side: Side): View {
  const { from, along, out } = wallLine(grid, side)
  const flip = runsLeft(side) ? -1 : 1
  const start = runsLeft(side) ? wallLengthIn(grid, side) : 0
  return {
    at: [from.x + along.x * start, from.y + along.y * start, 0],
    right: [along.x * flip, along.y * flip, 0],
    up: [0, 0, 1],
    toward: [out.x, out.y, 0],
  }
}

/** A place along a wall from its hook as it lies on the view from outside. */
export const alongOn = ({ derived: { grid } }: SheetsOf, side: Side, atIn: number): number =>
  runsLeft(side) ? wallLengthIn(grid, side) - atIn : atIn

/** A cut across the building, seen to the west: south at the left. */
export const crossView = (xIn: number): View => ({
  at: [xIn, 0, 0],
  right: [0, 1, 0],
  up: [0, 0, 1],
  toward: [1, 0, 0],
})

/** Sticks drawn one over the other; the plies of one post are one body. */
export function shapesOf(seen: readonly Seen[], look: (each: Seen) => Look): readonly Shape[] {
  const posts = new Map<string, { pieces: (readonly Flat[])[]; look: Look }>()
  const shapes: Shape[] = []
  for (const each of seen) {
    const of = isOfPost(each.stick) ? each.stick.of : null
    const has = of === null ? undefined : posts.get(of)
    if (has) {
      has.pieces.push(...each.pieces)
      continue
    }
    const made = { pieces: [...each.pieces], look: look(each) }
    if (of !== null) posts.set(of, made)
    shapes.push({ as: 'solid', ...made })
  }
  return shapes
}

/** What is drawn of some sticks, all points. */
export const outlinesOf = (seen: readonly Seen[]): readonly (readonly Flat[])[] => seen.flatMap(({ pieces }) => pieces)

/** The box of some outlines. */
export function boxOf(outlines: readonly (readonly Flat[])[]): Figure['box'] {
  const points = outlines.flat()
  const [rights, ups] = [points.map(([right]) => right), points.map(([, up]) => up)]
  return { x0: Math.min(...rights), x1: Math.max(...rights), y0: Math.min(...ups), y1: Math.max(...ups) }
}

export const joinBoxes = (boxes: readonly Figure['box'][]): Figure['box'] => ({
  x0: Math.min(...boxes.map(({ x0 }) => x0)),
  x1: Math.max(...boxes.map(({ x1 }) => x1)),
  y0: Math.min(...boxes.map(({ y0 }) => y0)),
  y1: Math.max(...boxes.map(({ y1 }) => y1)),
})

/** Places in order, none twice, inches. */
export const inOrder = (placesIn: readonly number[]): readonly number[] => {
  const sorted = [...placesIn].sort((one, other) => one - other)
  return sorted.filter((at, i) => i === 0 || at - sorted[i - 1] > HALF_MARK_IN)
}

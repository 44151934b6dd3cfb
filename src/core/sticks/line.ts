import type { Point, Vector } from '../geometry'
import type { Grid, Post } from '../layout'
import type { Building, LeanTo, Side } from '../model'
import { item } from '../result'

/** A straight line in plan along which posts and boards stand: places are said along it, out from it and up. */
export interface Line {
  readonly from: Point
  readonly along: Point
  /** To the outside, square to the line. */
  readonly out: Point
}

/** A place of a line in the job's space. */
export const placeOn = ({ from, along, out }: Line, alongIn: number, outIn: number, upIn: number): Vector => [
  from.x + along.x * alongIn + out.x * outIn,
  from.y + along.y * alongIn + out.y * outIn,
  upIn,
]

/** A direction of a line in the job's space. */
export const towards = ({ along, out }: Line, alongIn: number, outIn: number, upIn: number): Vector => [
  along.x * alongIn + out.x * outIn,
  along.y * alongIn + out.y * outIn,
  upIn,
]

export const UP: Vector = [0, 0, 1]

const EAST: Point = { x: 1, y: 0 }
const NORTH: Point = { x: 0, y: 1 }
const WEST: Point = { x: -1, y: 0 }
const SOUTH: Point = { x: 0, y: -1 }

/** The string of a wall, from its low corner; its outside is the outside of its posts. */
export function wallLine({ lengthIn, widthIn }: Pick<Grid, 'lengthIn' | 'widthIn'>, side: Side): Line {
  switch (side) {
    case 'south':
      return { from: { x: 0, y: 0 }, along: EAST, out: SOUTH }
    case 'north':
      return { from: { x: 0, y: widthIn }, along: EAST, out: NORTH }
    case 'west':
      return { from: { x: 0, y: 0 }, along: NORTH, out: WEST }
    case 'east':
      return { from: { x: lengthIn, y: 0 }, along: NORTH, out: EAST }
  }
}

/** The outer string of a lean-to. */
export function leanToLine(grid: Pick<Grid, 'lengthIn' | 'widthIn'>, { side, depthIn }: LeanTo): Line {
  const wall = wallLine(grid, side)
  return { ...wall, from: { x: wall.from.x, y: wall.from.y + wall.out.y * depthIn } }
}

/** The string that a post stands on. */
export function lineOf(building: Pick<Building, 'leanTos'>, grid: Grid, post: Post): Line {
  const leanTo = post.kind === 'lean-to' ? building.leanTos.find(({ side }) => side === post.side) : undefined
  return leanTo ? leanToLine(grid, leanTo) : wallLine(grid, post.side)
}

/** A stretch along a line, inches. */
export interface Stretch {
  readonly fromIn: number
  readonly toIn: number
}

/** A place along a line that carries what crosses it: a post, a truss, a rafter; half of it to each side. */
export interface Support {
  readonly id: string
  readonly atIn: number
  readonly halfIn: number
}

/** Order of the first of some supports, in their order along the line, whose middle is not before a place. */
function firstFrom(supports: readonly Support[], atIn: number): number {
  let [low, high] = [0, supports.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if (item(supports, middle).atIn < atIn) low = middle + 1
    else high = middle
  }
  return low
}

/** No support reaches further from its middle than this to either side, inches. */
const MOST_HALF_IN = 24

/** Supports, in their order along the line, that may reach into a stretch or come near it: a few more rather than less. */
export function supportsNear<S extends Support>(supports: readonly S[], fromIn: number, toIn: number): readonly S[] {
  return supports.slice(firstFrom(supports, fromIn - MOST_HALF_IN), firstFrom(supports, toIn + MOST_HALF_IN))
}

/** The first support that a place lies on, or that lies no further from it than `nearIn`; null where none does. */
export function anySupport<S extends Support>(supports: readonly S[], atIn: number, nearIn: number): S | null {
  for (let i = firstFrom(supports, atIn - MOST_HALF_IN); i < supports.length; i++) {
    const support = item(supports, i)
    if (support.atIn - MOST_HALF_IN > atIn) return null
    if (Math.abs(support.atIn - atIn) <= support.halfIn + nearIn) return support
  }
  return null
}

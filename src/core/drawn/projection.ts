import { dot, type Flat, hullOf, minus, plus, times, type Vector } from '../geometry'
import { item } from '../result'
import { type Piece, solidOf, type Stick } from '../sticks'

/** A sheet of paper in the job's space: its zero, its directions, and the direction to whoever looks at it. */
export interface View {
  readonly at: Vector
  readonly right: Vector
  readonly up: Vector
  readonly toward: Vector
}

/** A stick as it lies on a view: its convex pieces, and how near it comes to whoever looks, inches. */
export interface Seen {
  readonly stick: Stick
  readonly pieces: readonly (readonly Flat[])[]
  readonly nearIn: number
}

/** Solids of sticks: one stick shows on many drawings. */
const solids = new WeakMap<Stick, readonly Piece[]>()

function solidFor(stick: Stick): readonly Piece[] {
  const has = solids.get(stick)
  if (has) return has
  const made = solidOf(stick)
  solids.set(stick, made)
  return made
}

/** The plan: south at the bottom, seen from above. */
export const PLAN: View = { at: [0, 0, 0], right: [1, 0, 0], up: [0, 1, 0], toward: [0, 0, 1] }

/** Where a place of the job lies on a view. */
function onView({ at, right, up }: View, place: Vector): Flat {
  const off = minus(place, at)
  return [dot(off, right), dot(off, up)]
}

const depthOf = ({ at, toward }: View, place: Vector): number => dot(minus(place, at), toward)

/** Sticks as they are seen on a view, what is farther away first: drawn in this order, what is nearer covers it. */
export function seenOn(view: View, sticks: readonly Stick[]): readonly Seen[] {
  const seen = sticks.map((stick): Seen => {
    const solid = solidFor(stick)
    const corners = solid.flatMap((piece) => piece.corners)
    return {
      stick,
      pieces: solid.map((piece) => hullOf(piece.corners.map((corner) => onView(view, corner)))),
      nearIn: Math.max(...corners.map((corner) => depthOf(view, corner))),
    }
  })
  return seen.sort((one, other) => one.nearIn - other.nearIn)
}

/** Edges of a piece with eight corners. */
const EDGES = [
  [0, 1],
  [1, 2],
  [2, 3],
  [3, 0],
  [4, 5],
  [5, 6],
  [6, 7],
  [7, 4],
  [0, 4],
  [1, 5],
  [2, 6],
  [3, 7],
] as const

/** What is cut of one piece; null where the paper passes it by. */
function cutOf(view: View, corners: readonly Vector[]): readonly Flat[] | null {
  const deep = corners.map((corner) => depthOf(view, corner))
  if (Math.min(...deep) >= 0 || Math.max(...deep) <= 0) return null
  const points = EDGES.flatMap(([a, b]): readonly Flat[] => {
    const [from, to] = [item(deep, a), item(deep, b)]
    if (from * to > 0 || from === to) return []
    const way = minus(item(corners, b), item(corners, a))
    return [onView(view, plus(item(corners, a), times(way, from / (from - to))))]
  })
  return hullOf(points)
}

/** What the paper of a view cuts of the sticks that it passes through. */
export function cutBy(view: View, sticks: readonly Stick[]): readonly Seen[] {
  return sticks.flatMap((stick) => {
    const pieces = solidFor(stick).flatMap(({ corners }) => {
      const cut = cutOf(view, corners)
      return cut ? [cut] : []
    })
    return pieces.length > 0 ? [{ stick, pieces, nearIn: 0 }] : []
  })
}

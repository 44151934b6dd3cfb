import { cross, dot, lengthOf, minus, type Vector } from '../geometry'
import { addUnder } from '../result'
import { isPurlinBlock, type OverlapKind, type Stick, type Sticks } from '../sticks'
import { type Piece, solidOf } from '../sticks/solids'

/** A convex piece with what tells it apart from others quickly. */
interface Body {
  readonly stick: Stick
  readonly corners: readonly Vector[]
  readonly normals: readonly Vector[]
  readonly edges: readonly Vector[]
  readonly low: Vector
  readonly high: Vector
}

const FACES = [
  [0, 1, 2],
  [4, 5, 6],
  [0, 1, 5],
  [1, 2, 6],
  [2, 3, 7],
  [3, 0, 4],
] as const
const EDGES = [
  [0, 1],
  [1, 2],
  [0, 4],
  [1, 5],
  [4, 5],
  [5, 6],
] as const

/** Directions of some vectors, each once; those without a length left out. */
function directions(vectors: readonly Vector[]): Vector[] {
  const out: Vector[] = []
  for (const vector of vectors) {
    const length = lengthOf(vector)
    if (length < 1e-9) continue
    const one: Vector = [vector[0] / length, vector[1] / length, vector[2] / length]
    if (!out.some((other) => Math.abs(Math.abs(dot(one, other)) - 1) < 1e-9)) out.push(one)
  }
  return out
}

function bodyOf(stick: Stick, { corners }: Piece): Body {
  const bound = (of: (...values: number[]) => number): Vector => [
    of(...corners.map((corner) => corner[0])),
    of(...corners.map((corner) => corner[1])),
    of(...corners.map((corner) => corner[2])),
  ]
  return {
    stick,
    corners,
    normals: directions(FACES.map(([a, b, c]) => cross(minus(corners[b], corners[a]), minus(corners[c], corners[a])))),
    edges: directions(EDGES.map(([a, b]) => minus(corners[b], corners[a]))),
    low: bound(Math.min),
    high: bound(Math.max),
  }
}

/** The convex pieces of some sticks. */
const bodiesOf = (sticks: readonly Stick[]): Body[] =>
  sticks.flatMap((stick) => solidOf(stick).map((piece) => bodyOf(stick, piece)))

function span(corners: readonly Vector[], axis: Vector): [number, number] {
  let [low, high] = [Infinity, -Infinity]
  for (const corner of corners) {
    const at = dot(corner, axis)
    if (at < low) low = at
    if (at > high) high = at
  }
  return [low, high]
}

/**
 * How far two convex bodies go into each other, inches, along the direction in which it is least; negative: how far
 * they are apart, at least.
 */
function depthInto(one: Body, other: Body): number {
  const axes = [
    ...one.normals,
    ...other.normals,
    ...directions(one.edges.flatMap((a) => other.edges.map((b) => cross(a, b)))),
  ]
  let least = Infinity
  for (const axis of axes) {
    const [low, high] = span(one.corners, axis)
    const [otherLow, otherHigh] = span(other.corners, axis)
    least = Math.min(least, Math.min(high, otherHigh) - Math.max(low, otherLow))
  }
  return least
}

/** Whether the boxes around two bodies come nearer to each other than so many inches. */
const near = (one: Body, other: Body, byIn: number): boolean =>
  [0, 1, 2].every((i) => one.low[i] < other.high[i] + byIn && other.low[i] < one.high[i] + byIn)

/** Pairs of bodies of different sticks that go into each other by more than so many inches, with how far. */
function clashes(bodies: readonly Body[], moreThanIn: number): [Stick, Stick, number][] {
  const sorted = [...bodies].sort((one, other) => one.low[0] - other.low[0])
  const found: [Stick, Stick, number][] = []
  sorted.forEach((one, i) => {
    for (let k = i + 1; k < sorted.length && sorted[k].low[0] < one.high[0]; k++) {
      const other = sorted[k]
      if (other.stick === one.stick || !near(one, other, -moreThanIn)) continue
      const depth = depthInto(one, other)
      if (depth > moreThanIn) found.push([one.stick, other.stick, depth])
    }
  })
  return found
}

/** Whether an end of a stick comes within so many inches of any of some bodies. */
function touches(stick: Stick, end: 0 | 1, others: readonly Body[], withinIn: number): boolean {
  const own = bodiesOf([stick])
  const last = end === 0 ? [own[0]] : [own[own.length - 1]]
  const pieces = stick.outline ? own : last
  return others.some((other) =>
    pieces.some((piece) => near(piece, other, withinIn) && depthInto(piece, other) >= -withinIn),
  )
}

/** Sticks are told apart, for what the plan gives one place, by themselves, their whole, their part, row, wall or slope. */
function keysOf({ id, of, kind, place }: Stick): readonly (string | null)[] {
  const onRoof = kind === 'purlin' || kind === 'batten' || isPurlinBlock({ place })
  const inWall = !onRoof && kind !== 'truss' && kind !== 'rafter'
  return [
    id,
    of,
    place.part,
    place.row,
    inWall && place.side ? `wall-${place.side}` : null,
    onRoof ? `roof-${place.part === 'main' ? place.side : place.part}` : null,
  ]
}

/** The one pair that a plan may declare not to meet. */
const APART: OverlapKind = 'truss beside its post'
/** Most that two sticks may go into each other, and that an end may miss what carries it, inches. */
const MOST_IN = 1 / 16
const MOST_OFF_IN = 1 / 8

/** What is wrong with the sticks of a building as solids: undeclared clashes, ends that do not touch what carries them. */
export function geometryFaults(made: Sticks): string[] {
  // Temporary braces stand while the rest is not there yet.
  const standing = made.sticks.filter(({ kind }) => kind !== 'temporary brace')
  const bodies = bodiesOf(standing)
  const declared = (one: Stick, other: Stick) =>
    made.overlaps.some(({ sticks: [first, second] }) => keysOf(one).includes(first) && keysOf(other).includes(second))
  const into = clashes(bodies, MOST_IN)
    .filter(([one, other]) => !declared(one, other) && !declared(other, one))
    .map(([one, other, byIn]) => `${one.id} goes ${byIn.toFixed(3)} in. into ${other.id}`)
  const byName = new Map<string, Body[]>()
  for (const body of bodies)
    for (const name of [body.stick.id, body.stick.of]) if (name !== null) addUnder(byName, name, body)
  const missing = standing.flatMap((stick) =>
    ([0, 1] as const).flatMap((end) => {
      const { on } = stick.ends[end]
      if (on === null || on === 'footing' || on === 'bracket') return []
      const others = (byName.get(on) ?? []).filter((body) => body.stick !== stick)
      if (others.length === 0) return [`${stick.id} rests on ${on}, which is not there`]
      if (made.overlaps.some(({ kind, sticks: [id, post] }) => kind === APART && id === stick.id && post === on))
        return []
      return touches(stick, end, others, MOST_OFF_IN) ? [] : [`end ${end + 1} of ${stick.id} does not touch ${on}`]
    }),
  )
  return [...into, ...missing]
}

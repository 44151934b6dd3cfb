import { firstOf, item } from '../result'
import { Matrix, solve } from 'ml-matrix'

/**
 * Plane frame: nodes in inches, members with E·A (lb) and E·I (lb·in²) and pinned ends, supports rigid or on springs
 * (lb/in, in·lb/rad).
 */
export interface FrameNode {
  readonly x: number
  readonly y: number
  readonly fix?: readonly [x: boolean, y: boolean, turn: boolean]
  readonly spring?: readonly [x: number, y: number, turn: number]
  readonly load?: readonly [x: number, y: number, turn: number]
}

export interface FrameMember {
  readonly from: number
  readonly to: number
  readonly ea: number
  readonly ei: number
  readonly pinFrom?: boolean
  readonly pinTo?: boolean /** Uniform load square to the member, lb/in, positive to the left of its direction. */
  readonly w?: number
}

export interface Frame {
  readonly nodes: readonly FrameNode[]
  readonly members: readonly FrameMember[]
}

/**
 * End forces of one member in its own axes: axial (tension positive), shear and moment at each end as the member feels
 * them.
 */
export interface MemberForces {
  readonly axialLb: number
  readonly shearFromLb: number
  readonly shearToLb: number
  readonly momentFromInLb: number
  readonly momentToInLb: number
}

/** A member between its ends: extremes of its moment (sagging over 0), its largest shear and move, lb and inches. */
export interface MemberBend {
  readonly mostInLb: number
  readonly leastInLb: number
  readonly shearLb: number
  readonly moveIn: number
}

/** Steps in which a member is looked through for the place where it moves most. */
const BEND_STEPS = 64
const HALVINGS = 50

/** Where a function that is below zero at one end and above it at the other crosses zero, by bisection. */
function crossing(of: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (of(low) * of(middle) <= 0) high = middle
    else low = middle
  }
  return (low + high) / 2
}

/** What a member does between its ends, from the forces there and how it starts: exact for a uniform load. */
export function memberBend(
  forces: MemberForces,
  at: {
    readonly lengthIn: number
    readonly w: number
    readonly ei: number
    readonly startIn: number
    readonly turn: number
  },
): MemberBend {
  const { shearFromLb: shear, momentFromInLb: end } = forces
  const moment = (x: number) => shear * x - end + (at.w * x ** 2) / 2
  const slope = (x: number) => at.turn + ((shear * x ** 2) / 2 - end * x + (at.w * x ** 3) / 6) / at.ei
  const move = (x: number) =>
    at.startIn + at.turn * x + ((shear * x ** 3) / 6 - (end * x ** 2) / 2 + (at.w * x ** 4) / 24) / at.ei
  const level = at.w === 0 ? -1 : -shear / at.w
  const moments = [0, at.lengthIn, ...(level > 0 && level < at.lengthIn ? [level] : [])].map(moment)
  const places = Array.from({ length: BEND_STEPS + 1 }, (_, i) => (at.lengthIn * i) / BEND_STEPS)
  const turning = places
    .slice(1)
    .flatMap((to, i) => (slope(item(places, i)) * slope(to) < 0 ? [crossing(slope, item(places, i), to)] : []))
  return {
    mostInLb: Math.max(...moments),
    leastInLb: Math.min(...moments),
    shearLb: Math.max(Math.abs(shear), Math.abs(shear + at.w * at.lengthIn)),
    moveIn: Math.max(...[0, at.lengthIn, ...turning].map((x) => Math.abs(move(x)))),
  }
}

export interface FrameResult {
  readonly moves: readonly (readonly [x: number, y: number, turn: number])[]
  readonly reactions: readonly (readonly [x: number, y: number, turn: number])[]
  readonly members: readonly MemberForces[]
}

interface Local {
  readonly k: number[][]
  readonly f: number[]
}

/**
 * Stiffness and fixed-end forces of one member in its own axes, with pinned ends condensed out. Order: u1 v1 t1 u2 v2
 * t2.
 */
function local(frameMember: FrameMember, l: number): Local {
  const a = frameMember.ea / l
  const w = frameMember.w ?? 0
  const zero = (): number[][] => Array.from({ length: 6 }, () => [0, 0, 0, 0, 0, 0])
  const k = zero()
  firstOf(k)[0] = item(k, 3)[3] = a
  firstOf(k)[3] = item(k, 3)[0] = -a
  const put = (rows: readonly (readonly number[])[]) =>
    rows.forEach((row, i) =>
      row.forEach((value, j) => {
        item(k, item([1, 2, 4, 5], i))[item([1, 2, 4, 5], j)] = value
      }),
    )
  const ei = frameMember.ei
  let f: number[]
  if (frameMember.pinFrom && frameMember.pinTo) f = [0, (-w * l) / 2, 0, 0, (-w * l) / 2, 0]
  else if (frameMember.pinFrom) {
    const q = (3 * ei) / l ** 3
    put([
      [q, 0, -q, q * l],
      [0, 0, 0, 0],
      [-q, 0, q, -q * l],
      [q * l, 0, -q * l, q * l * l],
    ])
    f = [0, (-3 * w * l) / 8, 0, 0, (-5 * w * l) / 8, (w * l * l) / 8]
  } else if (frameMember.pinTo) {
    const q = (3 * ei) / l ** 3
    put([
      [q, q * l, -q, 0],
      [q * l, q * l * l, -q * l, 0],
      [-q, -q * l, q, 0],
      [0, 0, 0, 0],
    ])
    f = [0, (-5 * w * l) / 8, (-w * l * l) / 8, 0, (-3 * w * l) / 8, 0]
  } else {
    const q = (12 * ei) / l ** 3
    const [h, s, c] = [(q * l) / 2, (4 * ei) / l, (2 * ei) / l]
    put([
      [q, h, -q, h],
      [h, s, -h, c],
      [-q, -h, q, -h],
      [h, c, -h, s],
    ])
    f = [0, (-w * l) / 2, (-w * l * l) / 12, 0, (-w * l) / 2, (w * l * l) / 12]
  }
  return { k, f }
}

/** One member in the directions of the frame: its stiffness turned, its fixed-end forces, and its six freedoms. */
interface Placed {
  readonly kt: readonly (readonly number[])[]
  readonly f: readonly number[]
  readonly dofs: readonly number[]
}

/** Stiffness and loads of a frame, one row for each freedom of its nodes. */
interface Assembled {
  readonly matrix: Matrix
  readonly loads: number[]
  readonly placed: readonly Placed[]
}

const DIRECTIONS = [0, 1, 2] as const

/** Turns the six end forces of a member from the frame's directions into its own; `c` and `s` of its slope. */
const turning = (c: number, s: number): readonly (readonly number[])[] => [
  [c, s, 0, 0, 0, 0],
  [-s, c, 0, 0, 0, 0],
  [0, 0, 1, 0, 0, 0],
  [0, 0, 0, c, s, 0],
  [0, 0, 0, -s, c, 0],
  [0, 0, 0, 0, 0, 1],
]

/** Adds one member to the stiffness and the loads of its frame. */
function place(frame: Frame, member: Frame['members'][number], matrix: Matrix, loads: number[]): Placed {
  const [from, to] = [item(frame.nodes, member.from), item(frame.nodes, member.to)]
  const l = Math.hypot(to.x - from.x, to.y - from.y)
  const { k, f } = local(member, l)
  const T = turning((to.x - from.x) / l, (to.y - from.y) / l)
  const dofs = [member.from, member.to].flatMap((node) => DIRECTIONS.map((direction) => 3 * node + direction))
  const kt = k.map((row) =>
    firstOf(T).map((_, j) => row.reduce((sum, value, q) => sum + value * item(item(T, q), j), 0)),
  )
  for (let i = 0; i < 6; i++) {
    const at = item(dofs, i)
    for (let j = 0; j < 6; j++) {
      const v = T.reduce((sum, row, q) => sum + item(row, i) * item(item(kt, q), j), 0)
      if (v !== 0) matrix.set(at, item(dofs, j), matrix.get(at, item(dofs, j)) + v)
    }
    loads[at] = item(loads, at) - T.reduce((sum, row, q) => sum + item(row, i) * item(f, q), 0)
  }
  return { kt, f, dofs }
}

/** The frame put together from its nodes, members and springs. */
function assemble(frame: Frame): Assembled {
  const n = frame.nodes.length * 3
  const matrix = Matrix.zeros(n, n)
  const loads = new Array<number>(n).fill(0)
  frame.nodes.forEach((node, i) =>
    node.load?.forEach((value, direction) => {
      loads[3 * i + direction] = item(loads, 3 * i + direction) + value
    }),
  )
  const placed = frame.members.map((member) => place(frame, member, matrix, loads))
  frame.nodes.forEach((node, i) =>
    DIRECTIONS.forEach((direction) => {
      const dof = 3 * i + direction
      const spring = node.spring?.[direction] ?? 0
      if (spring > 0) matrix.set(dof, dof, matrix.get(dof, dof) + spring)
    }),
  )
  return { matrix, loads, placed }
}

/** A move past this is no small deflection: the frame is taken as a mechanism, inches or radians. */
const MOST_MOVE = 1e6

/** Moves of every freedom; null where the frame is a mechanism or an input is not finite. */
function movesOf(frame: Frame, { matrix, loads }: Assembled): number[] | null {
  // A turn that no member resists (all its ends pinned) is left out.
  const free = frame.nodes.flatMap((node, i) =>
    DIRECTIONS.filter(
      (direction) => !node.fix?.[direction] && matrix.get(3 * i + direction, 3 * i + direction) > 0,
    ).map((direction) => 3 * i + direction),
  )
  const moves = new Array<number>(loads.length).fill(0)
  if (free.length === 0) return moves
  try {
    const given = Matrix.columnVector(free.map((dof) => item(loads, dof)))
    const found = solve(matrix.selection(free, free), given).to1DArray()
    if (found.some((value) => !Number.isFinite(value) || Math.abs(value) > MOST_MOVE)) return null
    free.forEach((dof, i) => {
      moves[dof] = item(found, i)
    })
    return moves
  } catch {
    return null
  }
}

/** Forces at the ends of a member. */
function endForces({ kt, f, dofs }: Placed, moves: readonly number[]): MemberForces {
  const ends = kt.map((row, i) => row.reduce((sum, value, j) => sum + value * item(moves, item(dofs, j)), item(f, i)))
  return {
    axialLb: item(ends, 3),
    shearFromLb: item(ends, 1),
    momentFromInLb: item(ends, 2),
    shearToLb: item(ends, 4),
    momentToInLb: item(ends, 5),
  }
}

/** What the ground gives back at a node. */
const reactionsOf = (
  node: Frame['nodes'][number],
  i: number,
  { matrix, loads }: Assembled,
  moves: readonly number[],
): readonly [number, number, number] =>
  DIRECTIONS.map((direction) => {
    const dof = 3 * i + direction
    if (node.fix?.[direction])
      return matrix.getRow(dof).reduce((sum, value, j) => sum + value * item(moves, j), 0) - item(loads, dof)
    return -(node.spring?.[direction] ?? 0) * item(moves, dof)
  }) as unknown as readonly [number, number, number]

/**
 * Moves, reactions and member forces of a plane frame by the direct stiffness method (ml-matrix LU). Small deflections.
 * Null where the frame
 * is a mechanism or an input is not finite.
 */
export function solveFrame(frame: Frame): FrameResult | null {
  const assembled = assemble(frame)
  const moves = movesOf(frame, assembled)
  if (!moves) return null
  return {
    moves: frame.nodes.map((_, i) => [item(moves, 3 * i), item(moves, 3 * i + 1), item(moves, 3 * i + 2)] as const),
    reactions: frame.nodes.map((node, i) => reactionsOf(node, i, assembled, moves)),
    members: assembled.placed.map((placed) => endForces(placed, moves)),
  }
}

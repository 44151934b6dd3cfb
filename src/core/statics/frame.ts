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

/**
 * Moves, reactions and member forces of a plane frame by the direct stiffness method (ml-matrix LU). Small deflections.
 * Null where the frame
 * is a mechanism or an input is not finite.
 */
export function solveFrame(frame: Frame): FrameResult | null {
  const n = frame.nodes.length * 3
  const matrix = Matrix.zeros(n, n)
  const P = new Array<number>(n).fill(0)
  frame.nodes.forEach((node, i) =>
    node.load?.forEach((value, index) => {
      P[3 * i + index] = item(P, 3 * i + index) + value
    }),
  )
  const parts = frame.members.map((member) => {
    const [node, otherNode] = [item(frame.nodes, member.from), item(frame.nodes, member.to)]
    const l = Math.hypot(otherNode.x - node.x, otherNode.y - node.y)
    const [c, s] = [(otherNode.x - node.x) / l, (otherNode.y - node.y) / l]
    const { k, f } = local(member, l)
    const dofs = [0, 1, 2]
      .map((direction) => 3 * member.from + direction)
      .concat([0, 1, 2].map((direction) => 3 * member.to + direction))
    const T = [
      [c, s, 0, 0, 0, 0],
      [-s, c, 0, 0, 0, 0],
      [0, 0, 1, 0, 0, 0],
      [0, 0, 0, c, s, 0],
      [0, 0, 0, -s, c, 0],
      [0, 0, 0, 0, 0, 1],
    ]
    const kt = k.map((row) =>
      firstOf(T).map((_, j) => row.reduce((sum, value, q) => sum + value * item(item(T, q), j), 0)),
    )
    for (let i = 0; i < 6; i++) {
      for (let j = 0; j < 6; j++) {
        const v = T.reduce((sum, row, q) => sum + item(row, i) * item(item(kt, q), j), 0)
        if (v !== 0) matrix.set(item(dofs, i), item(dofs, j), matrix.get(item(dofs, i), item(dofs, j)) + v)
      }
      P[item(dofs, i)] = item(P, item(dofs, i)) - T.reduce((sum, row, q) => sum + item(row, i) * item(f, q), 0)
    }
    return { kt, f, dofs }
  })
  const free: number[] = []
  frame.nodes.forEach((node, i) =>
    [0, 1, 2].forEach((direction) => {
      const dof = 3 * i + direction
      const spring = node.spring?.[direction] ?? 0
      if (spring > 0) matrix.set(dof, dof, matrix.get(dof, dof) + spring)
      // A turn that no member resists (all its ends pinned) is left out.
      if (!node.fix?.[direction] && matrix.get(dof, dof) > 0) free.push(dof)
    }),
  )
  const D = new Array<number>(n).fill(0)
  if (free.length) {
    try {
      const x = solve(matrix.selection(free, free), Matrix.columnVector(free.map((dof) => item(P, dof)))).to1DArray()
      if (x.some((value) => !Number.isFinite(value) || Math.abs(value) > 1e6)) return null
      free.forEach((dof, i) => {
        D[dof] = item(x, i)
      })
    } catch {
      return null
    }
  }
  const members = parts.map(({ kt, f, dofs }): MemberForces => {
    const ends = kt.map((row, i) => row.reduce((sum, value, j) => sum + value * item(D, item(dofs, j)), item(f, i)))
    return {
      axialLb: item(ends, 3),
      shearFromLb: item(ends, 1),
      momentFromInLb: item(ends, 2),
      shearToLb: item(ends, 4),
      momentToInLb: item(ends, 5),
    }
  })
  const reactions = frame.nodes.map(
    (node, i) =>
      [0, 1, 2].map((direction) => {
        const dof = 3 * i + direction
        if (node.fix?.[direction])
          return matrix.getRow(dof).reduce((sum, value, j) => sum + value * item(D, j), 0) - item(P, dof)
        return -(node.spring?.[direction] ?? 0) * item(D, dof)
      }) as unknown as readonly [number, number, number],
  )
  return {
    moves: frame.nodes.map((_, i) => [item(D, 3 * i), item(D, 3 * i + 1), item(D, 3 * i + 2)] as const),
    reactions,
    members,
  }
}

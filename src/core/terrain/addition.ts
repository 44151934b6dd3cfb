import { item } from '../result'
import type { Ground } from '../model'
import { packLedger, type Packing, type WallLine } from './crookedWall'

/**
 * What the new work knows of itself: post lines along the building, rows across it, its length, and the depth of its
 * lean-to.
 */
export interface NewWork {
  readonly linesIn: readonly number[]
  readonly rows: readonly { readonly row: string; readonly yIn: number }[]
  readonly lengthIn: number
  readonly leanDepthIn: number | null
}

interface Station extends Packing {
  readonly name: string
}

/**
 * An addition on an old wall: its stations with packing, how far the wall turns from the string, and the diagonal that
 * shows it square.
 */
export interface AdditionPlan {
  readonly line: WallLine
  readonly list: readonly Station[]
  /** From the line the new work runs by to the outer face of the new posts. */ readonly offIn: number
  readonly turnIn10Ft: number
  readonly alongIn: number
  readonly diagonalIn: number
}

/** Depth of a lean-to that the building does not have yet, inches. */
const DEPTH_IN = 120

/**
 * Where the stations of an addition are along the old wall: post lines of a lean-to, equal bays of a porch, rows of a
 * wing.
 */
export function stationsOf(
  addition: Ground['addition'],
  newWork: NewWork,
): { readonly name: string; readonly atIn: number }[] {
  if (addition.kind === 'wing')
    return newWork.rows.map((row) => ({ name: row.row, atIn: row.yIn - (newWork.rows[0]?.yIn ?? 0) }))
  if (addition.kind === 'porch')
    return Array.from({ length: addition.bays + 1 }, (_, i) => ({
      name: String(i + 1),
      atIn: (addition.lengthIn * i) / addition.bays,
    }))
  return newWork.linesIn.map((atIn, i) => ({ name: String(i + 1), atIn }))
}

/**
 * Lays an addition out from an old wall that is neither straight nor square to its string. Lean-to and porch: a
 * straight ledger that touches the
 * wall where it is proudest, the post row its depth off that line. Wing: its end wall runs parallel to the old wall at
 * the gap left at the
 * proudest point, its rows square to that. `diagonalIn` is that of the rectangle of ledger (or end wall) and depth (or
 * length): both must read it.
 * Null with fewer than two offsets at different places.
 */
export function layAddition(ground: Pick<Ground, 'addition' | 'oldWall'>, newWork: NewWork): AdditionPlan | null {
  const addition = ground.addition
  const stations = stationsOf(addition, newWork)
  const reachIn = () => {
    if (addition.kind === 'wing') return addition.clearIn
    if (addition.kind === 'porch') return addition.depthIn
    return newWork.leanDepthIn ?? DEPTH_IN
  }
  const offIn = reachIn()
  const pack = packLedger(
    ground.oldWall,
    stations.map((station) => station.atIn),
    offIn,
  )
  if (!pack || stations.length === 0) return null
  const alongIn = Math.max(...stations.map((station) => station.atIn)) * Math.hypot(1, pack.line.perIn)
  return {
    line: pack.line,
    list: pack.list.map((packing, i) => ({ ...packing, name: item(stations, i).name })),
    offIn,
    turnIn10Ft: pack.line.perIn * 120,
    alongIn,
    diagonalIn: Math.hypot(alongIn, addition.kind === 'wing' ? newWork.lengthIn : offIn),
  }
}

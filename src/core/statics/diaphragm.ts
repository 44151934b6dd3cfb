import { item } from '../result'
import { Matrix, solve } from 'ml-matrix'

/**
 * A row of frames joined by a roof diaphragm: stiffness of each frame or end wall, of each bay, and the eave load of
 * each frame if it were held.
 */
export interface DiaphragmRow {
  readonly frameLbIn: readonly number[]
  readonly bayLbIn: readonly number[]
  readonly loadLb: readonly number[]
}

export interface DiaphragmResult {
  readonly moveIn: readonly number[]
  readonly frameLb: readonly number[]
  readonly bayShearLb: readonly number[]
}

/**
 * Eave load shared over all frames by stiffness, the matrix form behind ASABE EP484 (register C18): K·D = R with K
 * tridiagonal. Frames
 * carry k·D, bays c·ΔD. Null where nothing resists.
 */
export function shareByDiaphragm(row: DiaphragmRow): DiaphragmResult | null {
  const count = row.frameLbIn.length
  const c = (i: number) => (i >= 0 && i < count - 1 ? item(row.bayLbIn, i) : 0)
  const matrix = Matrix.zeros(count, count)
  for (let i = 0; i < count; i++) {
    matrix.set(i, i, item(row.frameLbIn, i) + c(i - 1) + c(i))
    if (i < count - 1) {
      matrix.set(i, i + 1, -c(i))
      matrix.set(i + 1, i, -c(i))
    }
  }
  let moveIn: number[]
  try {
    moveIn = solve(matrix, Matrix.columnVector([...row.loadLb])).to1DArray()
  } catch {
    return null
  }
  if (moveIn.some((move) => !Number.isFinite(move) || Math.abs(move) > 1e5)) return null
  return {
    moveIn,
    frameLb: moveIn.map((move, i) => item(row.frameLbIn, i) * move),
    bayShearLb: row.bayLbIn.map((k, i) => k * (item(moveIn, i + 1) - item(moveIn, i))),
  }
}

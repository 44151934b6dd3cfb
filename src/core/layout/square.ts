import { Matrix, solve } from 'ml-matrix'
import { distance, type Point } from '../geometry'
import type { Measures } from '../model'
import { fail, ok, type Result, firstOf, item } from '../result'
import { roundIn, ROUNDING } from '../units'

type CornerName = 'SW' | 'SE' | 'NE' | 'NW'
type Corners = Readonly<Record<CornerName, Point>>
export interface CornerMove {
  readonly corner: CornerName
  readonly dxIn: number
  readonly dyIn: number
}

export interface SquareFit {
  readonly corners: Corners
  /** Measured less computed, inches, for each entered measure. */
  readonly residuals: Readonly<Partial<Record<keyof Measures, number>>>
  /** Standard error of one measure, inches; null when nothing is left over to judge by (five measures). */
  readonly sigmaIn: number | null
  /** Rising less falling diagonal as fitted: what squaring takes out. */
  readonly misclosureIn: number
  readonly moves: readonly CornerMove[]
  readonly largestMoveIn: number
  /** Diagonals after the moves are made to the sixteenth, and what they should be. */
  readonly after: { readonly risingIn: number; readonly fallingIn: number }
  readonly wantedDiagonalIn: number
  /**
   * One slide of the whole north string along itself that does most of the work; null when the corners need more than
   * that.
   */
  readonly northSlideIn: number
  readonly afterSlide: { readonly risingIn: number; readonly fallingIn: number }
}

const PAIRS: Readonly<Record<keyof Measures, readonly [CornerName, CornerName]>> = {
  southIn: ['SW', 'SE'],
  eastIn: ['SE', 'NE'],
  northIn: ['NE', 'NW'],
  westIn: ['NW', 'SW'],
  risingIn: ['SW', 'NE'],
  fallingIn: ['SE', 'NW'],
}
const NAMES: readonly CornerName[] = ['SW', 'SE', 'NE', 'NW']
const cornersOf = (unknowns: readonly number[]): Corners => ({
  SW: { x: 0, y: 0 },
  SE: { x: firstOf(unknowns), y: 0 },
  NE: { x: item(unknowns, 1), y: item(unknowns, 2) },
  NW: { x: item(unknowns, 3), y: item(unknowns, 4) },
})
/** Unknown that a corner's coordinate belongs to; -1 for the fixed ones. */
const UNKNOWN: Readonly<Record<CornerName, readonly [number, number]>> = {
  SW: [-1, -1],
  SE: [0, -1],
  NE: [1, 2],
  NW: [3, 4],
}

/** Rigid move of the wanted rectangle onto the measured corners that moves them least (both sets centred, one turn). */
function leastTargets(corners: Corners, lengthIn: number, widthIn: number): Corners {
  const want: Corners = {
    SW: { x: 0, y: 0 },
    SE: { x: lengthIn, y: 0 },
    NE: { x: lengthIn, y: widthIn },
    NW: { x: 0, y: widthIn },
  }
  const mean = (corners: Corners): Point => ({
    x: NAMES.reduce((sum, name) => sum + corners[name].x, 0) / 4,
    y: NAMES.reduce((sum, name) => sum + corners[name].y, 0) / 4,
  })
  const [mp, mq] = [mean(corners), mean(want)]
  let cross = 0
  let dot = 0
  for (const name of NAMES) {
    const [px, py, qx, qy] = [corners[name].x - mp.x, corners[name].y - mp.y, want[name].x - mq.x, want[name].y - mq.y]
    cross += qx * py - qy * px
    dot += qx * px + qy * py
  }
  const phi = Math.atan2(cross, dot)
  const turn = (cornerName: CornerName): Point => {
    const [qx, qy] = [want[cornerName].x - mq.x, want[cornerName].y - mq.y]
    return { x: qx * Math.cos(phi) - qy * Math.sin(phi) + mp.x, y: qx * Math.sin(phi) + qy * Math.cos(phi) + mp.y }
  }
  return { SW: turn('SW'), SE: turn('SE'), NE: turn('NE'), NW: turn('NW') }
}

/**
 * Least-squares positions of the four string corners from measured sides and diagonals (Gauss-Newton, five unknowns,
 * the south-west
 * corner and the south string's direction fixed), and the moves that make the wanted rectangle. Needs five measures at
 * least.
 * Issues: too-few-measures, triangle-cannot-close (measures no quadrilateral can have).
 */
export function fitSquare(
  measures: Measures,
  lengthIn: number,
  widthIn: number,
  mode: 'hold-south' | 'least-move',
): Result<SquareFit> {
  const used = (Object.keys(PAIRS) as (keyof Measures)[]).filter((key) => measures[key] !== null)
  if (used.length < 5) return fail('too-few-measures', ['strings', 'measures'], { have: used.length, need: 5 })
  let unknowns = [lengthIn, lengthIn, widthIn, 0, widthIn]
  let settled = false
  for (let pass = 0; pass < 60 && !settled; pass++) {
    const corners = cornersOf(unknowns)
    const matrix = Matrix.zeros(used.length, 5)
    const residuals = used.map((key, i) => {
      const [cornerName, otherName] = PAIRS[key]
      const lengthNow = distance(corners[cornerName], corners[otherName])
      const [ux, uy] = [
        (corners[otherName].x - corners[cornerName].x) / lengthNow,
        (corners[otherName].y - corners[cornerName].y) / lengthNow,
      ]
      for (const [corner, sign] of [
        [cornerName, -1],
        [otherName, 1],
      ] as const) {
        const [ix, iy] = UNKNOWN[corner]
        if (ix >= 0) matrix.set(i, ix, matrix.get(i, ix) + sign * ux)
        if (iy >= 0) matrix.set(i, iy, matrix.get(i, iy) + sign * uy)
      }
      return (measures[key] as number) - lengthNow
    })
    const jt = matrix.transpose()
    const step = solve(jt.mmul(matrix), jt.mmul(Matrix.columnVector(residuals))).to1DArray()
    if (step.some((move) => !Number.isFinite(move))) break
    unknowns = unknowns.map((unknown, i) => unknown + item(step, i))
    settled = Math.max(...step.map(Math.abs)) < ROUNDING
  }
  const fitted = cornersOf(unknowns)
  const residuals: Partial<Record<keyof Measures, number>> = {}
  for (const key of used)
    residuals[key] = (measures[key] as number) - distance(fitted[PAIRS[key][0]], fitted[PAIRS[key][1]])
  const worst = Math.max(...Object.values(residuals).map(Math.abs))
  if (!settled || worst > 0.2 * Math.min(lengthIn, widthIn) || fitted.NE.y <= 0 || fitted.NW.y <= 0)
    return fail('triangle-cannot-close', ['strings', 'measures'])

  const target: Corners =
    mode === 'hold-south'
      ? { SW: { x: 0, y: 0 }, SE: { x: lengthIn, y: 0 }, NE: { x: lengthIn, y: widthIn }, NW: { x: 0, y: widthIn } }
      : leastTargets(fitted, lengthIn, widthIn)
  const moves = NAMES.map((corner) => ({
    corner,
    dxIn: target[corner].x - fitted[corner].x,
    dyIn: target[corner].y - fitted[corner].y,
  }))
  const moved = Object.fromEntries(
    moves.map((move) => [
      move.corner,
      { x: fitted[move.corner].x + roundIn(move.dxIn), y: fitted[move.corner].y + roundIn(move.dyIn) },
    ]),
  ) as unknown as Corners
  const rising = distance(fitted.SW, fitted.NE)
  const falling = distance(fitted.SE, fitted.NW)
  // Sliding the north string by s shortens the longer diagonal; the exact value makes both equal.
  const slide = roundIn((fitted.SE.x - (fitted.NE.x + fitted.NW.x)) / 2)
  const slid = { NE: { x: fitted.NE.x + slide, y: fitted.NE.y }, NW: { x: fitted.NW.x + slide, y: fitted.NW.y } }
  const squares = Object.values(residuals).reduce((sum, value) => sum + value * value, 0)
  return ok({
    corners: fitted,
    residuals,
    sigmaIn: used.length === 6 ? Math.sqrt(squares) : null,
    misclosureIn: rising - falling,
    moves,
    largestMoveIn: Math.max(...moves.map((move) => Math.hypot(move.dxIn, move.dyIn))),
    after: { risingIn: distance(moved.SW, moved.NE), fallingIn: distance(moved.SE, moved.NW) },
    wantedDiagonalIn: Math.hypot(lengthIn, widthIn),
    northSlideIn: slide,
    afterSlide: { risingIn: distance(fitted.SW, slid.NE), fallingIn: distance(fitted.SE, slid.NW) },
  })
}

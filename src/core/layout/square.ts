import { Matrix, solve } from 'ml-matrix'
import { distance, type Point } from '../geometry'
import type { Job, Measures } from '../model'
import { fail, ok, type Result, firstOf, item } from '../result'
import { roundIn, ROUNDING } from '../units'

type SquareMode = Job['strings']['squareMode']
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

type Measured = Partial<Record<keyof Measures, number>>
const keysOf = (measured: Measured) => Object.keys(measured) as (keyof Measures)[]

/** One row of the least squares: what a measure leaves over at the corners as they are, and how it changes with each unknown. */
function measureRow(key: keyof Measures, lengthIn: number, corners: Corners) {
  const [from, to] = PAIRS[key]
  const now = distance(corners[from], corners[to])
  const [ux, uy] = [(corners[to].x - corners[from].x) / now, (corners[to].y - corners[from].y) / now]
  const slopes = [0, 0, 0, 0, 0]
  const add = (corner: CornerName, sign: number) => {
    const [ix, iy] = UNKNOWN[corner]
    if (ix >= 0) slopes[ix] = item(slopes, ix) + sign * ux
    if (iy >= 0) slopes[iy] = item(slopes, iy) + sign * uy
  }
  add(from, -1)
  add(to, 1)
  return { slopes, leftIn: lengthIn - now }
}

/** Passes after which measures that have not settled never will. */
const MOST_PASSES = 60

/** Corners that leave least over (Gauss-Newton); null where they do not settle. */
function settledCorners(measured: Measured, lengthIn: number, widthIn: number): Corners | null {
  let unknowns = [lengthIn, lengthIn, widthIn, 0, widthIn]
  for (let pass = 0; pass < MOST_PASSES; pass++) {
    const corners = cornersOf(unknowns)
    const rows = keysOf(measured).map((key) => measureRow(key, measured[key] ?? 0, corners))
    const matrix = new Matrix(rows.map((row) => row.slopes))
    const jt = matrix.transpose()
    const left = Matrix.columnVector(rows.map((row) => row.leftIn))
    const step = solve(jt.mmul(matrix), jt.mmul(left)).to1DArray()
    if (step.some((move) => !Number.isFinite(move))) return null
    unknowns = unknowns.map((unknown, i) => unknown + item(step, i))
    if (Math.max(...step.map(Math.abs)) < ROUNDING) return cornersOf(unknowns)
  }
  return null
}

/** Where the corners belong: on the south string held as it lies, or as near as they all are to where they stand. */
const targetsOf = (fitted: Corners, lengthIn: number, widthIn: number, mode: Job['strings']['squareMode']): Corners =>
  mode === 'hold-south'
    ? { SW: { x: 0, y: 0 }, SE: { x: lengthIn, y: 0 }, NE: { x: lengthIn, y: widthIn }, NW: { x: 0, y: widthIn } }
    : leastTargets(fitted, lengthIn, widthIn)

/** Moves from the corners as they stand to where they belong, and the diagonals once they are made to the sixteenth. */
function movesTo(fitted: Corners, target: Corners) {
  const moves = NAMES.map((corner) => ({
    corner,
    dxIn: target[corner].x - fitted[corner].x,
    dyIn: target[corner].y - fitted[corner].y,
  }))
  const moved = Object.fromEntries(
    moves.map(({ corner, dxIn, dyIn }) => [
      corner,
      { x: fitted[corner].x + roundIn(dxIn), y: fitted[corner].y + roundIn(dyIn) },
    ]),
  ) as unknown as Corners
  return {
    moves,
    largestMoveIn: Math.max(...moves.map((move) => Math.hypot(move.dxIn, move.dyIn))),
    after: { risingIn: distance(moved.SW, moved.NE), fallingIn: distance(moved.SE, moved.NW) },
  }
}

/** The wanted rectangle and the moves to it from corners as they stand, inches. */
export function movesToRectangle(
  corners: Corners,
  { lengthIn, widthIn, mode }: { readonly lengthIn: number; readonly widthIn: number; readonly mode: SquareMode },
): readonly CornerMove[] {
  return movesTo(corners, targetsOf(corners, lengthIn, widthIn, mode)).moves
}

/** How far to slide the north string along so that both diagonals read alike, and what they read then. */
function slideOf(fitted: Corners) {
  // Sliding the north string by s shortens the longer diagonal; the exact value makes both equal.
  const slide = roundIn((fitted.SE.x - (fitted.NE.x + fitted.NW.x)) / 2)
  const [NE, NW] = [fitted.NE, fitted.NW].map((corner) => ({ x: corner.x + slide, y: corner.y })) as [Point, Point]
  return {
    northSlideIn: slide,
    afterSlide: { risingIn: distance(fitted.SW, NE), fallingIn: distance(fitted.SE, NW) },
  }
}

/** What is left over of a side may not pass this share of the shorter side: no such quadrilateral is meant. */
const MOST_LEFT = 0.2

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
  mode: Job['strings']['squareMode'],
): Result<SquareFit> {
  const measured: Measured = {}
  for (const key of Object.keys(PAIRS) as (keyof Measures)[]) {
    const lengthIn = measures[key]
    if (lengthIn !== null) measured[key] = lengthIn
  }
  const have = keysOf(measured).length
  if (have < 5) return fail('too-few-measures', ['strings', 'measures'], { have, need: 5 })
  const fitted = settledCorners(measured, lengthIn, widthIn)
  if (!fitted || fitted.NE.y <= 0 || fitted.NW.y <= 0) return fail('triangle-cannot-close', ['strings', 'measures'])
  const residuals: Measured = {}
  for (const key of keysOf(measured)) {
    const [from, to] = PAIRS[key]
    residuals[key] = (measured[key] ?? 0) - distance(fitted[from], fitted[to])
  }
  const left = Object.values(residuals)
  if (Math.max(...left.map(Math.abs)) > MOST_LEFT * Math.min(lengthIn, widthIn))
    return fail('triangle-cannot-close', ['strings', 'measures'])
  const squares = left.reduce((sum, value) => sum + value * value, 0)
  return ok({
    corners: fitted,
    residuals,
    sigmaIn: have === 6 ? Math.sqrt(squares) : null,
    misclosureIn: distance(fitted.SW, fitted.NE) - distance(fitted.SE, fitted.NW),
    wantedDiagonalIn: Math.hypot(lengthIn, widthIn),
    ...movesTo(fitted, targetsOf(fitted, lengthIn, widthIn, mode)),
    ...slideOf(fitted),
  })
}

import { ROUNDING, SAME_IN } from '../units'
import { contours } from 'd3-contour'
import type { Surface } from './surface'

export interface Box {
  readonly x0: number
  readonly y0: number
  readonly x1: number
  readonly y1: number
}

export interface Earthwork {
  readonly cutFt3: number
  readonly fillFt3: number
  readonly highestIn: number
  readonly lowestIn: number
  /** Share of the pad that lies outside the spots. */ readonly guessed: number
}

/** Earth is worked out on squares of this side, inches, each by the height at its middle. */
const CELL_IN = 12

/**
 * Cut and fill to bring the ground inside `box` to a pad at `padIn` above the grade line: cubic feet in place, neither
 * swollen nor shrunk.
 */
export function earthwork(surface: Surface, box: Box, padIn: number): Earthwork {
  const [nx, ny] = [
    Math.max(1, Math.round((box.x1 - box.x0) / CELL_IN)),
    Math.max(1, Math.round((box.y1 - box.y0) / CELL_IN)),
  ]
  const [dx, dy] = [(box.x1 - box.x0) / nx, (box.y1 - box.y0) / ny]
  let [cut, fill, out, hi, lo] = [0, 0, 0, -Infinity, Infinity]
  for (let i = 0; i < nx; i++)
    for (let j = 0; j < ny; j++) {
      const groundAt = surface.at(box.x0 + (i + 0.5) * dx, box.y0 + (j + 0.5) * dy)
      const over = groundAt.heightIn - padIn
      if (over > 0) cut += over * dx * dy
      else fill -= over * dx * dy
      if (!groundAt.inside) out++
      hi = Math.max(hi, groundAt.heightIn)
      lo = Math.min(lo, groundAt.heightIn)
    }
  return { cutFt3: cut / 1728, fillFt3: fill / 1728, highestIn: hi, lowestIn: lo, guessed: out / (nx * ny) }
}

/** One contour line: its height and its runs of points in plan, inches. */
export interface Contour {
  readonly heightIn: number
  readonly runs: readonly (readonly (readonly [number, number])[])[]
}

/** A step that gives up to a dozen lines over this range, inches. */
export const contourStepIn = (rangeIn: number): number =>
  [1, 2, 3, 6, 12, 24, 48].find((stepIn) => rangeIn / stepIn <= 12) ?? 96

/** Contour lines of the ground inside `box`, at whole multiples of the step from the grade line. */
export function contourLines(surface: Surface, box: Box, stepIn: number, cells = 60): Contour[] {
  const side = Math.max(box.x1 - box.x0, box.y1 - box.y0) / cells
  const [nx, ny] = [Math.ceil((box.x1 - box.x0) / side) + 1, Math.ceil((box.y1 - box.y0) / side) + 1]
  const grid = Array.from(
    { length: nx * ny },
    (_, k) => surface.at(box.x0 + (k % nx) * side, box.y0 + Math.floor(k / nx) * side).heightIn,
  )
  const [lo, hi] = [Math.min(...grid), Math.max(...grid)]
  const levels: number[] = []
  for (let level = Math.ceil(lo / stepIn) * stepIn; level <= hi + ROUNDING; level += stepIn)
    if (level > lo + ROUNDING) levels.push(level)
  // The grid's values stand at the middle of their cells in d3-contour; a run along the edge of the grid is the edge,
  // not a contour.
  const edge = (x: number, y: number) =>
    x <= 0.5 + SAME_IN || y <= 0.5 + SAME_IN || x >= nx - 0.5 - SAME_IN || y >= ny - 0.5 - SAME_IN
  return contours()
    .size([nx, ny])
    .thresholds(levels)(grid)
    .map((contourMultiPolygon) => {
      const runs: [number, number][][] = []
      for (const ring of contourMultiPolygon.coordinates.flat()) {
        let run: [number, number][] = []
        for (const [x, y] of ring as [number, number][]) {
          if (edge(x, y)) {
            if (run.length > 1) runs.push(run)
            run = []
          } else run.push([box.x0 + (x - 0.5) * side, box.y0 + (y - 0.5) * side])
        }
        if (run.length > 1) runs.push(run)
      }
      return { heightIn: contourMultiPolygon.value, runs }
    })
}

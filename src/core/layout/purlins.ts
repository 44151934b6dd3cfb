import { ROUNDING, pitchRadians } from '../units'
import type { Building } from '../model'
import type { Grid } from './grid'

/** First row above the eave’s edge and last row below the ridge, inches on the slope. */
const PURLIN_EAVE_IN = 3
const PURLIN_RIDGE_IN = 6

/** Length of one main slope with its overhang, inches. */
export const slopeLengthIn = (building: Building, grid: Grid): number =>
  (grid.widthIn / 2 + building.eaveOverhangIn) / Math.cos(pitchRadians(building.pitchPer12))

/**
 * Rows of purlins on a slope so long, inches from its low edge: equal spaces at or under `mostIn`, from 3 in. above the
 * eave to 6 in. below the ridge, or to so far below it that the rows of both slopes have room beside each other.
 */
export function purlinPlaces(slopeIn: number, mostIn: number, ridgeIn = 0): number[] {
  const run = slopeIn - PURLIN_EAVE_IN - Math.max(PURLIN_RIDGE_IN, ridgeIn)
  const spaces = Math.max(1, Math.ceil(run / mostIn - ROUNDING))
  return Array.from({ length: spaces + 1 }, (_, k) => PURLIN_EAVE_IN + (run * k) / spaces)
}

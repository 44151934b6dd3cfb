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
 * Rows of purlins on one slope, inches from its low edge: equal spaces at or under the chosen one, from 3 in. above the
 * eave to 6 in. below the ridge.
 */
export function purlinPlaces(building: Building, grid: Grid): number[] {
  const run = slopeLengthIn(building, grid) - PURLIN_EAVE_IN - PURLIN_RIDGE_IN
  const spaces = Math.max(1, Math.ceil(run / building.roof.purlins.spaceIn - ROUNDING))
  return Array.from({ length: spaces + 1 }, (_, k) => PURLIN_EAVE_IN + (run * k) / spaces)
}

/** Rows of purlins on both slopes of the main roof. */
export const purlinRows = (building: Building, grid: Grid): number => 2 * purlinPlaces(building, grid).length

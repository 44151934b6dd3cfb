import type { Building, Side } from '../model'
import type { Grid } from './grid'
import { isEave } from './openings'

/** Braced bays of one wall: as many as asked for, and no more than it has spaces between its posts. */
export const bracedBays = ({ bracing }: Pick<Building, 'bracing'>, grid: Grid, side: Side): number =>
  Math.min(bracing.baysPerWall, isEave(side) ? grid.baysIn.length : grid.gableIn.length + 1)

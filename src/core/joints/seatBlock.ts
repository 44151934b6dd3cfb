import { PLY_IN } from '../wood'

/** Least distances of nails driven without bored holes, in diameters: to a loaded end, and from one to the next. */
const END = 10
const ALONG = 15
/** Rows of nails in a block. */
const ROWS = 2

/** A block on the inner face of a post lengthens a truss seat by its own thickness, inches. */
export const BLOCK_IN = PLY_IN

/**
 * Length of a bearing block that takes so many nails of this diameter in two rows along its grain, whole inches. Distances
 * of the NDS 2018 Commentary, Table C12.1.6.6 (register C45).
 */
export const seatBlockIn = (nails: number, diameterIn: number): number =>
  Math.ceil(diameterIn * (2 * END + ALONG * (Math.ceil(nails / ROWS) - 1)))

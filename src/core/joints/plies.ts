import type { NailId } from '../model'

/** The nail that holds the plies of carriers, headers, ledgers and rafters to each other. */
export const PLIES_NAIL: NailId = '10d-common'
/** Farthest that its nails stand apart along each edge, how many edges, and how many at each end and joint. */
const SPACE_IN = 24
const EDGES = 2
const AT_ENDS = 3

/**
 * Nails between two plies of a beam of 2-inch boards, `lengthIn` long, with so many joints in the two together: along both
 * edges, staggered from face to face, and at every end and joint. IBC 2021 Table 2304.10.2, built-up girders and beams,
 * with the 10d box nail there; a common one is as long and thicker (register C43).
 */
export const pliesNails = (lengthIn: number, joints: number): number =>
  EDGES * (Math.floor(lengthIn / SPACE_IN) + 1) + AT_ENDS * (2 + joints)

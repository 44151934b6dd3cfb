import { ROUNDING } from '../units'

/** Where the bolts of a joint stand, as far as its strength goes (NDS 2018 12.5.1). */
export interface BoltPlace {
  readonly cDelta: number
  /** A distance below the least, which is refused rather than reduced. */
  readonly problem: string | null
}

/** Distances to the edge of wood that bolts push across its grain, in diameters: toward the edge, and away from it. */
const LOADED_EDGE = 4
const UNLOADED_EDGE = 1.5
/** Spacing along a row that asks for no reduction, in diameters. */
const FULL_SPACING = 4
/** Bolts stand no further apart across the grain than this, as wood shrinks (12.5.1.3), inches. */
const WIDEST_ACROSS_IN = 5

/** In proportion between the least and the full distance; 0 below the least. */
const share = (has: number, least: number, full: number): number =>
  has + ROUNDING < least ? 0 : Math.min(1, has / full)

/**
 * Geometry factor CΔ from an end distance and a spacing, NDS 2018 12.5.1: in proportion between the least and the full
 * distance; 0 below the least. `tension`: the bolts push toward that end.
 */
export function geometryFactor(endIn: number, spacingIn: number, dIn: number, tension: boolean): number {
  const end = tension ? share(endIn, 3.5 * dIn, 7 * dIn) : share(endIn, 2 * dIn, 4 * dIn)
  return Math.min(end, spacingIn > 0 ? share(spacingIn, 3 * dIn, 4 * dIn) : 1)
}

/** A member that crosses a post and is bolted to its face, pushed either way across its grain. */
export interface CrossingPlace extends BoltPlace {
  /** From the loaded edge to the farthest bolt when it is pushed down, and up, inches (NDS 2018 3.4.3.3). */
  readonly deDownIn: number
  readonly deUpIn: number
}

/**
 * Bolts of a beam, rafter or ledger at the face of a post, `inRow` of them above one another: one in the middle, several
 * from four diameters over the lower edge up. Both edges are loaded in their turn and want four diameters.
 */
export function crossingPlace(diameterIn: number, inRow: number, acrossIn: number): CrossingPlace {
  const edgeIn = LOADED_EDGE * diameterIn
  const leastIn = 2 * edgeIn + (inRow - 1) * FULL_SPACING * diameterIn
  const spreadIn = Math.min(WIDEST_ACROSS_IN, acrossIn - 2 * edgeIn)
  return {
    cDelta: 1,
    problem:
      leastIn > acrossIn + ROUNDING
        ? 'the bolts stand nearer to a loaded edge than four diameters, or too close'
        : null,
    deDownIn: inRow > 1 ? acrossIn - edgeIn : acrossIn / 2,
    deUpIn: inRow > 1 ? edgeIn + spreadIn : acrossIn / 2,
  }
}

/** Least space between rows of bolts side by side that push across the grain, inches (NDS 2018 Table 12.5.1D). */
export function rowGapIn(diameterIn: number, mainIn: number, sideIn: number): number {
  const slender = Math.min(mainIn, sideIn) / diameterIn
  if (slender <= 2) return 2.5 * diameterIn
  return slender >= 6 ? 5 * diameterIn : (5 * slender * diameterIn + 10 * diameterIn) / 8
}

/** A truss heel through which bolts pass: its depth, the post's depth along it, and the lengths of the bolts in both. */
export interface Heel {
  readonly diameterIn: number
  readonly count: number
  /** Bolts side by side in a course. */
  readonly beside: 1 | 2
  readonly heelIn: number
  readonly postDepthIn: number
  readonly mainIn: number
  readonly sideIn: number
  /** The truss hangs on the bolts, so that its upper edge is loaded too. */
  readonly hangs: boolean
}

export interface HeelPlace extends BoltPlace {
  /** Lowest bolts above the seat, inches. */
  readonly aboveSeatIn: number
  readonly deDownIn: number
  readonly deUpIn: number
}

const STEP_IN = 0.25

/**
 * Every place of the bolts of a heel, a quarter inch apart: courses four diameters above one another, four diameters
 * over the lower edge. Uplift pushes them toward the end of the post, where they want seven diameters.
 * None where the heel is too low or the post too narrow.
 */
export function heelPlaces(heel: Heel): readonly HeelPlace[] {
  const { diameterIn, count, beside, heelIn, postDepthIn, hangs } = heel
  const gapIn = rowGapIn(diameterIn, heel.mainIn, heel.sideIn)
  const chordEnd = geometryFactor((postDepthIn - gapIn * (beside - 1)) / 2, 0, diameterIn, false)
  const courseIn = (Math.ceil(count / beside) - 1) * FULL_SPACING * diameterIn
  const topIn = (hangs ? LOADED_EDGE : UNLOADED_EDGE) * diameterIn
  const places: HeelPlace[] = []
  for (let low = LOADED_EDGE * diameterIn; low + courseIn + topIn <= heelIn + ROUNDING; low += STEP_IN) {
    const postEnd = geometryFactor(heelIn - low - courseIn, 0, diameterIn, true)
    const cDelta = Math.min(chordEnd, postEnd)
    if (cDelta > 0)
      places.push({ cDelta, problem: null, aboveSeatIn: low, deDownIn: heelIn - low, deUpIn: low + courseIn })
  }
  return places
}

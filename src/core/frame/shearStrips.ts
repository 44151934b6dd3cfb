import { type Grid, placeOpening, wallLengthIn } from '../layout'
import type { Building, Side } from '../model'
import { IN_PER_FT, SAME_IN } from '../units'

/**
 * A strip of wall between openings, inches along the wall from its low corner, and how much of it works in shear: 0
 * where it is too narrow for its height, 1 where it is not.
 */
export interface ShearStrip {
  readonly fromIn: number
  readonly toIn: number
  readonly share: number
}

/** A strip narrower than its height over this does not count; from height over the second on it counts in full. */
const LEAST_OVER = 3.5
const FULL_OVER = 2

/** Share of a strip that counts: none, 2·b/h, or all (SDPWS 2021 4.3.3.2; register C36). */
function shareOf(widthIn: number, heightIn: number, narrowTested: boolean): number {
  if (narrowTested || widthIn >= heightIn / FULL_OVER - SAME_IN) return 1
  return widthIn < heightIn / LEAST_OVER - SAME_IN ? 0 : (2 * widthIn) / heightIn
}

/** The strips of one wall between its openings, low end first; none for a wall without skin. */
export function shearStrips(building: Building, grid: Grid, side: Side): readonly ShearStrip[] {
  if (building.openSides.includes(side)) return []
  const openings = building.openings
    .filter((opening) => opening.side === side)
    .map((opening) => placeOpening(opening, grid))
    .sort((one, other) => one.fromIn - other.fromIn)
  const strips: ShearStrip[] = []
  const add = (fromIn: number, toIn: number) => {
    if (toIn - fromIn <= SAME_IN) return
    const share = shareOf(toIn - fromIn, building.heelIn, building.skin.narrowStrips)
    strips.push({ fromIn, toIn, share })
  }
  let reachedIn = 0
  for (const { fromIn, toIn } of openings) {
    add(reachedIn, fromIn)
    reachedIn = Math.max(reachedIn, toIn)
  }
  add(reachedIn, wallLengthIn(grid, side))
  return strips
}

/** Length of a wall that works in shear, ft: each strip between openings by the share of it that counts. */
export const shearLengthFt = (strips: readonly ShearStrip[]): number =>
  strips.reduce((sum, { fromIn, toIn, share }) => sum + (toIn - fromIn) * share, 0) / IN_PER_FT

import type { Grid } from '../layout'
import type { Building } from '../model'
import { shearLengthFt, shearStrips } from './shearStrips'

/**
 * What the building was found to stand by: the roof taken as holding (unchecked), the roof with the skin's own values,
 * frames alone.
 */
export type ReliedOn = 'roof trusted' | 'roof checked' | 'frames alone'
/** What a roof that is wanted to hold the tops of the posts lacks to be counted on. */
type DiaphragmLack = 'roof skin values' | 'wall skin values' | 'end walls'

/** What the tops of the posts are held by. */
export interface Reliance {
  readonly relied: ReliedOn
  readonly lacks: DiaphragmLack | null
  readonly knee: boolean
}

/** Whether both end walls can take to the ground what a roof brings them: by their skin, or by braces of their own. */
function hasEndWalls(building: Building, grid: Grid): boolean {
  const { walls } = building.bracing
  if (walls === 'none') return false
  if (walls !== 'skin') return true
  return (['west', 'east'] as const).every((side) => shearLengthFt(shearStrips(building, grid, side)) > 0)
}

/** What is missing for the roof to be counted on; null when nothing is. */
function lackOf(building: Building, grid: Grid): DiaphragmLack | null {
  if (!hasEndWalls(building, grid)) return 'end walls'
  if (building.diaphragm === 'trusted') return null
  const { skin, bracing } = building
  if (skin.roofStiffnessLbPerIn === null || skin.roofAllowPlf === null) return 'roof skin values'
  const unknown = skin.wallStiffnessLbPerIn === null || skin.wallAllowPlf === null
  return bracing.walls === 'skin' && unknown ? 'wall skin values' : null
}

/**
 * What the building stands by, and where a roof that is wanted to hold the tops is not counted, what it lacks. A roof
 * that no end wall holds up sideways holds nothing, trusted or not.
 */
export function relianceOf(building: Building, grid: Grid): Reliance {
  const knee = building.knee !== null
  if (building.diaphragm === 'none') return { relied: 'frames alone', lacks: null, knee }
  const lacks = lackOf(building, grid)
  if (lacks !== null) return { relied: 'frames alone', lacks, knee }
  return { relied: building.diaphragm === 'trusted' ? 'roof trusted' : 'roof checked', lacks, knee }
}

import type { Building, Side } from '../model'
import { PLY_IN } from '../wood'

/** The building as one wall sees it: its girts with what that wall has of its own. */
export function onWall(building: Building, side: Side): Building {
  const own = building.girts.walls[side]
  return own ? { ...building, girts: { ...building.girts, ...own } } : building
}

/** How far the girts of a wall stand outside its posts: as many boards as lie on each other there, inches. */
export function girtsOutIn(building: Building, side: Side): number {
  const { style, plies } = onWall(building, side).girts
  return style === 'between' ? 0 : PLY_IN * plies
}

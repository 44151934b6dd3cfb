import type { Building, Side } from '../model'

/** The building as one wall sees it: its girts with what that wall has of its own. */
export function onWall(building: Building, side: Side): Building {
  const own = building.girts.walls[side]
  return own ? { ...building, girts: { ...building.girts, ...own } } : building
}

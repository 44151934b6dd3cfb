import type { Building, Side } from '../model'

/** The building as one wall sees it: its girts with what that wall has of its own. */
export function onWall(b: Building, side: Side): Building {
  const own = b.girts.walls[side]
  return own ? { ...b, girts: { ...b.girts, ...own } } : b
}

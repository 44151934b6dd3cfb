import { type Lateral, type SiteResults, wallAreaFt2 } from '../frame'
import type { Grid } from '../layout'
import { type Job, SIDES } from '../model'
import { type Check, checksOf, RULES } from '../rules'
import { IN2_PER_FT2 } from '../units'

/** What a building needs and what is not checked here, named. */
export function judgeBeyond({ building, site }: Job, grid: Grid, lateral: Lateral, results: SiteResults): Check[] {
  const wallFt2 = SIDES.reduce(
    (sum, side) => sum + (building.openSides.includes(side) ? 0 : wallAreaFt2(building, grid, side)),
    0,
  )
  const roofFt2 = (grid.lengthIn * grid.widthIn) / IN2_PER_FT2
  return checksOf(RULES.beyond, { building, site, lateral, results, shaken: { roofFt2, wallFt2 } })
}

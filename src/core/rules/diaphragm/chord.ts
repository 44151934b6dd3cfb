import type { Lateral } from '../../frame'
import { type Grid, onWall } from '../../layout'
import type { Building } from '../../model'
import { IN_PER_FT } from '../../units'
import { boardSize, boardValues, DURATION } from '../../wood'
import { judged } from '../check'

/** What the girts of the two eave walls are in tension; the weaker of them; null where one has no values tabled. */
function weakerGirts(building: Building): { readonly ftPsi: number; readonly areaIn2: number } | null {
  const [south, north] = (['south', 'north'] as const).map((side) => {
    const { girts, grades } = onWall(building, side)
    const { nominal, areaIn2 } = boardSize(girts.size)
    const values = boardValues(girts.lumber, nominal, grades)
    return values && { ftPsi: values.ft, areaIn2 }
  })
  if (!south || !north) return null
  return south.ftPsi * south.areaIn2 <= north.ftPsi * north.areaIn2 ? south : north
}

/**
 * The eave girt as chord of the roof diaphragm, lb: w·L²/(8·B) against the board in tension (ASABE EP484, NDS 2018
 * 3.8). Null where the roof is not counted or no values are tabled for the girts.
 */
export function chord({
  building,
  grid,
  lateral,
}: {
  readonly building: Building
  readonly grid: Pick<Grid, 'lengthIn' | 'widthIn'>
  readonly lateral: Pick<Lateral, 'relied' | 'row'>
}) {
  const { row, relied } = lateral
  const weaker = weakerGirts(building)
  if (relied !== 'roof checked' || !row.result || building.skin.roofAllowPlf === null || !weaker) return null
  const [lengthFt, widthFt] = [grid.lengthIn / IN_PER_FT, grid.widthIn / IN_PER_FT]
  const chordLb = (row.eavePlf * lengthFt ** 2) / (8 * widthFt)
  const { ftPsi, areaIn2 } = weaker
  const holdsLb = ftPsi * DURATION.wind * areaIn2
  return judged({
    member: 'diaphragm',
    rule: 'chord',
    place: '',
    id: 'chord',
    stage: 'bracing',
    group: 'diaphragm',
    demand: chordLb,
    capacity: holdsLb,
    unit: 'lb',
    combination: '0.6W',
    facts: { chordLb, holdsLb, eavePlf: row.eavePlf, lengthFt, widthFt, ftPsi, areaIn2 },
  })
}

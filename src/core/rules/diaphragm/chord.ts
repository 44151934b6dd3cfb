import type { Lateral } from '../../frame'
import type { Grid } from '../../layout'
import type { Building } from '../../model'
import { IN_PER_FT } from '../../units'
import { boardSize, boardValues, DURATION } from '../../wood'
import { judged } from '../check'

/**
 * The eave girt as chord of the roof diaphragm, lb: w·L²/(8·B) against the board in tension (ASABE EP484, NDS 2018
 * 3.8). Null where the roof is not counted or no values are tabled for the girts.
 */
export function chord({
  building,
  grid,
  lateral,
}: {
  readonly building: Pick<Building, 'girts' | 'grades' | 'skin'>
  readonly grid: Pick<Grid, 'lengthIn' | 'widthIn'>
  readonly lateral: Pick<Lateral, 'relied' | 'row'>
}) {
  const { row, relied } = lateral
  const size = boardSize(building.girts.size)
  const values = boardValues(building.girts.lumber, size.nominal, building.grades)
  if (relied !== 'roof checked' || !row.result || building.skin.roofAllowPlf === null || !values) return null
  const [lengthFt, widthFt] = [grid.lengthIn / IN_PER_FT, grid.widthIn / IN_PER_FT]
  const chordLb = (row.eavePlf * lengthFt ** 2) / (8 * widthFt)
  const holdsLb = values.ft * DURATION.wind * size.areaIn2
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
    facts: { chordLb, holdsLb, eavePlf: row.eavePlf, lengthFt, widthFt, ftPsi: values.ft, areaIn2: size.areaIn2 },
  })
}

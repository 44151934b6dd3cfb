import type { Lateral } from '../../frame'
import type { Grid } from '../../layout'
import type { Building } from '../../model'
import { cannot } from '../check'

/** Past this many times as long as wide the sharing by stiffness is not relied on. */
const MOST_LONG = 4

/** A checked roof diaphragm so long that its sharing by stiffness is not relied on. */
export function proportions({
  building,
  grid,
  lateral,
}: {
  readonly building: Pick<Building, 'skin'>
  readonly grid: Pick<Grid, 'lengthIn' | 'widthIn'>
  readonly lateral: Pick<Lateral, 'relied' | 'row'>
}) {
  const counted = lateral.relied === 'roof checked' && lateral.row.result && building.skin.roofAllowPlf !== null
  const ratio = grid.lengthIn / grid.widthIn
  if (!counted || ratio <= MOST_LONG) return null
  return cannot({
    member: 'diaphragm',
    rule: 'proportions',
    place: '',
    id: 'diaphragm-shape',
    stage: 'bracing',
    facts: { ratio },
  })
}

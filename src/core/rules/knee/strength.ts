import type { Lateral } from '../../frame'
import type { Building } from '../../model'
import { kneeLongEdgeIn } from '../../pocket/kneeBrace'
import { boardSize, boardValues, columnStability, DURATION } from '../../wood'
import { cannotStand } from '../../result'
import { judged, judgedUse } from '../check'

/**
 * Knee braces under their hardest wind, lb: pushed as columns, pulled as ties (NDS 2018 3.7, 3.8). Null without them
 * or without values for their lumber.
 */
export function strength({
  building,
  lateral,
}: {
  readonly building: Pick<Building, 'knee' | 'grades'>
  readonly lateral: Pick<Lateral, 'kneeLb'>
}) {
  const { knee } = building
  if (!knee) return null
  const size = boardSize(knee.size)
  const values = boardValues(knee.lumber, size.nominal, building.grades)
  if (!values) return null
  const lengthIn = kneeLongEdgeIn(knee.downIn, knee.outIn)
  const slenderness = lengthIn / size.bIn / knee.plies
  const { cp } = columnStability({ slenderness, eMinPsi: values.eMin, fcStarPsi: values.fc * DURATION.wind })
  const perIn2 = Math.min(values.fc * DURATION.wind * cp, values.ft * DURATION.wind)
  const holdsLb = perIn2 * size.areaIn2 * knee.plies
  const name = { member: 'knee', rule: 'strength', place: '', id: 'knee', stage: 'bracing' } as const
  const facts = {
    limber: cp === 0,
    lengthIn,
    slenderness,
    cp,
    holdsLb,
    values,
    areaIn2: size.areaIn2,
    plies: knee.plies,
    kneeLb: lateral.kneeLb,
  }
  const head = { ...name, group: 'brace', combination: 'D+0.6W', facts } as const
  if (facts.limber) return judgedUse({ ...head, use: cannotStand('slender') })
  return judged({ ...head, demand: lateral.kneeLb, capacity: holdsLb, unit: 'lb' })
}

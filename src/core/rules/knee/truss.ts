import type { Lateral } from '../../frame'
import type { Building } from '../../model'
import { cannot } from '../check'

/** Knee braces push and pull trusses that their maker has not designed for it. */
export function truss({
  building,
  lateral,
}: {
  readonly building: Pick<Building, 'knee'>
  readonly lateral: Pick<Lateral, 'kneeLb'>
}) {
  if (!building.knee || building.knee.trussDesigned) return null
  return cannot({
    member: 'knee',
    rule: 'truss',
    place: '',
    id: 'knee-truss',
    stage: 'bracing',
    facts: { kneeLb: lateral.kneeLb },
  })
}

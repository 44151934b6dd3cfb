import type { Building } from '../../model'
import { cannot, judged } from '../check'

/**
 * A wall in its own plane: the shear it must take to the ground against its skin between its openings, plf (ASCE 7-16
 * 27.3). `feet` is the length of skin that works; `heightIn` the height it is racked over.
 */
export function shear({
  place,
  shearLb,
  feet,
  heightIn,
  building,
}: {
  readonly place: string
  readonly shearLb: number
  readonly feet: number
  readonly heightIn: number
  readonly building: Pick<Building, 'bracing' | 'skin'>
}) {
  const name = { member: 'wall', rule: 'shear', place, id: `wall-shear-${place}`, stage: 'bracing' } as const
  const allowPlf = building.bracing.walls === 'none' ? null : building.skin.wallAllowPlf
  const facts = { shearLb, feet, heightIn, allowPlf, drawn: building.bracing.walls !== 'none' }
  if (feet <= 0 || allowPlf === null) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'diaphragm',
    demand: shearLb / feet,
    capacity: allowPlf,
    unit: 'plf',
    combination: '0.6W',
    facts,
  })
}

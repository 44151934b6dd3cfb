import { shearLengthFt, type ShearStrip } from '../../frame'
import type { Building } from '../../model'
import { item, usedOf } from '../../result'
import { IN_PER_FT } from '../../units'
import { cannot, judged, judgedUse } from '../check'

/** Widest opening between two strips of a wall, ft: what its top has to drag the wind over. */
const openFtOf = (strips: readonly ShearStrip[]): number =>
  strips.slice(1).reduce((most, { fromIn }, i) => Math.max(most, fromIn - item(strips, i).toIn), 0) / IN_PER_FT

/**
 * A wall in its own plane: the shear it must take to the ground against its skin between its openings, plf (ASCE 7-16
 * 27.3). `heightIn` the height it is racked over.
 */
export function shear({
  place,
  shearLb,
  strips,
  heightIn,
  building,
}: {
  readonly place: string
  readonly shearLb: number
  /** Strips of skin between its openings. */
  readonly strips: readonly ShearStrip[]
  readonly heightIn: number
  readonly building: Pick<Building, 'bracing' | 'skin'>
}) {
  const name = { member: 'wall', rule: 'shear', place, id: `wall-shear-${place}`, stage: 'bracing' } as const
  const feet = shearLengthFt(strips)
  const narrow = strips.filter(({ share }) => share < 1).length
  const allowPlf = building.bracing.walls === 'none' ? null : building.skin.wallAllowPlf
  const facts = {
    shearLb,
    feet,
    narrow,
    strips: strips.length,
    openFt: openFtOf(strips),
    heightIn,
    allowPlf,
    drawn: building.bracing.walls !== 'none',
  }
  const head = { ...name, group: 'diaphragm', combination: '0.6W', facts } as const
  if (feet <= 0 || !facts.drawn) return judgedUse({ ...head, use: usedOf(shearLb, 0) })
  if (allowPlf === null) return cannot({ ...name, facts })
  return judged({ ...head, demand: shearLb / feet, capacity: allowPlf, unit: 'plf' })
}

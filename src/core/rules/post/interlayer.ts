import type { Building } from '../../model'
import { postSize } from '../../wood'
import { cannot, judged } from '../check'
import { nailingOf } from './lamination'

/**
 * Shear that the nails pass between two plies against what ASABE EP559 asks for, plf. Null where EP559's factors are
 * not used.
 */
export function interlayer({
  building,
}: {
  readonly building: Pick<Building, 'joints' | 'post' | 'heelIn' | 'minimumDepthIn' | 'grades'>
}) {
  if (postSize(building.post).wood !== 'laminated' || !building.post.ep559) return null
  const plan = nailingOf(building)
  const passesPlf = plan.interfacePlf ?? 0
  const { rows, interfacePlf: askedPlf } = building.joints.lamination
  const name = { member: 'post', rule: 'interlayer', place: '', id: 'ep559', stage: 'posts' } as const
  const facts = { passesPlf, rows, spacingIn: plan.spacingIn, asked: askedPlf !== null }
  if (askedPlf === null) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'joint',
    demand: askedPlf,
    capacity: passesPlf,
    unit: 'plf',
    combination: 'as EP559 asks',
    facts,
  })
}

import { laminationPlan } from '../../joints'
import type { Building } from '../../model'
import { postSize, specificGravity } from '../../wood'
import { judged } from '../check'

/** How the plies of the posts are nailed together. */
export function nailingOf(building: Pick<Building, 'joints' | 'post' | 'heelIn' | 'minimumDepthIn' | 'grades'>) {
  const size = postSize(building.post)
  return laminationPlan({
    lamination: building.joints.lamination,
    plies: size.plies,
    depthIn: size.depthIn,
    lengthIn: building.heelIn + building.minimumDepthIn,
    gravity: specificGravity(building.post.lumber, building.grades),
  })
}

/**
 * The rules for the nails that laminate the posts, all kept or some broken: there is no half-way that would read as
 * close (NDS 2018 15.3.3.1). Null for posts of one piece.
 */
export function lamination({
  building,
}: {
  readonly building: Pick<Building, 'joints' | 'post' | 'heelIn' | 'minimumDepthIn' | 'grades'>
}) {
  if (postSize(building.post).wood !== 'laminated') return null
  const plan = nailingOf(building)
  const broken = plan.rules.filter((rule) => !rule.ok)
  return judged({
    member: 'post',
    rule: 'lamination',
    place: '',
    id: 'lamination',
    stage: 'posts',
    group: 'joint',
    demand: broken.length ? 1 + broken.length / 10 : 0,
    capacity: 1,
    unit: 'rules',
    combination: 'detailing',
    facts: { plan, broken },
  })
}

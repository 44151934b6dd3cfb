import { judged } from '../check'
import { beamBolts, type BeamJoint } from './joint'

/** The bolts that hold carriers or headers down on their post, lb (NDS 2018 12.3). Null where nothing lifts them. */
export function uplift({ kind, building, up }: Omit<BeamJoint, 'down'>) {
  const upLb = -up.lb
  if (!(upLb > 0)) return null
  const held = beamBolts({ kind, building }, up)
  return judged({
    member: 'beam',
    rule: 'uplift',
    place: kind,
    id: `${kind}-uplift`,
    stage: 'roof',
    group: 'joint',
    subjects: [up.post.id],
    demand: upLb,
    capacity: held.capacityLb,
    unit: 'lb',
    combination: up.name,
    facts: { post: up.post, upLb, held, count: building.joints.carrier.count },
  })
}

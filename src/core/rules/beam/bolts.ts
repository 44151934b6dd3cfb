import { cannot, judged } from '../check'
import { beamBolts, type BeamJoint } from './joint'

/**
 * Carriers or headers bolted to the faces of their posts, lb (NDS 2018 12.3). Null where they are seated in a notch.
 */
export function bolts({ kind, building, down }: Omit<BeamJoint, 'up'>) {
  if (building.roof.truss.seat !== 'face') return null
  const held = beamBolts({ kind, building }, down)
  const name = { member: 'beam', rule: 'bolts', place: kind, id: `${kind}-bolts`, stage: 'roof' } as const
  const { count, diameterIn } = building.joints.carrier
  const facts = { held, post: down.post, downLb: down.lb, count, diameterIn }
  if (held.bolt.problem) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'joint',
    subjects: [down.post.id],
    demand: down.lb,
    capacity: held.capacityLb,
    unit: 'lb',
    combination: down.name,
    facts,
  })
}

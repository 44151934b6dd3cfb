import { DURATION } from '../../wood'
import { cannot, judged } from '../check'
import { beamBolts, type BeamJoint, beamPosts } from './joint'

/**
 * Carriers or headers bolted to the faces of their posts, lb (NDS 2018 12.3). Null where they are seated in a notch.
 */
export function bolts(joint: BeamJoint) {
  const { beam, building, downLb } = joint
  if (building.roof.truss.seat !== 'face') return null
  const bolt = beamBolts(joint, DURATION.snow)
  const name = { member: 'beam', rule: 'bolts', place: beam.kind, id: `${beam.kind}-bolts`, stage: 'roof' } as const
  const { count, diameterIn } = building.joints.carrier
  const facts = { bolt, downLb, count, diameterIn }
  if (bolt.problem) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'joint',
    subjects: beamPosts(joint),
    demand: downLb,
    capacity: bolt.groupLb,
    unit: 'lb',
    combination: 'D+S',
    facts,
  })
}

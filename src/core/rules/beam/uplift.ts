import { DURATION } from '../../wood'
import { judged } from '../check'
import { beamBolts, type BeamJoint, beamPosts } from './joint'

/** The bolts that hold a carrier or header down on its post, lb (NDS 2018 12.3). Null where nothing lifts it. */
export function uplift(joint: BeamJoint) {
  const { beam, building, upLb } = joint
  if (!(upLb > 0)) return null
  const bolt = beamBolts(joint, DURATION.wind)
  return judged({
    member: 'beam',
    rule: 'uplift',
    place: beam.kind,
    id: `${beam.kind}-uplift`,
    stage: 'roof',
    group: 'joint',
    subjects: beamPosts(joint),
    demand: upLb,
    capacity: bolt.groupLb,
    unit: 'lb',
    combination: '0.6D+0.6W',
    facts: { upLb, bolt, count: building.joints.carrier.count },
  })
}

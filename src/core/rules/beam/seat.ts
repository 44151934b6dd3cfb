import { boardSize, boardValues, PLY_IN, postSize } from '../../wood'
import { judged } from '../check'
import { type BeamJoint, beamPosts } from './joint'

/**
 * Carriers or headers pressing on a notch of their posts, psi across the grain (NDS 2018 3.10.2). Null where they are
 * bolted to faces or no values are tabled for their lumber.
 */
export function seat(joint: BeamJoint) {
  const { beam, building, downLb } = joint
  const spec = building.roof[beam.kind]
  const values = boardValues(spec.lumber, boardSize(spec.size).nominal, building.grades)
  if (building.roof.truss.seat === 'face' || !values) return null
  const size = postSize(building.post)
  const seatPlies = Math.min(spec.plies, size.plies > 1 ? size.plies - 1 : 1)
  const areaIn2 = PLY_IN * seatPlies * size.depthIn
  return judged({
    member: 'beam',
    rule: 'seat',
    place: beam.kind,
    id: `${beam.kind}-seat`,
    stage: 'roof',
    group: 'joint',
    subjects: beamPosts(joint),
    demand: downLb / areaIn2,
    capacity: values.fcPerp,
    unit: 'psi',
    combination: 'D+S',
    facts: { downLb, areaIn2, values },
  })
}

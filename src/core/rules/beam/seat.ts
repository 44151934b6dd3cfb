import { boardSize, boardValues, PLY_IN, postSize, postValues, type SeatSupport, supportPsi } from '../../wood'
import { judged } from '../check'
import type { BeamJoint } from './joint'

/**
 * Carriers or headers pressing on a notch of their posts, psi across the grain (NDS 2018 3.10.2): every ply of the beam
 * bears over the width of the post along the wall. Null where they are bolted to faces or no values are tabled for their
 * lumber.
 */
export function seat({ kind, building, down }: Omit<BeamJoint, 'up'>) {
  const spec = building.roof[kind]
  const values = boardValues(spec.lumber, boardSize(spec.size).nominal, building.grades)
  if (building.roof.truss.seat === 'face' || !values) return null
  const areaIn2 = PLY_IN * spec.plies * postSize(building.post).widthIn
  const post = postValues(building)
  const support: SeatSupport | null = post ? { kind: 'end grain', values: post, duration: down.duration } : null
  return judged({
    member: 'beam',
    rule: 'seat',
    place: kind,
    id: `${kind}-seat`,
    stage: 'roof',
    group: 'joint',
    subjects: [down.post.id],
    demand: down.lb / areaIn2,
    capacity: support ? Math.min(values.fcPerp, supportPsi(support)) : values.fcPerp,
    unit: 'psi',
    combination: down.name,
    facts: { post: down.post, downLb: down.lb, areaIn2, values, support },
  })
}

import {
  boardSize,
  boardValues,
  DURATION,
  PLY_IN,
  postSize,
  postValues,
  type SeatSupport,
  supportPsi,
} from '../../wood'
import { judged } from '../check'
import type { LeanToCase } from './leanTo'

/** What the low end of a rafter stands on: a post, or a beam on posts; null without values for it. */
function supportOf({ lean, building }: Pick<LeanToCase, 'lean' | 'building'>): SeatSupport | null {
  const { rafter, beam } = lean.leanTo
  if (rafter.spaceIn === null) {
    const values = postValues(building)
    return values && { kind: 'end grain', values, duration: DURATION.snow }
  }
  const values = boardValues(beam.lumber, boardSize(beam.size).nominal, building.grades)
  return values && { kind: 'across the grain', values, duration: DURATION.snow }
}

/** A rafter pressing on its low seat, psi (NDS 2018 3.10.2). Null without values for its lumber. */
export function seat({ lean, building, values, lowLb }: Pick<LeanToCase, 'lean' | 'building' | 'values' | 'lowLb'>) {
  if (!values) return null
  const { side, rafter, beam } = lean.leanTo
  // A seat is no longer than what it rests on: the beam, or the post itself.
  const supportIn = rafter.spaceIn === null ? postSize(building.post).depthIn : PLY_IN * beam.plies
  const seatIn = Math.min(lean.leanTo.seatIn, supportIn)
  const widthIn = PLY_IN * rafter.plies
  const support = supportOf({ lean, building })
  return judged({
    member: 'rafter',
    rule: 'seat',
    place: side,
    id: `bearing-seat-${side}`,
    stage: 'roof',
    group: 'lean-to',
    demand: lowLb / (widthIn * seatIn),
    capacity: support ? Math.min(values.fcPerp, supportPsi(support)) : values.fcPerp,
    unit: 'psi',
    combination: 'D+S',
    facts: { lowLb, widthIn, seatIn, values, support },
  })
}

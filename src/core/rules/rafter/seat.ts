import { PLY_IN, postSize } from '../../wood'
import { judged } from '../check'
import type { LeanToCase } from './leanTo'

/** A rafter pressing on its low seat, psi (NDS 2018 3.10.2). Null without values for its lumber. */
export function seat({ lean, building, values, lowLb }: Pick<LeanToCase, 'lean' | 'building' | 'values' | 'lowLb'>) {
  if (!values) return null
  const { side, rafter, beam } = lean.leanTo
  // A seat is no longer than what it rests on: the beam, or the post itself.
  const supportIn = rafter.spaceIn === null ? postSize(building.post).depthIn : PLY_IN * beam.plies
  const seatIn = Math.min(lean.leanTo.seatIn, supportIn)
  const widthIn = PLY_IN * rafter.plies
  return judged({
    member: 'rafter',
    rule: 'seat',
    place: side,
    id: `bearing-seat-${side}`,
    stage: 'roof',
    group: 'lean-to',
    demand: lowLb / (widthIn * seatIn),
    capacity: values.fcPerp,
    unit: 'psi',
    combination: 'D+S',
    facts: { lowLb, widthIn, seatIn, values },
  })
}

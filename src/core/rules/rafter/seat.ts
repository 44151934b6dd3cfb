import { PLY_IN } from '../../wood'
import { judged } from '../check'
import type { LeanToCase } from './leanTo'

/** A rafter pressing on its low seat, psi (NDS 2018 3.10.2). Null without values for its lumber. */
export function seat({ lean, values, lowLb }: Pick<LeanToCase, 'lean' | 'values' | 'lowLb'>) {
  if (!values) return null
  const { side, seatIn, rafter } = lean.leanTo
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

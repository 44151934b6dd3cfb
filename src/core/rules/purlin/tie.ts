import { type Nail, nailOf, nailStrength } from '../../joints'
import type { Building } from '../../model'
import { DURATION, specificGravity } from '../../wood'
import { cannot, judged } from '../check'
import type { PurlinPlace } from './strength'

/** A toe-nail stands a third of its length up the side; of its slant, this much is in what it rests on (NDS 12.1.5.4). */
const TOE_UP = 1 / 3
const TOE_IN = 0.533
/** A purlin is a board this thick; what it is nailed to is at least this deep, inches. */
const BOARD_IN = 1.5
const HOLDING_IN = 5

export type PurlinTieFacts =
  | { readonly kind: 'no nail'; readonly name: string }
  | { readonly kind: 'tie'; readonly pullLb: number; readonly tieLb: number }
  | {
      readonly kind: 'nails'
      readonly pullLb: number
      readonly count: number
      readonly nail: Nail
      readonly toeNailed: boolean
      readonly one: ReturnType<typeof nailStrength>
    }

/** What one nail of a purlin holds against uplift: through a flat board, or toe-nailed through one on edge. */
function purlinNail({ roof, grades }: Pick<Building, 'roof' | 'grades'>, nail: Nail) {
  const toeNailed = roof.purlins.style !== 'flat'
  const shape = toeNailed
    ? { nail: { ...nail, lengthIn: nail.lengthIn * (TOE_UP + TOE_IN) }, sideIn: nail.lengthIn * TOE_UP }
    : { nail, sideIn: BOARD_IN }
  const gravity = specificGravity(roof.purlins.lumber, grades)
  const one = nailStrength({
    ...shape,
    mainIn: HOLDING_IN,
    gMain: gravity,
    gSide: gravity,
    duration: DURATION.wind,
    wet: false,
    toeNail: toeNailed,
  })
  return { toeNailed, one }
}

/**
 * Uplift at one support of a purlin against its fixing, lb: a rated tie, nails through a flat board, or toe-nails (NDS
 * 2018 12.2, 12.1.5.4).
 */
export function tie({
  place,
  pullLb,
  building,
}: {
  readonly place: PurlinPlace
  readonly pullLb: number
  readonly building: Pick<Building, 'joints' | 'roof' | 'grades'>
}) {
  const { joints } = building
  const name = {
    member: 'purlin',
    rule: 'tie',
    place,
    id: place === 'field' ? 'purlin-tie' : 'purlin-tie-rake',
    stage: 'roof',
  } as const
  const head = {
    ...name,
    group: 'joint',
    demand: Math.max(0, pullLb),
    unit: 'lb',
    combination: '0.6D+0.6W',
  } as const
  if (joints.purlinTieLb !== null) {
    const facts: PurlinTieFacts = { kind: 'tie', pullLb, tieLb: joints.purlinTieLb }
    return judged({ ...head, capacity: joints.purlinTieLb, facts })
  }
  const nail = nailOf(joints.purlin.nail)
  if (!nail) {
    const facts: PurlinTieFacts = { kind: 'no nail', name: joints.purlin.nail }
    return cannot({ ...name, facts })
  }
  const { count } = joints.purlin
  const { toeNailed, one } = purlinNail(building, nail)
  const facts: PurlinTieFacts = { kind: 'nails', pullLb, count, nail, toeNailed, one }
  return judged({ ...head, capacity: one.pullLb * count, facts })
}

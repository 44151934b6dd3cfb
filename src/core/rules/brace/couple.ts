import { nailOf } from '../../joints'
import { boardSize, boardValues } from '../../wood'
import { judged } from '../check'
import { type BraceCase, tooSteep } from './case'

/** The couple a braced bay lifts its posts by, besides the roof's uplift, lb. Null for braces that are not judged. */
export function couple({ building, brace, held }: Pick<BraceCase, 'building' | 'brace' | 'held'>) {
  const { bracing, grades } = building
  const values = boardValues(bracing.lumber, boardSize(bracing.size).nominal, grades)
  const straps = bracing.walls === 'straps'
  if (tooSteep({ brace }) || (!straps && (!values || !nailOf(bracing.nail)))) return null
  return judged({
    member: 'brace',
    rule: 'couple',
    place: brace.side,
    id: `brace-${brace.side}-couple`,
    stage: 'bracing',
    group: 'brace',
    demand: Math.max(0, held.demandLb) + brace.coupleLb,
    capacity: held.capacityLb,
    unit: 'lb',
    combination: '0.6W',
    facts: { brace, held },
  })
}

import { judged } from '../check'
import type { LeanToCase } from './leanTo'

/** Depth of the bird's mouth against a quarter of the rafter's depth, inches (NDS 2018 4.4.3). */
export function notch({ lean, cut, size }: Pick<LeanToCase, 'lean' | 'cut' | 'size'>) {
  const { side, seatIn } = lean.leanTo
  return judged({
    member: 'rafter',
    rule: 'notch',
    place: side,
    id: `seat-${side}`,
    stage: 'roof',
    group: 'lean-to',
    demand: cut.notchIn,
    capacity: size.dIn / 4,
    unit: 'in',
    combination: 'detailing',
    facts: { seatIn, cut, depthIn: size.dIn },
  })
}

import { cannot, judged } from '../check'
import type { LeanToCase } from './leanTo'

/** The tie that holds a rafter down on its beam, lb (ASCE 7-16 2.4.1 (7)). */
export function tie({ lean, building, upLb }: Pick<LeanToCase, 'lean' | 'building' | 'upLb'>) {
  const { side } = lean.leanTo
  const tieLb = building.joints.rafterTieLb
  const name = { member: 'rafter', rule: 'tie', place: side, id: `tie-${side}`, stage: 'roof' } as const
  const facts = { upLb, tieLb, windTrace: lean.wind.trace }
  if (tieLb === null) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'joint',
    demand: upLb,
    capacity: tieLb,
    unit: 'lb',
    combination: '0.6D+0.6W',
    facts,
  })
}

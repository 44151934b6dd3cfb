import { cannot, judged } from '../check'
import type { SeatedTrusses } from './seated'

/** The tie of each truss to its carrier against the hardest uplift, lb (ASCE 7-16 2.4.1 (7)). */
export function ties({ seated }: { readonly seated: SeatedTrusses }) {
  const { building, onCarriers, values, lifted, netUpLb } = seated
  if (!onCarriers || !values) return null
  const tieLb = building.joints.trussTieLb
  const upLb = Math.max(0, netUpLb)
  const name = { member: 'truss', rule: 'ties', place: '', id: 'truss-ties', stage: 'roof' } as const
  const facts = { number: lifted + 1, upLb, tieLb }
  if (tieLb === null) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'truss',
    demand: upLb,
    capacity: tieLb,
    unit: 'lb',
    combination: '0.6D+0.6W',
    facts,
  })
}

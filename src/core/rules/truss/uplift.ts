import type { ThroughBolts } from './throughBolts'
import { DURATION } from '../../wood'
import { judged } from '../check'
import type { SeatedTrusses } from './seated'
import { inPocket, throughBolts } from './throughBolts'

export type TrussUpliftFacts = { readonly number: number; readonly netUpLb: number } & (
  | { readonly kind: 'tie'; readonly tieLb: number }
  | {
      readonly kind: 'bolts'
      readonly count: number
      readonly diameterIn: number
      readonly double: boolean
      readonly held: ThroughBolts
    }
)

/**
 * What holds the most lifted truss down on its post, lb: a rated tie, or else its bolts (NDS 2018 12.3, 3.4.3.3; ASCE
 * 7-16 2.4.1 (7)); never both together.
 */
export function uplift({ seated }: { readonly seated: SeatedTrusses }) {
  const { building, onCarriers, values, lifted, netUpLb } = seated
  if (onCarriers || !values) return null
  const { trussTieLb, truss } = building.joints
  const head = {
    member: 'truss',
    rule: 'uplift',
    place: '',
    id: 'truss-uplift',
    stage: 'roof',
    group: 'truss',
    demand: Math.max(0, netUpLb),
    unit: 'lb',
    combination: '0.6D+0.6W',
  } as const
  const about = { number: lifted + 1, netUpLb }
  if (trussTieLb !== null) {
    const facts: TrussUpliftFacts = { ...about, kind: 'tie', tieLb: trussTieLb }
    return judged({ ...head, capacity: trussTieLb, facts })
  }
  const held = throughBolts(seated, values, { duration: DURATION.wind, up: true })
  const { count, diameterIn } = truss
  const facts: TrussUpliftFacts = { ...about, kind: 'bolts', count, diameterIn, double: inPocket(seated), held }
  return judged({ ...head, capacity: held.capacityLb, facts })
}

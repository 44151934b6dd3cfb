import { DURATION } from '../../wood'
import { judged } from '../check'
import type { SeatedTrusses } from './seated'
import { inPocket, throughBolts } from './throughBolts'

/** Bolts that hold the most lifted truss down on its post, lb (NDS 2018 12.3, ASCE 7-16 2.4.1 (7)). */
export function uplift({ seated }: { readonly seated: SeatedTrusses }) {
  const { building, onCarriers, values, lifted, netUpLb } = seated
  if (onCarriers || !values) return null
  const bolt = throughBolts(seated, values, DURATION.wind)
  const { count, diameterIn } = building.joints.truss
  return judged({
    member: 'truss',
    rule: 'uplift',
    place: '',
    id: 'truss-uplift',
    stage: 'roof',
    group: 'truss',
    demand: Math.max(0, netUpLb),
    capacity: bolt.groupLb,
    unit: 'lb',
    combination: '0.6D+0.6W',
    facts: { number: lifted + 1, netUpLb, count, diameterIn, double: inPocket(seated), bolt },
  })
}

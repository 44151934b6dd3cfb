import { DURATION } from '../../wood'
import { judged } from '../check'
import type { SeatedTrusses } from './seated'
import { throughBolts } from './throughBolts'

/** Trusses that hang on bolts at the faces of the posts, lb (NDS 2018 12.3). Null where wood carries them. */
export function bolts({ seated }: { readonly seated: SeatedTrusses }) {
  const { building, onCarriers, values, heavy, downLb } = seated
  if (onCarriers || !values || building.roof.truss.seat !== 'face') return null
  const held = throughBolts(seated, values, { duration: DURATION.snow, up: false })
  const { count, diameterIn } = building.joints.truss
  return judged({
    member: 'truss',
    rule: 'bolts',
    place: '',
    id: 'truss-bolts',
    stage: 'roof',
    group: 'truss',
    demand: downLb,
    capacity: held.capacityLb,
    unit: 'lb',
    combination: 'D+S',
    facts: { number: heavy + 1, downLb, count, diameterIn, held },
  })
}

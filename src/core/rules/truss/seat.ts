import type { RoofLoads } from '../../frame'
import { item } from '../../result'
import { type DesignValues, DURATION, PLY_IN, type SeatSupport, supportPsi } from '../../wood'
import { cannot, judged } from '../check'
import type { SeatedTrusses } from './seated'

export type TrussSeatFacts =
  | { readonly kind: 'no values'; readonly lumber: string }
  | {
      readonly kind: 'worked'
      readonly onCarriers: boolean
      readonly number: number
      readonly reaction: RoofLoads
      readonly downLb: number
      readonly bearingIn2: number
      readonly lumber: string
      readonly values: DesignValues
      /** The post under it; null on a carrier. */
      readonly support: SeatSupport | null
    }

/**
 * The heaviest truss on its seat, psi across the grain of what it rests on (NDS 2018 3.10.2). Null where it is bolted
 * to the faces of the posts.
 */
export function seat({ seated }: { readonly seated: SeatedTrusses }) {
  const { building, onCarriers, values, lumber, heavy, downLb, seatIn } = seated
  const name = { member: 'truss', rule: 'seat', place: '', id: 'truss-seat', stage: 'roof' } as const
  if (!values) {
    const facts: TrussSeatFacts = { kind: 'no values', lumber }
    return cannot({ ...name, facts })
  }
  const { truss, carrier } = building.roof
  if (!onCarriers && truss.seat === 'face') return null
  const bearingIn2 = PLY_IN * truss.plies * (onCarriers ? PLY_IN * carrier.plies : seatIn)
  const support: SeatSupport | null = onCarriers ? null : { kind: 'end grain', values, duration: DURATION.snow }
  const facts: TrussSeatFacts = {
    kind: 'worked',
    onCarriers,
    number: heavy + 1,
    reaction: item(seated.reactions, heavy),
    downLb,
    bearingIn2,
    lumber,
    values,
    support,
  }
  return judged({
    ...name,
    group: 'truss',
    demand: downLb / bearingIn2,
    capacity: support ? Math.min(values.fcPerp, supportPsi(support)) : values.fcPerp,
    unit: 'psi',
    combination: 'D+S',
    facts,
  })
}

import { FT3_PER_YD3, ROUNDING, stated } from '../units'
import type { Fieldwork } from '../model'
import { spareBags } from '../pocket/bags'
import { BAG_YIELD_FT3, bagsFor, HOLE_WASTE, type BagLb } from './takeoff'

export interface ConcreteSettings {
  readonly by: Fieldwork['concrete']['by']
  readonly bagLb: BagLb
  readonly mixerFt3: number
  readonly plantMinYd3: number
  readonly spareEvery: number
}

export interface ConcreteOrder {
  readonly netFt3: number
  readonly withWasteFt3: number
  readonly yd3: number
  /** Bags needed, spare bags and both together; none where a truck brings it. */
  readonly bags: number
  readonly spareBags: number
  readonly bagsInAll: number
  readonly bagsWeighLb: number
  /** Mixer loads or tubs: whole bags in each, and how many. */
  readonly bagsALoad: number
  readonly loads: number
  /** Truck: rounded up to the quarter yard. */
  readonly truckYd3: number
  readonly underMinimum: boolean
  readonly say: readonly string[]
}

/** A tub mixed with a hoe takes this much, cubic feet: two 80 lb bags. */
const TUB_FT3 = 1.2
const up = (value: number): number => Math.max(0, Math.ceil(value - ROUNDING))

/**
 * Concrete of a job by the crew's way of mixing. Waste is added to the total and rounded up once; bags per load are
 * whole bags that fit the
 * mixer; a truck is ordered by the quarter yard. Spare: one bag for every `spareEvery` holes, rounded up. Bags set dry
 * are no pad, collar or pier.
 * Yields of bags: 0.30, 0.375, 0.45, 0.60 ft³ for 40, 50, 60, 80 lb. Volumes in cubic feet, 0 or more.
 */
export function concreteOrder(netFt3: number, holes: number, concreteSettings: ConcreteSettings): ConcreteOrder {
  const withWasteFt3 = netFt3 * (1 + HOLE_WASTE)
  const yieldFt3 = BAG_YIELD_FT3[concreteSettings.bagLb]
  const truck = concreteSettings.by === 'truck'
  const bags = truck ? 0 : Math.max(0, bagsFor(netFt3, concreteSettings.bagLb))
  const spares = truck || bags === 0 ? 0 : spareBags(holes, concreteSettings.spareEvery)
  const room = concreteSettings.by === 'hand' ? TUB_FT3 : concreteSettings.mixerFt3
  const bagsALoad = truck ? 0 : Math.floor(room / yieldFt3 + ROUNDING)
  const loads = bagsALoad > 0 ? up(bags / bagsALoad) : 0
  const truckYd3 = truck ? up((withWasteFt3 / FT3_PER_YD3) * 4) / 4 : 0
  const underMinimum = truck && truckYd3 > 0 && truckYd3 < concreteSettings.plantMinYd3
  const say = [
    ...(!truck && bagsALoad === 0
      ? [
          `One ${stated(concreteSettings.bagLb, 'weightLb')} bag makes ${stated(yieldFt3, 'ft3')}, more than a load of ` +
            `${stated(room, 'ft3')}: choose smaller bags or a larger mixer.`,
        ]
      : []),
    ...(underMinimum
      ? [
          `Under the plant’s smallest load of ${stated(concreteSettings.plantMinYd3, 'yd3')}: a short-load fee is likely. ` +
            'Bags in a mixer may be cheaper.',
        ]
      : []),
    ...(truck ? ['No spare on a truck: have a few bags at hand for the last hole.'] : []),
    'Bags set dry and left to soak are no pad, collar or pier.',
  ]
  return {
    netFt3,
    withWasteFt3,
    yd3: withWasteFt3 / FT3_PER_YD3,
    bags,
    spareBags: spares,
    bagsInAll: bags + spares,
    bagsWeighLb: (bags + spares) * concreteSettings.bagLb,
    bagsALoad,
    loads,
    truckYd3,
    underMinimum,
    say,
  }
}

/** Earth out of an auger stands looser than in the ground: this much more (register: user's own; common loam). */
const SPOIL_SWELL = 0.25
/** Loose earth to move or haul from all holes after backfill, cubic feet. */
export const looseSpoilFt3 = (holeFt3: number, backfillFt3: number): number =>
  Math.max(0, holeFt3 - backfillFt3) * (1 + SPOIL_SWELL)

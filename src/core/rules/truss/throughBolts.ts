import { boltStrength, type BoltStrength, heelPlaces, type Splitting, splittingLb } from '../../joints'
import type { Building } from '../../model'
import { type DesignValues, PLY_IN, postSize, specificGravity } from '../../wood'
import type { SeatedTrusses } from './seated'

/** Areas of the chord and of the outer plies that weigh how bolts of a group share their load, in². */
const CHORD_IN2 = 8.25
const OUTER_PLIES_IN2 = 16.5

/** Whether the bolts pass through a pocket: the truss between the outer plies, in double shear. */
export const inPocket = ({ building }: Pick<SeatedTrusses, 'building'>): boolean =>
  building.roof.truss.seat === 'pocket' && postSize(building.post).plies > 2

/** The bolts of a truss, where they stand, and what the heel takes across its grain; which of the two gives first. */
export interface ThroughBolts {
  readonly bolt: BoltStrength
  /** How many stand side by side, and the lowest of them above the seat, inches; null where they find no place. */
  readonly stands: { readonly beside: number; readonly aboveSeatIn: number } | null
  readonly splitting: Splitting | null
  readonly capacityLb: number
}

const NO_PLACE = {
  cDelta: 0,
  problem: 'the heel is too low or the post too narrow for their edge and end distances',
} as const

/** Lengths of the bolts in truss and post. */
function lengthsOf(building: Pick<Building, 'roof' | 'post'>, double: boolean) {
  const { truss } = building.roof
  const size = postSize(building.post)
  return {
    mainIn: double ? PLY_IN * truss.plies : Math.max(PLY_IN, size.widthIn - PLY_IN),
    sideIn: PLY_IN * (double ? Math.floor((size.plies - 1) / 2) : truss.plies),
    postDepthIn: size.depthIn,
  }
}

/**
 * Bolts through truss and post under one duration of load, at the height where joint and heel together hold most (NDS
 * 2018 12.3, 12.5.1, 3.4.3.3). The chord is taken as the same species as the post. `up`: wind lifts the truss.
 */
export function throughBolts(
  seated: Pick<SeatedTrusses, 'building'>,
  values: DesignValues,
  { duration, up }: { readonly duration: number; readonly up: boolean },
): ThroughBolts {
  const { building } = seated
  const { truss } = building.roof
  const { diameterIn, count } = building.joints.truss
  const double = inPocket(seated)
  const { mainIn, sideIn, postDepthIn } = lengthsOf(building, double)
  const gravity = specificGravity(building.post.lumber, building.grades)
  const joint = {
    diameterIn,
    count,
    double,
    mainIn,
    sideIn,
    gMain: gravity,
    gSide: gravity,
    mainThetaDeg: double ? 90 : 0,
    sideThetaDeg: double ? 0 : 90,
    eaMain: values.ePsi * CHORD_IN2,
    eaSide: values.ePsi * OUTER_PLIES_IN2,
    spacingIn: 4 * diameterIn,
    duration,
    wet: building.joints.wetPosts,
  }
  const heelIn = truss.heelDepthIn
  const hangs = truss.seat === 'face'
  const ways = (count > 1 ? ([1, 2] as const) : ([1] as const)).flatMap((beside) =>
    heelPlaces({ diameterIn, count, beside, heelIn, postDepthIn, mainIn, sideIn, hangs }).map((place): ThroughBolts => {
      const bolt = boltStrength({ ...joint, rows: beside, place })
      const splitting = {
        fvPsi: values.fv,
        duration,
        bIn: PLY_IN * truss.plies,
        dIn: heelIn,
        deIn: up ? place.deUpIn : place.deDownIn,
      }
      const capacityLb = Math.min(bolt.groupLb, splittingLb(splitting))
      return { bolt, stands: { beside, aboveSeatIn: place.aboveSeatIn }, splitting, capacityLb }
    }),
  )
  const none: ThroughBolts = {
    bolt: boltStrength({ ...joint, rows: 1, place: NO_PLACE }),
    stands: null,
    splitting: null,
    capacityLb: 0,
  }
  return ways.reduce((most, way) => (way.capacityLb > most.capacityLb ? way : most), none)
}

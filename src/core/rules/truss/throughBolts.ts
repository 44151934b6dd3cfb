import { type BoltStrength, boltStrength } from '../../joints'
import { type DesignValues, PLY_IN, postSize, specificGravity } from '../../wood'
import type { SeatedTrusses } from './seated'

/** Areas of the chord and of the outer plies that weigh how bolts of a group share their load, in². */
const CHORD_IN2 = 8.25
const OUTER_PLIES_IN2 = 16.5

/** Whether the bolts pass through a pocket: the truss between the outer plies, in double shear. */
export const inPocket = ({ building }: Pick<SeatedTrusses, 'building'>): boolean =>
  building.roof.truss.seat === 'pocket' && postSize(building.post).plies > 2

/** Bolts through truss and post, for one load duration (NDS 2018 12.3). */
export function throughBolts(
  seated: Pick<SeatedTrusses, 'building'>,
  values: DesignValues,
  duration: number,
): BoltStrength {
  const { building } = seated
  const { truss } = building.roof
  const size = postSize(building.post)
  const { diameterIn, count } = building.joints.truss
  const double = inPocket(seated)
  const gravity = specificGravity(building.post.lumber, building.grades)
  return boltStrength({
    diameterIn,
    count,
    rows: 1,
    double,
    mainIn: double ? PLY_IN * truss.plies : Math.max(PLY_IN, size.widthIn - PLY_IN),
    sideIn: PLY_IN * (double ? Math.floor((size.plies - 1) / 2) : truss.plies),
    gMain: gravity,
    gSide: gravity,
    mainThetaDeg: double ? 90 : 0,
    sideThetaDeg: double ? 0 : 90,
    eaMain: values.ePsi * CHORD_IN2,
    eaSide: values.ePsi * OUTER_PLIES_IN2,
    spacingIn: 4 * diameterIn,
    endIn: 4 * diameterIn,
    edgeIn: 1.5 * diameterIn,
    duration,
    wet: building.joints.wetPosts,
  })
}

import type { EaveBeam } from '../../layout'
import { type BoltStrength, boltStrength } from '../../joints'
import type { Building } from '../../model'
import { boardSize, boardValues, PLY_IN, postSize, specificGravity } from '../../wood'

/** What the joint of a carrier or header to its posts is judged with. */
export interface BeamJoint {
  readonly beam: Pick<EaveBeam, 'kind' | 'from' | 'to'>
  readonly building: Pick<Building, 'roof' | 'post' | 'joints' | 'grades'>
  /** Gravity and net uplift that the joint passes, lb: of both bays where a middle post takes the ends of two. */
  readonly downLb: number
  readonly upLb: number
}

/** Stiffness of a wood without tabled values, psi: only weighs how bolts of a group share their load. */
const SOME_E_PSI = 1.4e6

/** The bolts of the joint under one duration of load (NDS 2018 12.3). */
export function beamBolts({ beam, building }: BeamJoint, duration: number): BoltStrength {
  const spec = building.roof[beam.kind]
  const size = postSize(building.post)
  const values = boardValues(spec.lumber, boardSize(spec.size).nominal, building.grades)
  const both = spec.sides === 'both'
  const { diameterIn, count } = building.joints.carrier
  const ePsi = values?.ePsi ?? SOME_E_PSI
  return boltStrength({
    diameterIn,
    count,
    rows: count > 2 ? 2 : 1,
    double: both,
    mainIn: size.depthIn,
    sideIn: PLY_IN * (both ? spec.plies / 2 : spec.plies),
    gMain: specificGravity(building.post.lumber, building.grades),
    gSide: specificGravity(spec.lumber, building.grades),
    mainThetaDeg: 0,
    sideThetaDeg: 90,
    eaMain: ePsi * size.areaIn2,
    eaSide: ePsi * boardSize(spec.size).areaIn2 * spec.plies,
    spacingIn: 4 * diameterIn,
    endIn: 7 * diameterIn,
    edgeIn: 1.5 * diameterIn,
    duration,
    wet: building.joints.wetPosts,
  })
}

/** The two posts of a beam. */
export const beamPosts = ({ beam }: BeamJoint): readonly string[] => [beam.from.id, beam.to.id]

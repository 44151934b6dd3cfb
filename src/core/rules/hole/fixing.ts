import type { HoleKind } from '../../frame'
import { bearingStrengthPsi, BOLT_YIELD_PSI, yieldLimit } from '../../joints'
import type { Building } from '../../model'
import { NEGLIGIBLE } from '../../units'
import { DURATION, postSize, specificGravity } from '../../wood'
import { firstAmong, judged } from '../check'

/** Bearing strength of concrete under a bar, psi, and how much of the bar's length in it counts, inches. */
const CONCRETE_BEARING_PSI = 7500
const IN_CONCRETE_IN = 4
const CLEAT_IN = 1.5
/** Wet service factor of a dowel in wood that stays wet (NDS 2018 Table 11.3.3). */
const WET_DOWEL = 0.7

/**
 * Bars or bolts that pass the uplift from the post into its collar or cleats, lb (NDS 2018 12.3). Null where nothing
 * is fixed to the post or nothing lifts it.
 */
export function fixing({
  hole,
  building,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds' | 'uplift' | 'governing'>
  readonly building: Pick<Building, 'school' | 'cleat' | 'joints' | 'post' | 'grades'>
}) {
  const collar = building.school === 'collar'
  if (building.school === 'pier' || !(collar || building.cleat) || hole.uplift.demandLb < NEGLIGIBLE) return null
  // Bars or bolts through the post bear on concrete or on cleats; the pull runs along the post's grain.
  const bars = building.joints.collar
  const gravity = specificGravity(building.post.lumber, building.grades)
  const throughIn = postSize(building.post).depthIn
  const limit = yieldLimit({
    dIn: bars.diameterIn,
    lmIn: throughIn,
    lsIn: collar ? IN_CONCRETE_IN : CLEAT_IN,
    femPsi: bearingStrengthPsi(gravity, bars.diameterIn, 0),
    fesPsi: collar ? CONCRETE_BEARING_PSI : bearingStrengthPsi(gravity, bars.diameterIn, 90),
    fybPsi: BOLT_YIELD_PSI,
    thetaDeg: collar ? 0 : 90,
    double: true,
  })
  const holdsLb = limit.zLb * DURATION.wind * WET_DOWEL * bars.count
  return judged({
    member: 'hole',
    rule: 'fixing',
    place: hole.kind,
    id: `collar-fix-${hole.kind}`,
    stage: 'holes',
    group: 'joint',
    subjects: firstAmong(hole.governing.uplift.id, hole.postIds),
    demand: hole.uplift.demandLb,
    capacity: holdsLb,
    unit: 'lb',
    combination: '0.6D+0.6W',
    facts: { collar, count: bars.count, diameterIn: bars.diameterIn, throughIn, limit, holdsLb },
  })
}

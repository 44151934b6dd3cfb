import { SCREW_IN, screwWithdrawal } from '../../joints'
import { WIND_ASD } from '../../loads'
import type { Building } from '../../model'
import { IN_PER_FT } from '../../units'
import { DURATION, specificGravity } from '../../wood'
import { cannot, judged } from '../check'

/** Screws of the sheet under suction, lb: out of the wood, and the sheet over the head (NDS 2018 12.2.2). */
export function screws({
  building,
  worstUpPsf,
}: {
  readonly building: Pick<Building, 'roof' | 'joints' | 'skin' | 'grades'>
  /** Hardest suction on any zone of the roof, psf at strength level. */
  readonly worstUpPsf: number
}) {
  const { purlins } = building.roof
  const { screw } = building.joints
  const gravity = specificGravity(purlins.lumber, building.grades)
  const pullLb = (WIND_ASD * worstUpPsf * (purlins.spaceIn / IN_PER_FT) * screw.spacingIn) / IN_PER_FT
  const woodLb = screwWithdrawal(gravity, SCREW_IN[screw.gauge]) * screw.threadIn * DURATION.wind
  const sheetLb = building.skin.pullOverLb
  const name = { member: 'purlin', rule: 'screws', place: '', id: 'screws', stage: 'roof' } as const
  const facts = {
    pullLb,
    woodLb,
    sheetLb,
    worstUpPsf,
    gravity,
    spaceIn: purlins.spaceIn,
    spacingIn: screw.spacingIn,
    diameterIn: SCREW_IN[screw.gauge],
    threadIn: screw.threadIn,
  }
  if (sheetLb === null) return cannot({ ...name, facts })
  return judged({
    ...name,
    group: 'joint',
    demand: pullLb,
    capacity: Math.min(woodLb, sheetLb),
    unit: 'lb',
    combination: '0.6W',
    facts,
  })
}

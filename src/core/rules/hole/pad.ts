import type { GravityCase, HoleKind } from '../../frame'
import type { PadRatios } from '../../ground'
import type { Building } from '../../model'
import { cannot, judged } from '../check'

interface TooThin {
  readonly kind: 'too thin'
  readonly thicknessIn: number
}
interface Worked {
  readonly kind: 'worked'
  readonly pad: PadRatios
  readonly thicknessIn: number
  readonly diameterIn: number
  readonly loadLb: number
}
export type PadFacts = TooThin | Worked

/** A plain concrete pad in bending, shear and punching, as a ratio (ACI 318-19 ch. 14). Null without a pad. */
export function pad({
  hole,
  building,
  demand,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds' | 'diameterIn' | 'bearing' | 'pad'>
  readonly building: Pick<Building, 'padThicknessIn'>
  readonly demand: { readonly gravityCase: GravityCase }
}) {
  if (!hole.pad) return null
  const name = {
    member: 'hole',
    rule: 'pad',
    place: hole.kind,
    id: `pad-${hole.kind}`,
    stage: 'holes',
    subjects: hole.postIds,
  } as const
  const thicknessIn = building.padThicknessIn
  if (hole.pad.bending === null) {
    const facts: PadFacts = { kind: 'too thin', thicknessIn }
    return cannot({ ...name, facts })
  }
  const facts: PadFacts = {
    kind: 'worked',
    pad: hole.pad,
    thicknessIn,
    diameterIn: hole.diameterIn,
    loadLb: hole.bearing.loadLb,
  }
  return judged({
    ...name,
    group: 'ground',
    demand: hole.pad.worst,
    capacity: 1,
    unit: '',
    combination: `1.6·(${demand.gravityCase})`,
    facts,
  })
}

import { IN_PER_FT, IN2_PER_FT2 } from '../units'
import type { Building } from '../model'
import { roundHoleFt3, wholeBags } from '../pocket/bags'
import { postSize } from '../wood'

/** Yield of concrete bags, cubic feet by bag weight in pounds. */
export const BAG_YIELD_FT3 = { 40: 0.3, 50: 0.375, 60: 0.45, 80: 0.6 } as const
export type BagLb = keyof typeof BAG_YIELD_FT3
/** Over-dig allowed in augered holes. */
export const HOLE_WASTE = 0.1
export interface HoleVolumes {
  readonly holeFt3: number
  readonly padFt3: number
  readonly collarFt3: number
  readonly pierFt3: number
  readonly concreteFt3: number
  readonly backfillFt3: number
  /** In place; a fifth more is ordered loose (register C24). */ readonly gravelFt3: number
}

/** Loose gravel settles by this much when it is tamped (register C24: 15 to 25 %). */
export const GRAVEL_LOOSE = 0.25

/** Volumes of one hole, cubic feet: gravel, collar (post taken out of it) or pier, and what is left to backfill. */
export function holeVolumes(building: Building, diameterIn: number, depthIn: number): HoleVolumes {
  const size = postSize(building.post)
  const post = size.areaIn2 / IN2_PER_FT2
  const gravelFt3 = roundHoleFt3(diameterIn, building.gravelIn)
  const shaftFt3 = roundHoleFt3(diameterIn, depthIn)
  const holeFt3 = shaftFt3 + gravelFt3
  if (building.school === 'pier') {
    const pierFt3 = roundHoleFt3(diameterIn, depthIn + building.bracketIn)
    return { holeFt3, padFt3: 0, collarFt3: 0, pierFt3, concreteFt3: pierFt3, backfillFt3: 0, gravelFt3 }
  }
  const padFt3 = roundHoleFt3(diameterIn, building.padThicknessIn)
  const collarFt3 = building.school === 'collar' ? roundHoleFt3(diameterIn, building.collarHeightIn, size.areaIn2) : 0
  const concreteFt3 = padFt3 + collarFt3
  return {
    holeFt3,
    padFt3,
    collarFt3,
    pierFt3: 0,
    concreteFt3,
    gravelFt3,
    backfillFt3: Math.max(
      0,
      shaftFt3 -
        concreteFt3 -
        (post * (depthIn - building.padThicknessIn - (building.school === 'collar' ? building.collarHeightIn : 0))) /
          IN_PER_FT,
    ),
  }
}

/** Bags for a whole job: waste on the total, rounded up once. */
export const bagsFor = (concreteFt3: number, bagLb: BagLb, waste = HOLE_WASTE): number =>
  wholeBags(concreteFt3, waste, BAG_YIELD_FT3[bagLb])

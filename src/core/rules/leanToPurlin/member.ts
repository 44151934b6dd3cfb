import type { LowRoofSnow } from '../../loads'
import { roofLivePsf } from '../../loads'
import { IN2_PER_FT2 } from '../../units'
import { leastSlopePsf, openRoofPsf } from '../purlin/loads'
import { purlinMember } from '../purlin/member'
import type { LeanToCase } from '../rafter/leanTo'
import type { SpanMember } from '../span/member'

/** Boards over rafters wider apart than this are purlins, inches. */
const WIDE_IN = 30

/** What the purlins of a lean-to are judged with. */
export type LeanToPurlinCase = Pick<LeanToCase, 'building' | 'lean' | 'results' | 'spaceIn'>

/** Whether a lean-to's rafters stand so far apart that the boards over them are purlins. */
export const hasPurlins = ({ spaceIn }: Pick<LeanToCase, 'spaceIn'>): boolean => spaceIn > WIDE_IN

/** The deepest snow case of a lean-to. */
export const deepestSnow = ({ lean }: Pick<LeanToCase, 'lean'>): LowRoofSnow =>
  lean.snow.reduce((best, low) => (low.peakPsf + low.uniformPsf > best.peakPsf + best.uniformPsf ? low : best))

/** A purlin of a lean-to as a member, under the deepest snow it gets. */
export function leanToPurlinMember(leanTo: LeanToPurlinCase): SpanMember {
  const { building, lean, results, spaceIn } = leanTo
  const cn = building.skin.openRoofCn
  const windPsf = cn === null ? lean.wind.downPsf : openRoofPsf(results, cn)
  const snow = deepestSnow(leanTo)
  const areaFt2 = (spaceIn * building.roof.purlins.spaceIn) / IN2_PER_FT2
  return purlinMember(building, spaceIn, {
    thetaDeg: lean.thetaDeg,
    deadPsf: results.dead.slopePsf,
    leastPsf: leastSlopePsf(results),
    snowPsf: snow.uniformPsf + snow.peakPsf,
    livePsf: roofLivePsf(areaFt2, lean.leanTo.pitchPer12),
    windInPsf: windPsf,
    zones: cn === null ? [] : [{ zone: 'open roof', upPsf: windPsf }],
  })
}

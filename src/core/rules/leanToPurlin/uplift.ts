import { cannot } from '../check'
import { hasPurlins, type LeanToPurlinCase } from './member'

/** Uplift of a lean-to's purlins cannot be judged without the coefficient CN of an open roof's cladding. */
export function uplift(leanTo: Pick<LeanToPurlinCase, 'building' | 'lean' | 'spaceIn'>) {
  if (!hasPurlins(leanTo) || leanTo.building.skin.openRoofCn !== null) return null
  const { side } = leanTo.lean.leanTo
  return cannot({
    member: 'leanToPurlin',
    rule: 'uplift',
    place: side,
    id: `lean-purlins-up-${side}`,
    stage: 'roof',
    facts: {},
  })
}

import type { HoleKind } from '../../frame'
import { LEAST_DEPTH_IN } from '../../ground'
import { judged } from '../check'

/**
 * The bottom of the concrete below frost. Inches; the least depth asked for is 12 in. (IBC 2021 1809.4, 1809.5).
 */
export function frost({
  hole,
  frostIn,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds' | 'depthIn'>
  readonly frostIn: number
}) {
  const needIn = Math.max(frostIn, LEAST_DEPTH_IN)
  return judged({
    member: 'hole',
    rule: 'frost',
    place: hole.kind,
    id: `frost-${hole.kind}`,
    stage: 'holes',
    group: 'ground',
    subjects: hole.postIds,
    demand: needIn,
    capacity: hole.depthIn,
    unit: 'in',
    combination: 'frost',
    facts: { frostIn, needIn, depthIn: hole.depthIn },
  })
}

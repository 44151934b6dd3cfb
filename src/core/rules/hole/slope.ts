import { type HoleKind, STEEPEST_PER12 } from '../../frame'
import { cannot } from '../check'

/** Ground too steep for the depths sized here: over 1 in 3 the setbacks of IBC 2021 1808.7 apply. */
export function slope({
  hole,
  slopePer12,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds'>
  readonly slopePer12: number
}) {
  if (slopePer12 <= STEEPEST_PER12) return null
  return cannot({
    member: 'hole',
    rule: 'slope',
    place: hole.kind,
    id: `slope-${hole.kind}`,
    stage: 'holes',
    subjects: hole.postIds,
    facts: { slopePer12 },
  })
}

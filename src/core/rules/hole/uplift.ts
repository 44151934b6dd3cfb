import type { HoleKind, PostDemand } from '../../frame'
import type { Post } from '../../layout'
import type { Building } from '../../model'
import { IN_PER_FT } from '../../units'
import { firstAmong, judged } from '../check'

/** What holds the post down against net uplift, lb (ASCE 7-16 2.4.1 (7)). */
export function uplift({
  hole,
  posts,
  demands,
  building,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds' | 'diameterIn' | 'depthIn' | 'embedIn' | 'uplift' | 'governing'>
  readonly posts: ReadonlyMap<string, Post>
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly building: Pick<Building, 'school' | 'bracketIn' | 'collarHeightIn' | 'post' | 'coneAngleDeg' | 'cleat'>
}) {
  const lifted = hole.governing.uplift
  const demand = demands[lifted.id] as PostDemand
  const heightIn = posts.get(lifted.id)?.heightIn ?? 0
  const { school, bracketIn, collarHeightIn, post, coneAngleDeg, cleat } = building
  return judged({
    member: 'hole',
    rule: 'uplift',
    place: hole.kind,
    id: `uplift-${hole.kind}`,
    stage: 'holes',
    group: 'ground',
    subjects: firstAmong(lifted.id, hole.postIds),
    demand: Math.max(0, hole.uplift.demandLb),
    capacity: hole.uplift.capacityLb,
    unit: 'lb',
    combination: '0.6D+0.6W',
    facts: {
      post: lifted,
      kind: hole.kind,
      uplift: hole.uplift,
      demand,
      postWeightLb: (demand.postWeightPlf * (heightIn + hole.embedIn)) / IN_PER_FT,
      hole: { diameterIn: hole.diameterIn, depthIn: hole.depthIn, embedIn: hole.embedIn },
      foundation: { school, bracketIn, collarHeightIn, post, coneAngleDeg, cleat },
    },
  })
}
export type UpliftFacts = ReturnType<typeof uplift>['facts']

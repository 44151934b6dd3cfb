import type { HoleKind, PostDemand, SiteResults } from '../../frame'
import { isEave, type Post } from '../../layout'
import type { Building } from '../../model'
import { firstAmong, judged } from '../check'

/** What brings the snow to a post. */
export type SnowSource =
  | { readonly kind: 'lean-to line'; readonly plf: number }
  | { readonly kind: 'by the ridge' }
  | { readonly kind: 'truss drawing' }
  | { readonly kind: 'eave line'; readonly plf: number; readonly restLb: number }

function snowSource({
  hole,
  post,
  demand,
  results,
  building,
}: {
  readonly hole: Pick<HoleKind, 'kind'>
  readonly post: Post | undefined
  readonly demand: PostDemand
  readonly results: Pick<SiteResults, 'eaveSnowPlf' | 'leanTos'>
  readonly building: Pick<Building, 'roof'>
}): SnowSource {
  if (hole.kind === 'lean-to') {
    const leanTo = results.leanTos.find((each) => each.leanTo.side === post?.side)
    return { kind: 'lean-to line', plf: leanTo?.outerPlf ?? 0 }
  }
  if (post && !isEave(post.side)) return { kind: 'by the ridge' }
  if (building.roof.truss.reaction !== null) return { kind: 'truss drawing' }
  const restLb = demand.snowLb - results.eaveSnowPlf * demand.eaveFt
  return { kind: 'eave line', plf: results.eaveSnowPlf, restLb }
}

/** The pad or pier on the soil under the heaviest roof load, lb (IBC 2021 1806). */
export function bearing({
  hole,
  posts,
  demand,
  building,
  results,
}: {
  readonly hole: Pick<HoleKind, 'kind' | 'postIds' | 'diameterIn' | 'bearing' | 'governing'>
  readonly posts: ReadonlyMap<string, Post>
  /** Demand of the post that presses hardest. */
  readonly demand: PostDemand
  readonly building: Pick<Building, 'school' | 'roof'>
  readonly results: Pick<SiteResults, 'eaveSnowPlf' | 'leanTos' | 'snow' | 'dead' | 'soil'>
}) {
  const hardest = hole.governing.bearing
  const post = posts.get(hardest.id)
  const leanTo = results.leanTos.find((each) => each.leanTo.side === post?.side)
  const leanSnow =
    leanTo !== undefined && (hole.kind === 'lean-to' || demand.snowLb > results.eaveSnowPlf * demand.eaveFt + 1)
  return judged({
    member: 'hole',
    rule: 'bearing',
    place: hole.kind,
    id: `bearing-${hole.kind}`,
    stage: 'holes',
    group: 'ground',
    subjects: firstAmong(hardest.id, hole.postIds),
    demand: hole.bearing.loadLb + hole.bearing.padLb,
    capacity: hole.bearing.capacityLb,
    unit: 'lb',
    combination: demand.gravityCase,
    facts: {
      post: hardest,
      pier: building.school === 'pier',
      diameterIn: hole.diameterIn,
      bearing: hole.bearing,
      demand,
      snow: snowSource({ hole, post, demand, results, building }),
      deadPsf: results.dead.maxPsf,
      soil: results.soil,
      loadTraces: [...results.snow.trace, ...results.dead.trace],
      leanSnowTrace: leanSnow ? leanTo.governing.trace : [],
    },
  })
}
export type BearingFacts = ReturnType<typeof bearing>['facts']

import type { HoleKind, Lateral, LateralCase, PostDemand } from '../../frame'
import { isEave, type Post } from '../../layout'
import type { Combination } from '../../loads'
import type { Building } from '../../model'
import { entryOf, isWorse, type Use } from '../../result'
import type { ColumnBasis } from './basis'
import { type ColumnResult, columnWorst } from './strength'

/** The posts of one kind worked through: which of them its loads work hardest, and the ratio of each. */
interface Worked {
  readonly kind: 'worked'
  readonly basis: ColumnBasis
  readonly own: readonly Post[]
  readonly hardest: Post
  readonly result: ColumnResult
  readonly uses: Readonly<Record<string, Use>>
}
/**
 * They cannot be worked through: no values are tabled for their wood, the wind on one of them is not computed, or
 * nothing holds some of them up sideways.
 */
type NotWorked =
  | { readonly kind: 'no values' }
  | { readonly kind: 'no wind' }
  | { readonly kind: 'falls'; readonly postIds: readonly string[] }
export type WorkedPosts = Worked | NotWorked

/** What the posts of one kind are worked through with. */
export interface WorkedFrom {
  readonly hole: Pick<HoleKind, 'postIds' | 'embedIn'>
  readonly posts: ReadonlyMap<string, Post>
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly lateral: Pick<Lateral, 'cases' | 'values' | 'falling' | 'units'>
  readonly basis: ColumnBasis | null
  readonly building: Building
  readonly combinations: readonly Combination[]
}

/** Loads nearer than this are one load: far under what any check shows, far over rounding in doubles. */
const SAME_LOAD = 1e-6

/** Everything that a post's strength is worked out from, so that only posts that are alike in all of it share. */
function likeness(post: Post, demand: PostDemand, cases: readonly LateralCase[], gapIn: number): string {
  const { deadLb, deadMinLb, snowLb, liveLb, windDownLb, windUpLb, claddingPlf, eaveWallFt, gableWallFt } = demand
  const loads = [deadLb, deadMinLb, snowLb, liveLb, windDownLb, windUpLb, claddingPlf, eaveWallFt, gableWallFt]
  loads.push(demand.wallPushLb)
  const { hanging } = demand
  if (hanging) loads.push(hanging.deadLb, hanging.deadMinLb, hanging.snowLb, hanging.liveLb, hanging.windUpLb)
  let like = `${post.heightIn}|${post.kind}|${isEave(post.side)}|${gapIn}`
  for (const load of loads) like += `|${Math.round(load / SAME_LOAD)}`
  for (const { plf, shearLb, momentFtLb, fixedFtLb, fieldMomentFtLb, kneeMomentFtLb } of cases)
    for (const action of [plf, shearLb, momentFtLb, fixedFtLb, fieldMomentFtLb, kneeMomentFtLb])
      like += `|${Math.round(action / SAME_LOAD)}`
  return like
}

/** Works every post of one kind through; posts that are alike are worked through once. */
export function workPosts({
  hole,
  posts,
  demands,
  lateral,
  basis,
  building,
  combinations,
}: WorkedFrom): WorkedPosts | null {
  if (!basis || !lateral.values) return { kind: 'no values' }
  const own = hole.postIds.flatMap((postId) => posts.get(postId) ?? [])
  const postIds = hole.postIds.filter((postId) => lateral.falling.includes(postId))
  if (postIds.length > 0) return { kind: 'falls', postIds }
  if (own.some((post) => !lateral.cases[post.id])) return { kind: 'no wind' }
  const done = new Map<string, ColumnResult>()
  const uses: Record<string, Use> = {}
  let worst: { readonly post: Post; readonly result: ColumnResult } | null = null
  for (const post of own) {
    const demand = entryOf(demands, post.id)
    const cases = entryOf(lateral.cases, post.id)
    const like = likeness(post, demand, cases, basis.gapIn(post))
    const result =
      done.get(like) ??
      columnWorst({
        building,
        combinations,
        basis,
        post,
        demand,
        cases,
        unit: entryOf(lateral.units, post.id),
        embedIn: hole.embedIn,
      })
    done.set(like, result)
    uses[post.id] = result.use
    if (!worst || isWorse(result.use, worst.result.use)) worst = { post, result }
  }
  return worst && { kind: 'worked', basis, own, hardest: worst.post, result: worst.result, uses }
}

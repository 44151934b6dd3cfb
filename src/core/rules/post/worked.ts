import type { HoleKind, Lateral, LateralCase, PostDemand } from '../../frame'
import type { Post } from '../../layout'
import type { Combination } from '../../loads'
import type { Building } from '../../model'
import { entryOf } from '../../result'
import type { ColumnBasis } from './basis'
import { type ColumnResult, columnWorst } from './strength'

/** The posts of one kind worked through: which of them its loads work hardest, and the ratio of each. */
interface Worked {
  readonly kind: 'worked'
  readonly basis: ColumnBasis
  readonly own: readonly Post[]
  readonly hardest: Post
  readonly result: ColumnResult
  readonly ratios: Readonly<Record<string, number>>
}
/** They cannot be worked through: no values are tabled for their wood, or the wind on one of them is not computed. */
interface NotWorked {
  readonly kind: 'no values' | 'no wind'
}
export type WorkedPosts = Worked | NotWorked

/** What the posts of one kind are worked through with. */
export interface WorkedFrom {
  readonly hole: Pick<HoleKind, 'postIds' | 'embedIn'>
  readonly posts: ReadonlyMap<string, Post>
  readonly demands: Readonly<Record<string, PostDemand>>
  readonly lateral: Pick<Lateral, 'cases' | 'values'>
  readonly basis: ColumnBasis | null
  readonly building: Building
  readonly combinations: readonly Combination[]
}

/** Loads that make two posts of one height alike, to the pound. */
function likeness(post: Post, demand: PostDemand, cases: readonly LateralCase[]): string {
  let like = `${post.heightIn}|${Math.round(demand.gravityLb)}|${Math.round(demand.upliftLb)}`
  like += `|${Math.round(demand.claddingPlf * 10)}`
  for (const lateral of cases) like += `|${Math.round(lateral.momentFtLb)}|${Math.round(lateral.fieldMomentFtLb)}`
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
  if (own.some((post) => !lateral.cases[post.id])) return { kind: 'no wind' }
  const done = new Map<string, ColumnResult>()
  const ratios: Record<string, number> = {}
  let worst: { readonly post: Post; readonly result: ColumnResult } | null = null
  for (const post of own) {
    const demand = entryOf(demands, post.id)
    const cases = entryOf(lateral.cases, post.id)
    const like = likeness(post, demand, cases)
    const result =
      done.get(like) ?? columnWorst({ building, combinations, basis, post, demand, cases, embedIn: hole.embedIn })
    done.set(like, result)
    ratios[post.id] = result.ratio
    if (!worst || result.ratio > worst.result.ratio) worst = { post, result }
  }
  return worst && { kind: 'worked', basis, own, hardest: worst.post, result: worst.result, ratios }
}

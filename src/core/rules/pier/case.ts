import type { PostName } from '../../layout'
import type { Building } from '../../model'
import { firstOf } from '../../result'
import { cannot, judged } from '../check'

/** What one post on a bracket brings to it, lb: service level, and the pull at strength level for the steel. */
export interface OnBracket {
  readonly post: PostName
  /** 0.6W − 0.6D of the roof, with what wind in the plane of its wall lifts it by. */
  readonly upLb: number
  /** 1.0W − 0.9D, with the same. */
  readonly strengthUpLb: number
  /** Shear square to its wall, and in the plane of it. */
  readonly acrossLb: number
  readonly alongLb: number
}

/** The posts of a building on piers, and what is known of their brackets. */
export interface PierCase {
  readonly pier: Building['pier']
  readonly posts: readonly OnBracket[]
}

/** The post that one of its loads is largest on. */
export const mostOf = (posts: readonly OnBracket[], load: (post: OnBracket) => number): OnBracket =>
  posts.reduce((most, each) => (load(each) > load(most) ? each : most), firstOf(posts))

/**
 * What a bracket or its anchorage is asked for at the post that asks most, lb, against its maker's rating: not checked
 * without one. Null where nothing is asked.
 */
export function ratedCheck<Rule extends string>(
  rule: Rule,
  posts: readonly OnBracket[],
  asks: (post: OnBracket) => number,
  { ratedLb, combination }: { readonly ratedLb: number | null; readonly combination: string },
) {
  const hardest = mostOf(posts, asks)
  const { post } = hardest
  const demandLb = asks(hardest)
  if (demandLb <= 0) return null
  const name = { member: 'pier', rule, place: '', id: `pier-${rule}`, stage: 'holes', subjects: [post.id] } as const
  const facts = { post, demandLb, ratedLb, count: posts.length }
  if (ratedLb === null) return cannot({ ...name, facts })
  return judged({ ...name, group: 'joint', demand: demandLb, capacity: ratedLb, unit: 'lb', combination, facts })
}

import type { PostName } from '../../layout'
import type { Building } from '../../model'
import { firstOf } from '../../result'

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

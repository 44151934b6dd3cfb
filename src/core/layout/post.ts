import type { Side, StringId } from '../model'
import type { Issue } from '../result'

export type PostKind = 'corner' | 'eave' | 'gable' | 'jamb' | 'lean-to'

/** A place for a post in the layout: its string, and what it is on it (`line-3`, `inner-2`, `jamb-op-1-low`). */
export interface PostPlace {
  readonly string: StringId
  readonly place: string
}

/** What a post is referred to by: the identity that everything is keyed by, and the name that people read. */
export interface PostName {
  readonly id: string
  readonly name: string
}

/** What a post is referred to by, apart from all else of it. */
export const named = ({ id, name }: PostName): PostName => ({ id, name })

/** One post of the plan. `atIn` is its centre along its wall from the low corner; x and y its centre in plan. */
export interface Post extends PostName, PostPlace {
  readonly kind: PostKind
  readonly side: Side
  /** Row across the building that it stands in, a key of the rows’ letters; null for posts that only a wall needs. */
  readonly row: string | null
  readonly line: number | null
  readonly atIn: number
  readonly x: number
  readonly y: number
  /** Size in plan, inches: along x and along y. */
  readonly sizeX: number
  readonly sizeY: number
  readonly openingId: string | null
  /** How far it stands from its equal-spacing place, inches. */
  readonly movedIn: number
  /** Kept where it stood: the rest of its row is spaced about it. */
  readonly pinned: boolean
  /** Height above the grade line to the heel, or to the rafter underside at its centre. */
  readonly heightIn: number
}

export interface OmittedPost extends PostName, PostPlace {
  readonly side: Side
  readonly atIn: number
  readonly x: number
  readonly y: number
  /** The opening that it stood in; null where it is bridged. */ readonly openingId: string | null
}

export interface PostLayout {
  readonly posts: readonly Post[]
  readonly omitted: readonly OmittedPost[]
  readonly issues: readonly Issue[]
  /** Letters of the rows across the building: eaves, gable rows (`inner-1`), lean-tos. */
  readonly rows: Readonly<Record<string, string>>
}

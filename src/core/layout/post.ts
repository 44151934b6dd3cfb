import type { Side } from '../model'
import type { Issue } from '../result'

export type PostKind = 'corner' | 'eave' | 'gable' | 'jamb' | 'lean-to'
/** One post of the plan. `atIn` is its centre along its wall from the low corner; x and y its centre in plan. */
export interface Post {
  readonly id: string
  readonly kind: PostKind
  readonly side: Side
  readonly row: string
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
  /** Height above the grade line to the heel, or to the rafter underside at its centre. */
  readonly heightIn: number
  /** Height at the long point of a post cut to the pitch. */
  readonly longPointIn: number
}

export interface OmittedPost {
  readonly id: string
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
  readonly rows: Readonly<Record<string, string>>
}

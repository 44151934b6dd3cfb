import type { Vector } from '../geometry'
import type { Post } from '../layout'
import type { BoardName, Lumber, NailId } from '../model'

/** What a stick is for. */
export const STICK_KINDS = [
  'ply',
  'post',
  'skirt',
  'girt',
  'blocking',
  'buck',
  'track board',
  'purlin',
  'batten',
  'fascia',
  'carrier',
  'header',
  'ledger',
  'rafter',
  'truss',
  'brace',
  'knee',
  'temporary brace',
] as const
export type StickKind = (typeof STICK_KINDS)[number]

/** Whether a stick is a board of a post, or all of one: its state is the post's, and nobody says it twice. */
export const isOfPost = ({ kind }: { readonly kind: StickKind }): boolean => kind === 'ply' || kind === 'post'

/** What a stick is sawn from. Two sticks of one board are bought and cut together. */
export interface StickBoard {
  /** Across its thickness, and across its depth, which `up` points along, inches. */
  readonly widthIn: number
  readonly depthIn: number
  /** Layers in one stick: those of a truss; 1 for every board. */
  readonly plies: number
  /** Its name on the yard's list; null for what is ordered to measure: solid and glue-laminated posts, trusses. */
  readonly size: BoardName | null
  readonly label: string
  readonly lumber: Lumber
  readonly treated: boolean
  readonly weightPlf: number
}

/** How one end of a stick is sawn, and what it rests on. */
export interface End {
  readonly cut: 'square' | 'plumb' | 'level' | 'bevel'
  /** What carries it: a stick, or all the sticks of a post or a truss; null where it is meant to be free. */
  readonly on: string | null
  /**
   * How far the short side stands back from the long one, inches: across the depth (positive: the upper edge is the
   * long one) and across the thickness (positive: the far face is).
   */
  readonly backIn: number
  readonly backAcrossIn: number
}

/** Wood taken out of a stick from one of its edges, from and to along it, as deep as it is at both its ends. */
export interface Cut {
  readonly kind: 'notch' | 'pocket' | "bird's mouth"
  readonly fromIn: number
  readonly toIn: number
  /** Edges of its depth, and faces of its thickness. */
  readonly edge: 'upper' | 'lower' | 'near' | 'far'
  readonly depthIn: readonly [number, number]
}

/** Where a stick belongs: its part of the building, its wall or slope, its row there and its order in the row. */
export interface StickPlace {
  readonly part: PartId
  /** A wall by its side, a slope by its low side; null for what stands by itself. */
  readonly side: string | null
  readonly row: string | null
  readonly order: number
}
export type PartId = 'main' | 'lean-south' | 'lean-north'

/** The part that a post belongs to. */
export const partOfPost = ({ kind, side }: Pick<Post, 'kind' | 'side'>): PartId =>
  kind === 'lean-to' ? `lean-${side === 'north' ? 'north' : 'south'}` : 'main'

/** One piece of the building as it will be made. Lengths in inches, its weight in pounds as it is lifted. */
export interface Stick {
  readonly id: string
  readonly name: string
  readonly kind: StickKind
  readonly place: StickPlace
  /** The post, truss or row whose piece it is. */
  readonly of: string | null
  readonly board: StickBoard
  /** Tip to tip as it is sawn, and the stock that it is bought in; null where none is long enough, or none is bought. */
  readonly cutLengthIn: number
  readonly buyLengthIn: number | null
  readonly weightLb: number
  /** Middle of the piece from tip to tip, and the direction of its depth. */
  readonly at: { readonly from: Vector; readonly to: Vector; readonly up: Vector }
  readonly ends: readonly [End, End]
  readonly cuts: readonly Cut[]
  /** Its side where that is no rectangle: convex quads, each corner along it from its first end and up from its middle. */
  readonly outline: readonly Quad[] | null
}
export type Quad = readonly [Corner, Corner, Corner, Corner]
type Corner = readonly [alongIn: number, upIn: number]

/** What holds a joint: a nail by its kind, or what is bought by the piece. */
export type Fastener =
  | { readonly by: 'nail'; readonly nail: NailId }
  | { readonly by: 'bolt'; readonly diameterIn: number; readonly lengthIn: number }
  /** `fits` is the board or post that it is made for, where it is bought by that. */
  | { readonly by: 'hanger' | 'tie' | 'rafter tie' | 'strap' | 'bracket'; readonly fits?: string }

/** What a joint is, for lists: the kinds that are fastened alike. */
export type JoinKind =
  | 'girt to post'
  | 'girt to girt'
  | 'girt to rafter'
  | 'girt to truss'
  | 'girt to carrier'
  | 'skirt to post'
  | 'buck to girt'
  | 'block to buck'
  | 'track board to girts'
  | 'purlin to truss'
  | 'purlin to rafter'
  | 'block to purlin'
  | 'fascia to truss'
  | 'truss to post'
  | 'bearing block to post'
  | 'truss to carrier'
  | 'truss to gable post'
  | 'carrier to post'
  | 'header to post'
  | 'ledger to post'
  | 'rafter to ledger'
  | 'rafter to post'
  | 'rafter to header'
  | 'rafter to carrier'
  | 'cleat to rafter'
  | 'brace to post'
  | 'strap to post'
  | 'knee to post'
  | 'knee to truss'
  | 'temporary brace to post'
  | 'plies of a post'
  | 'plies of a beam'
  | 'collar to post'
  | 'cleats to post'
  | 'post to bracket'

/** Where one stick meets another, and by what the two are held together. */
export interface Join {
  readonly kind: JoinKind
  readonly stick: string
  /** The other stick, post or truss. */
  readonly to: string
  /** How far along the stick from its first end, inches. */
  readonly atIn: number
  /** How high above the grade line a post is marked for it, inches; null where it meets no post. */
  readonly upIn: number | null
  readonly fastener: Fastener
  readonly count: number
}

/** Two sticks that the plan gives one place, with what a crew is told of it. */
export interface Overlap {
  readonly kind: OverlapKind
  readonly sticks: readonly [string, string]
}
export type OverlapKind =
  | 'end truss and gable wall'
  | 'brace through girts'
  | 'brace across an opening'
  | 'purlins hang below the heel'
  | 'purlins hang below the rafters'
  | 'girts deeper than posts'
  | 'tails below the heel'
  | 'track under the roof'
  | 'truss beside its post'
  | 'below the brackets'
  | 'cleats of posts side by side'
  | 'knee in a bearing block'

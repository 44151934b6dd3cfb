import { lengthOf, minus, type Vector } from '../geometry'
import { IN_PER_FT } from '../units'
import { buyLengthIn, type Buying } from './buy'
import type { Cut, End, Join, Overlap, Stick, StickBoard, StickKind, StickPlace } from './stick'

/** The sticks of one group of a building, how they are held, and what stands in each other's place. */
export interface Made {
  readonly sticks: readonly Stick[]
  readonly joins: readonly Join[]
  readonly overlaps: readonly Overlap[]
}

/** A group that is being made. */
export interface Making {
  readonly buying: Buying
  readonly sticks: Stick[]
  readonly joins: Join[]
  readonly overlaps: Overlap[]
}

/** A group with nothing in it yet. */
export const startMaking = (buying: Buying): Making => ({ buying, sticks: [], joins: [], overlaps: [] })

const NO_CUTS: readonly Cut[] = []

/** An end sawn square on what carries it. */
export const squareOn = (on: string | null): End => ({ cut: 'square', on, backIn: 0, backAcrossIn: 0 })
/** An end that nothing carries, and nothing need. */
export const FREE_END = squareOn(null)

/** What a stick is made from: all but what follows from it. */
export interface Given {
  readonly id: string
  readonly name: string
  readonly kind: StickKind
  readonly place: StickPlace
  readonly of?: string
  readonly board: StickBoard
  readonly from: Vector
  readonly to: Vector
  readonly up: Vector
  readonly ends: readonly [End, End]
  readonly cuts?: readonly Cut[]
  readonly outline?: Stick['outline']
  /** What a stock board must have over the cut; the buyer's own spare where it is not said. */
  readonly spareIn?: number
  /** Ordered as it is: no stock board is looked for. */
  readonly ordered?: boolean
}

/** Wood that a cut takes out, as a length of the whole section. */
function cutAwayIn({ fromIn, toIn, depthIn, edge }: Cut, board: StickBoard): number {
  const across = edge === 'near' || edge === 'far' ? board.widthIn : board.depthIn
  return ((toIn - fromIn) * (depthIn[0] + depthIn[1])) / 2 / across
}

/** Mean length of a stick after its ends are sawn and its cuts taken out, inches: its volume over its section. */
export function netLengthIn({
  cutLengthIn,
  ends,
  cuts,
  board,
}: Pick<Stick, 'cutLengthIn' | 'ends' | 'cuts' | 'board'>) {
  const sawn = ends.reduce((sum, end) => sum + (Math.abs(end.backIn) + Math.abs(end.backAcrossIn)) / 2, 0)
  const taken = cuts.reduce((sum, cut) => sum + cutAwayIn(cut, board), 0)
  return cutLengthIn - sawn - taken
}

/** Makes a stick and puts it into its group. */
export function putStick(making: Making, given: Given): Stick {
  const { id, name, kind, place, board, from, to, up, ends } = given
  const cuts = given.cuts ?? NO_CUTS
  const cutLengthIn = lengthOf(minus(to, from))
  const { buying } = making
  const stick: Stick = {
    id,
    name,
    kind,
    place,
    of: given.of ?? null,
    board,
    cutLengthIn,
    buyLengthIn: given.ordered ? null : buyLengthIn(cutLengthIn, given.spareIn ?? buying.spareIn, buying.stockIn),
    weightLb: (board.weightPlf * netLengthIn({ cutLengthIn, ends, cuts, board })) / IN_PER_FT,
    at: { from, to, up },
    ends,
    cuts,
    outline: given.outline ?? null,
  }
  making.sticks.push(stick)
  return stick
}

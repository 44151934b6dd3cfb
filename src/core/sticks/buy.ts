import type { Job } from '../model'
import { item } from '../result'
import { KERF_IN } from '../pocket/sticks'
import { IN_PER_FT, ROUNDING, toSixteenths } from '../units'
import { isOfPost, type Stick } from './stick'

/** How boards are bought: the yard's lengths, and what a stock board must have over the cut, inches. */
export interface Buying {
  readonly stockIn: readonly number[]
  /** For its ends, which are neither square nor exact. */
  readonly spareIn: number
  /** For the top boards of posts: more where they are set long and cut in place. */
  readonly postSpareIn: number
}

/** How the boards of a job are bought: posts set long are cut to the laser's line where they stand. */
export const buyingOf = ({ buying, fieldwork }: Pick<Job, 'buying' | 'fieldwork'>): Buying => ({
  stockIn: [...buying.stockIn].sort((one, other) => one - other),
  spareIn: buying.spareIn,
  postSpareIn: fieldwork.levelSchool === 'cut-to-laser' ? buying.cutInPlaceIn : buying.spareIn,
})

/**
 * How much longer a post is sawn than it will stand, inches: what is cut off where it stands, less what its board has
 * over anyway for its ends. Nothing where posts are cut to length on the bench.
 */
export const sawnLongIn = ({ spareIn, postSpareIn }: Buying): number => Math.max(0, postSpareIn - spareIn)

/** What is bought for a piece, inches: the stock length that it is cut from, or itself where none is long enough. */
export const boughtIn = (cutIn: number, { spareIn, stockIn }: Buying): number =>
  buyLengthIn(cutIn, spareIn, stockIn) ?? cutIn

/**
 * The shortest stock length that a piece can be cut from, inches: at least its cut and the spare. Null where none on
 * the list is long enough. The only function that turns a cut into what is bought.
 */
export function buyLengthIn(cutIn: number, spareIn: number, stockIn: readonly number[]): number | null {
  for (let i = 0; i < stockIn.length; i++) if (item(stockIn, i) + ROUNDING >= cutIn + spareIn) return item(stockIn, i)
  return null
}

/** How much longer a piece is than its stick is cut, inches; negative where it is too short. */
export const longerIn = ({ cutLengthIn }: Pick<Stick, 'cutLengthIn'>, pieceIn: number): number => pieceIn - cutLengthIn

/** Pieces that come out of one board of so much stock, `spareIn` left over at its end: a short one is not alone on it. */
const outOfOne = (stockIn: number, lengthIn: number, spareIn: number): number =>
  Math.max(1, Math.floor((stockIn - spareIn + KERF_IN) / (lengthIn + KERF_IN) + ROUNDING))

/**
 * Boards for sticks that are bought in one stock, and their feet: those of one length share boards, others do not, so that
 * each can be told apart. Posts, which are cut in place, and what is ordered to measure have one each.
 */
export function boughtTogether(
  sticks: readonly Stick[],
  { spareIn }: Pick<Buying, 'spareIn'>,
): { readonly boards: number; readonly feet: number } {
  const lengths = new Map<number, { readonly stick: Stick; count: number }>()
  for (const stick of sticks) {
    const sixteenths = toSixteenths(stick.cutLengthIn)
    const has = lengths.get(sixteenths)
    if (has) has.count++
    else lengths.set(sixteenths, { stick, count: 1 })
  }
  let [boards, feet] = [0, 0]
  for (const { stick, count } of lengths.values()) {
    const alone = stick.buyLengthIn === null || stick.board.size === null || isOfPost(stick)
    const each = alone ? 1 : outOfOne(stick.buyLengthIn, stick.cutLengthIn, spareIn)
    boards += Math.ceil(count / each)
    feet += Math.ceil(count / each) * boughtFt(stick)
  }
  return { boards, feet }
}

/** What is bought for a stick, feet of board: its stock, or itself where none is long enough. */
export const boughtFt = ({ buyLengthIn, cutLengthIn }: Pick<Stick, 'buyLengthIn' | 'cutLengthIn'>): number =>
  (buyLengthIn ?? cutLengthIn) / IN_PER_FT

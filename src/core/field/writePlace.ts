import type { PostAsBuilt } from './readings'

/** Height that reads well, above the grade line, inches. */
const EYE_IN = 54
/** Least height above the grade line, and least way under the seat, where neither soil nor a truss pocket comes. */
const LOW_IN = 12
const UNDER_SEAT_IN = 14
/** A board at a mark may reach so far either way from it, inches: the widest that is bought, and a hand. */
const BOARD_IN = 13

/**
 * Where a number is written on a post, inches from its foot to the middle of the figure: as near to eye height as leaves
 * every mark a board’s width; farthest from all of them where none does. Null for a post with no room between soil and
 * seat.
 */
export function writePlaceIn({
  marks,
  footToGradeIn,
  seatIn,
}: Pick<PostAsBuilt, 'marks' | 'footToGradeIn' | 'seatIn'>): number | null {
  const from = Math.ceil(Math.max(0, footToGradeIn) + LOW_IN)
  const to = Math.floor(seatIn - UNDER_SEAT_IN)
  if (to < from) return null
  const clearIn = (at: number) =>
    marks.reduce((least, mark) => Math.min(least, Math.abs(mark.fromBottomIn - at)), Infinity)
  const eyeIn = Math.max(0, footToGradeIn) + EYE_IN
  const places = Array.from({ length: to - from + 1 }, (_, k) => from + k)
  const rank = (at: number) => [Math.max(0, BOARD_IN - clearIn(at)), Math.abs(at - eyeIn)] as const
  return places.reduce((best, at) => {
    const [one, other] = [rank(best), rank(at)]
    return other[0] < one[0] || (other[0] === one[0] && other[1] < one[1]) ? at : best
  })
}

import { toSixteenths } from '../units'
import type { PostAsBuilt } from './readings'

/** One number of a card that a newer plan says otherwise; null where the card had it not, or has it no more. Inches. */
export interface CardChange {
  readonly what: 'cut' | 'seat' | 'grade' | 'mark'
  /** Which mark, as it is called on the card. */
  readonly name: string
  readonly beforeIn: number | null
  readonly nowIn: number | null
}

/** The marks of a card by what they are and the wall that they are for. */
const marksOf = (built: PostAsBuilt | null): ReadonlyMap<string, { readonly name: string; readonly upIn: number }> =>
  new Map((built?.marks ?? []).map(({ key, name, fromBottomIn }) => [key, { name, upIn: fromBottomIn }]))

const isSame = (one: number | null, other: number | null): boolean =>
  one === null || other === null ? one === other : toSixteenths(one) === toSixteenths(other)

/**
 * What a post's card says otherwise than it did, to the sixteenth as it is printed. `before` is null for a post that the
 * earlier plan had not.
 */
export function cardChanges(before: PostAsBuilt | null, now: PostAsBuilt): readonly CardChange[] {
  const [had, has] = [marksOf(before), marksOf(now)]
  const marks = [...new Set([...has.keys(), ...had.keys()])].map((key) => ({
    what: 'mark' as const,
    name: has.get(key)?.name ?? had.get(key)?.name ?? key,
    beforeIn: had.get(key)?.upIn ?? null,
    nowIn: has.get(key)?.upIn ?? null,
  }))
  const lengths = (
    [
      ['cut', before?.needIn, now.needIn],
      ['seat', before?.seatIn, now.seatIn],
      ['grade', before?.footToGradeIn, now.footToGradeIn],
    ] as const
  ).map(([what, beforeIn = null, nowIn]) => ({ what, name: what, beforeIn, nowIn }))
  return [...lengths, ...marks].filter(({ beforeIn, nowIn }) => !isSame(beforeIn, nowIn))
}

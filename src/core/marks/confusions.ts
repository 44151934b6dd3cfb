/**
 * Ways in which a number on a rod is read or written wrong, by name. A reading that is off by exactly one of them is
 * likely that and not uneven ground.
 */
export type Confusion = 'three-five-eighths' | 'five-eight' | 'two-five' | 'one-seven' | 'tenths' | 'upside-down'

/** What a reading may have been meant as. */
export interface Meant {
  readonly confusion: Confusion
  readonly inches: number
}

/** Digits that are taken for each other, on a rod and in a hand. */
const DIGITS: readonly (readonly [Confusion, string, string])[] = [
  ['five-eight', '5', '8'],
  ['two-five', '2', '5'],
  ['one-seven', '1', '7'],
]
const MOST_IN = 300
/** Rods are whole feet long, from this on, inches. */
const SHORTEST_ROD_IN = 72

/** Whole inches with one digit of it exchanged, each in its turn. */
function digitsExchanged(whole: number): Meant[] {
  const text = String(whole)
  return DIGITS.flatMap(([confusion, one, other]) =>
    [...text].flatMap((digit, i) => {
      if (digit !== one && digit !== other) return []
      const meant = text.slice(0, i) + (digit === one ? other : one) + text.slice(i + 1)
      return Number(meant) <= MOST_IN ? [{ confusion, inches: Number(meant) }] : []
    }),
  )
}

/**
 * What a reading of `readingIn` (inches, 0 to 300) may have been meant as: 3/8 and 5/8 taken for each other, one digit of
 * the inches for another, or tenths of an inch entered as sixteenths.
 */
export function meantFor(readingIn: number): readonly Meant[] {
  const whole = Math.floor(readingIn)
  const fraction = readingIn - whole
  const sixteenths = Math.round(fraction * 16)
  const found = digitsExchanged(whole).map((meant) => ({ ...meant, inches: meant.inches + fraction }))
  if (sixteenths === 6 || sixteenths === 10)
    found.push({ confusion: 'three-five-eighths', inches: whole + (16 - sixteenths) / 16 })
  if (sixteenths >= 1 && sixteenths <= 9) found.push({ confusion: 'tenths', inches: whole + sixteenths / 10 })
  return found
}

/**
 * Whether a rod held upside down explains a reading where `expectedIn` was expected, to `withinIn` (inches): both then add
 * up to the rod’s length, a whole number of feet.
 */
export function isUpsideDown(readingIn: number, expectedIn: number, withinIn: number): boolean {
  const rodIn = Math.round((readingIn + expectedIn) / 12) * 12
  return rodIn >= SHORTEST_ROD_IN && rodIn <= MOST_IN && Math.abs(readingIn + expectedIn - rodIn) <= withinIn
}

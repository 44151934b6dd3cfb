import * as z from 'zod/mini'

/** What a figure is given: numbers in the unit that their name ends in. Sentences for people are made elsewhere. */

/** A number over 0. */
export const positive = (what: string) => z.number().check(z.positive(), z.lte(MOST), z.describe(what))
/** A number that may be 0. */
export const zeroOrMore = (what: string) => z.number().check(z.nonnegative(), z.lte(MOST), z.describe(what))
/** A number of either sign. */
export const anySign = (what: string) => z.number().check(z.gte(-MOST), z.lte(MOST), z.describe(what))
/** A whole number, `least` or more. */
export const whole = (least: number, what: string) => z.int().check(z.gte(least), z.lte(MOST), z.describe(what))
/** An answer: any number. */
export const answer = (what: string) => z.number().check(z.describe(what))
/** An answer that does not always apply: null where it does not. */
export const answerOrNull = (what: string) => z.nullable(z.number()).check(z.describe(what))

/** Nothing that anybody builds is longer, heavier or more than this, in any unit; past it arithmetic loses sixteenths. */
const MOST = 1e9
/** Marks that one figure gives at most. */
export const MOST_MARKS = 10_000

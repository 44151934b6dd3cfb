import { item } from '../result'

/**
 * Letters for the rows across the building. I and O read as figures; J, S and X name jambs, the row of a south lean-to
 * and extra posts.
 */
const LETTERS = [...'ABCDEFGHKLMNPQRTUVWYZ']

/** The name of a row by its place from the first: A to Z, then AA, AB … */
export const rowLetter = (i: number): string =>
  i < LETTERS.length
    ? item(LETTERS, i)
    : `${rowLetter(Math.floor(i / LETTERS.length) - 1)}${rowLetter(i % LETTERS.length)}`

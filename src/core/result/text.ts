/** Halves of a character that stand alone: what is left where a text was cut inside an emoji. */
const LONE_HALVES = /\p{Surrogate}/gu
const REPLACEMENT = '\uFFFD'

/** A text that every database and font can hold: halves of characters are replaced by the sign for one unreadable. */
export const wellFormed = (text: string): string => text.replace(LONE_HALVES, REPLACEMENT)

/** The first so many places of a text, never with half a character at its end. */
export function cutText(text: string, most: number): string {
  const cut = text.slice(0, most)
  return cut.length < text.length ? cut.replace(/[\uD800-\uDBFF]$/, '') : cut
}

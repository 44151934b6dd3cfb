/** Whole inches that the keypad shows at once. */
export const KEYS = 10
/** First of the ten: a multiple of five, with what is expected well among them. */
export const firstKey = (around: number, most: number): number =>
  Math.max(0, Math.min(Math.ceil((most + 1 - KEYS) / 5) * 5, Math.floor((around - 2) / 5) * 5))
/** Where the keys stand after a step of ten, as what they are about. */
export const stepped = (from: number, by: number, most: number): number =>
  Math.max(0, Math.min(firstKey(most, most), from + by)) + 2

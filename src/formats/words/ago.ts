const MINUTE_MS = 60_000
/** Parts of the past as people say them, the longest first. */
const SPANS = [
  ['day', 24 * 60 * MINUTE_MS],
  ['hour', 60 * MINUTE_MS],
  ['minute', MINUTE_MS],
] as const

/** A clock this far from the office's is said, ms. */
export const CLOCK_OFF_MS = 5 * MINUTE_MS

/** A stretch of time in whole parts of its longest; null under a minute. */
export function spanWords(ms: number): string | null {
  const span = SPANS.find(([, lengthMs]) => ms >= lengthMs)
  if (!span) return null
  const count = Math.floor(ms / span[1])
  return `${count} ${span[0]}${count === 1 ? '' : 's'}`
}

/** How long ago something was, in words. */
export function agoWords(ms: number): string {
  const span = spanWords(ms)
  return span === null ? 'just now' : `${span} ago`
}

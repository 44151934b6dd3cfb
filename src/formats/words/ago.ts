const MINUTE_MS = 60_000
/** Parts of the past as people say them, the longest first. */
const SPANS = [
  ['day', 24 * 60 * MINUTE_MS],
  ['hour', 60 * MINUTE_MS],
  ['minute', MINUTE_MS],
] as const

/** How long ago something was, in words. */
export function agoWords(ms: number): string {
  const span = SPANS.find(([, lengthMs]) => ms >= lengthMs)
  if (!span) return 'just now'
  const count = Math.floor(ms / span[1])
  return `${count} ${span[0]}${count === 1 ? '' : 's'} ago`
}

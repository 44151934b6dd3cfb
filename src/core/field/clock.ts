/**
 * Hybrid logical clock (Kulkarni, Demirbas et al. 2014): the milliseconds of the latest moment known, and a count of
 * what was made within it. A device that has seen a record never makes one that sorts before it, whatever its own
 * clock says; readings of two devices that never met are in the order of their clocks.
 */
const MS_DIGITS = 15
const COUNT_DIGITS = 4
const MOST_COUNT = 10 ** COUNT_DIGITS - 1
export const CLOCK_PATTERN = /^\d{15}-\d{4}$/

/** Sorts as text. */
const written = (ms: number, count: number): string =>
  `${String(Math.max(0, Math.floor(ms))).padStart(MS_DIGITS, '0')}-${String(count).padStart(COUNT_DIGITS, '0')}`

/** Milliseconds of a clock. */
export const clockMs = (clock: string): number => Number(clock.slice(0, MS_DIGITS))

/** The clock of something made at a time on a device that had seen nothing before it, milliseconds since 1970. */
export const clockAt = (ms: number): string => written(ms, 0)

/** The clock of what is made now, after everything seen: `last` is the latest clock that the device knows. */
export function nextClock(last: string | null, nowMs: number): string {
  if (last === null || nowMs > clockMs(last)) return written(nowMs, 0)
  const count = Number(last.slice(MS_DIGITS + 1)) + 1
  return count > MOST_COUNT ? written(clockMs(last) + 1, 0) : written(clockMs(last), count)
}

const compare = (one: string, other: string): number => {
  if (one < other) return -1
  return one > other ? 1 : 0
}

/** What the order of two records is told by. */
export interface Clocked {
  readonly clock: string
  readonly device: string
  readonly id: string
}

/** Earlier first; what two devices made in one instant goes by device and id, the same everywhere. */
export const byClock = (one: Clocked, other: Clocked): number =>
  compare(one.clock, other.clock) || compare(one.device, other.device) || compare(one.id, other.id)

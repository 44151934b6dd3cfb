/** Chance that comes again: the same seed gives the same draws (mulberry32). */
export interface Chance {
  /** From 0 up to 1. */
  readonly share: () => number
  readonly between: (least: number, most: number) => number
  readonly whole: (least: number, most: number) => number
  readonly of: <T>(list: readonly T[]) => T
  readonly happens: (probability: number) => boolean
}

export function chanceOf(seed: number): Chance {
  let state = seed >>> 0
  const share = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), state | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
  const between = (least: number, most: number) => least + share() * (most - least)
  const whole = (least: number, most: number) => Math.floor(between(least, most + 1))
  return {
    share,
    between,
    whole,
    of: (list) => list[whole(0, list.length - 1)],
    happens: (probability) => share() < probability,
  }
}

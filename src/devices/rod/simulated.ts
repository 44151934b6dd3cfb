import { radians } from '@/core/units'
import type { Rod } from './device'

/** A seeded stream of numbers between 0 and 1. */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0 || 1
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = state
    mixed = Math.imul(mixed ^ (mixed >>> 15), mixed | 1)
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61)
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296
  }
}

/**
 * Stand-in rod to practice on: reads to the sixteenth with a little noise; it can be bumped and it can lean (a leaning
 * rod reads too much).
 */
export function simulatedRod(given: {
  readonly seed: number
  readonly heightIn: number
  readonly noiseIn?: number
  readonly leanDeg?: number
}): Rod {
  const random = seededRandom(given.seed)
  let height = given.heightIn
  return {
    read: (depthIn) => {
      const noise = (random() + random() - 1) * (given.noiseIn ?? 1 / 16)
      return Math.max(0, Math.round(((height + depthIn + noise) / Math.cos(radians(given.leanDeg ?? 0))) * 16) / 16)
    },
    bump: (byIn) => {
      height += byIn
    },
  }
}

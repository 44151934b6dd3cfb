import type { Rod } from './device'

/** A seeded stream of numbers between 0 and 1. */
export function seededRandom(seed: number): () => number {
  let s = seed >>> 0 || 1
  return () => {
    s = (s + 0x6d2b79f5) >>> 0
    let t = s
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** Stand-in rod to practise on: reads to the sixteenth with a little noise; it can be bumped and it can lean (a leaning rod reads too much). */
export function simulatedRod(p: {
  readonly seed: number
  readonly heightIn: number
  readonly noiseIn?: number
  readonly leanDeg?: number
}): Rod {
  const random = seededRandom(p.seed)
  let height = p.heightIn
  return {
    read: (depthIn) => {
      const noise = (random() + random() - 1) * (p.noiseIn ?? 1 / 16)
      return Math.max(
        0,
        Math.round(((height + depthIn + noise) / Math.cos(((p.leanDeg ?? 0) * Math.PI) / 180)) * 16) / 16,
      )
    },
    bump: (byIn) => {
      height += byIn
    },
  }
}

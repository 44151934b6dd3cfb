/** Effective length of a column fixed at its foot, over its length: top held still, and free to move. */
const HELD = 0.6991556
const FREE = 2

/** Half of the first two quarter turns, between which the root of a column that sways stands, radians. */
const LEAST_TURN = Math.PI / 2
const MOST_TURN = 4.493409458

const STEPS = 60

/**
 * Effective length K of a column fixed at its foot, pinned at its top and held there sideways by a spring, over its
 * length: from 2 (nothing holds it) to 0.699 (held still). The root of tan α = α − α³/c with c = k·L³/(E·I), K = π/α,
 * by bisection. `springOverColumn` is the spring's stiffness over the column's own, 3·E·I/L³; 0 or more.
 */
export function swayingLength(springOverColumn: number): number {
  const c = 3 * springOverColumn
  if (c <= 0) return FREE
  let [low, high] = [LEAST_TURN, MOST_TURN]
  for (let step = 0; step < STEPS; step++) {
    const turn = (low + high) / 2
    // Both sides times the cosine, so that nothing runs away at a quarter turn; it is negative over the whole range.
    const off = Math.sin(turn) - (turn - turn ** 3 / c) * Math.cos(turn)
    // Past the root for cosines below zero (first half), and turned about for those above.
    const isPast = Math.cos(turn) < 0 ? off < 0 : off > 0
    if (isPast) high = turn
    else low = turn
  }
  return Math.PI / ((low + high) / 2)
}

/**
 * The recommended factor Ke of NDS 2018 Appendix G between a column held at its top and one that is free, by how far
 * its own effective length stands between the two: continuous, with the code's values at both ends (register C07).
 * `share` of its load that a frame keeps, 0 (all held by the roof) to 1 (nothing but itself).
 */
export function swayingKe(share: number, ends: { readonly held: number; readonly free: number }): number {
  if (share <= 0) return ends.held
  const length = swayingLength((1 - Math.min(1, share)) / Math.min(1, share))
  return ends.held + ((ends.free - ends.held) * (length - HELD)) / (FREE - HELD)
}

/**
 * Effective length K of a column that turns freely at both ends and is held at its top by a spring: 1 while the spring
 * holds more than it buckles under, and then what the spring holds, π·√(E·I/(k·L³)).
 */
export const leaningLength = (ei: number, springLbIn: number, lengthIn: number): number =>
  Math.max(1, Math.PI * Math.sqrt(ei / (springLbIn * lengthIn ** 3)))

/** Why something cannot stand at all, however little loads it. */
export type WhyNot =
  /** Longer than 50 times its least width (NDS 2018 3.7.1.4). */
  | 'slender'
  /** A free edge past RB 50 (NDS 2018 3.3.3.7). */
  | 'free edge'
  /** Its load is over what it buckles under. */
  | 'buckles'
  /** Nothing holds it where it would turn or move. */
  | 'mechanism'
  /** No depth in the ground is enough. */
  | 'no depth'
  /** Something loads it, and there is nothing to carry that. */
  | 'nothing carries it'

/** That something cannot stand: a result of its own, with no ratio, worse than any. */
export interface CannotStand {
  readonly cannotStand: WhyNot
}

/** How much of what it can take something is asked for: a ratio, or that it cannot stand. */
export type Use = number | CannotStand

export const cannotStand = (why: WhyNot): CannotStand => ({ cannotStand: why })

/** Whether something stands, so that its use is a ratio. */
export const stands = (use: Use): use is number => typeof use === 'number'

/**
 * Demand over capacity, both in one unit. Nothing asked of nothing is 0; something asked of nothing cannot stand.
 * Throws `RangeError` where either is no finite number: a bug of the caller.
 */
export function usedOf(demand: number, capacity: number): Use {
  if (!Number.isFinite(demand) || !Number.isFinite(capacity))
    throw new RangeError(`no use of ${demand} over ${capacity}`)
  if (capacity > 0) return demand / capacity
  return demand > 0 ? cannotStand('nothing carries it') : 0
}

/** Whether one use is worse than another. Throws `RangeError` for what is no number: nothing compares with it. */
export function isWorse(one: Use, other: Use): boolean {
  if (!stands(one)) return stands(other)
  if (!stands(other)) return false
  if (!Number.isFinite(one) || !Number.isFinite(other)) throw new RangeError(`${one} against ${other}`)
  return one > other
}

/** The worse of two uses; of equal ones the first. */
export const worseOf = (one: Use, other: Use): Use => (isWorse(other, one) ? other : one)

/** The worst of some uses; 0 where there are none. */
export const worstUse = (uses: readonly Use[]): Use => uses.reduce(worseOf, 0)

/** Several uses that come together, as interaction does: their sum, or that one of them cannot stand. */
export const together = (uses: readonly Use[]): Use =>
  uses.reduce<Use>((sum, use) => {
    if (!stands(sum)) return sum
    return stands(use) ? sum + use : use
  }, 0)

/** A use as the ratio that is shown and sent; null where it cannot stand. */
export const ratioOfUse = (use: Use): number | null => (stands(use) ? use : null)

import type { Use } from '../result'

/** Relative tolerance of the reference examples, which are printed to four significant digits. */
const RELATIVE = 5e-4

/**
 * Passes when `got` is within the reference tolerance of `want`, or within `absolute` near zero. A ratio that there is
 * none of, and a use that cannot stand, are near nothing.
 */
export function expectNear(got: Use | null | undefined, want: number, relative = RELATIVE, absolute = 1e-9): void {
  const room = Math.max(Math.abs(want) * relative, absolute)
  if (typeof got !== 'number' || !(Math.abs(got - want) <= room))
    throw new Error(`expected ${want} ± ${room}, got ${JSON.stringify(got)}`)
}

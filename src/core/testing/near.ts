/** Relative tolerance of the reference examples, which are printed to four significant digits. */
const RELATIVE = 5e-4

/** Passes when `got` is within the reference tolerance of `want`, or within `absolute` near zero. */
export function expectNear(got: number, want: number, relative = RELATIVE, absolute = 1e-9): void {
  const room = Math.max(Math.abs(want) * relative, absolute)
  if (!(Math.abs(got - want) <= room)) throw new Error(`expected ${want} ± ${room}, got ${got}`)
}

/** A laser receiver on a rod: gives what it reads at a place whose true height is asked for. */
export interface Rod {
  /** Reading at a point `depthIn` below the benchmark, inches on the rod. */
  readonly read: (depthIn: number) => number
  /** Disturbs the instrument: later readings differ. */
  readonly bump: (byIn: number) => void
}

/** A point load on a member, lb at inches from its start; down (or across a post) positive. */
export interface PointLoad {
  readonly atIn: number
  readonly lb: number
  readonly name?: string
}

/** A line load from `fromIn` to `toIn` that changes linearly, lb per inch. */
export interface LineLoad {
  readonly fromIn: number
  readonly toIn: number
  readonly startLbIn: number
  readonly endLbIn: number
  readonly name?: string
}

/**
 * Load, shear, moment and deflection along a member, for drawing: stations in inches. `upright` members are posts,
 * drawn from the ground up.
 */
export interface Diagram {
  readonly lengthIn: number
  readonly x: readonly number[]
  readonly shearLb: readonly number[]
  readonly momentInLb: readonly number[]
  readonly deflectionIn: readonly number[]
  readonly points: readonly PointLoad[]
  readonly lines: readonly LineLoad[]
  readonly supportsIn: readonly number[]
  readonly upright?: boolean
  /** Moment the member can take, in-lb; null where it is not one number. */
  readonly capacityInLb: number | null
}

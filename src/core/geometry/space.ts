/** A place or a direction in the job's space, inches: x along the length, y across the width, z up from the grade line. */
export type Vector = readonly [x: number, y: number, z: number]

export const plus = (one: Vector, other: Vector): Vector => [one[0] + other[0], one[1] + other[1], one[2] + other[2]]
export const minus = (one: Vector, other: Vector): Vector => [one[0] - other[0], one[1] - other[1], one[2] - other[2]]
export const times = (one: Vector, factor: number): Vector => [one[0] * factor, one[1] * factor, one[2] * factor]
export const dot = (one: Vector, other: Vector): number => one[0] * other[0] + one[1] * other[1] + one[2] * other[2]
export const cross = (one: Vector, other: Vector): Vector => [
  one[1] * other[2] - one[2] * other[1],
  one[2] * other[0] - one[0] * other[2],
  one[0] * other[1] - one[1] * other[0],
]
export const lengthOf = (one: Vector): number => Math.hypot(one[0], one[1], one[2])
/** The same direction, one inch long. Of a direction that has no length, NaN. */
export const unit = (one: Vector): Vector => times(one, 1 / lengthOf(one))

/** A point in plan, inches: x along the length from the south-west string corner, y across the width. */
export interface Point {
  readonly x: number
  readonly y: number
}

/** Straight distance between two points, inches. */
export const distance = (point: Point, other: Point): number => Math.hypot(other.x - point.x, other.y - point.y)

/** A point in plan, inches: x along the length from the south-west string corner, y across the width. */
export interface Point {
  readonly x: number
  readonly y: number
}

/** Straight distance between two points, inches. */
export const distance = (point: Point, other: Point): number => Math.hypot(other.x - point.x, other.y - point.y)

/** Midpoint of two points. */
export const midpoint = (point: Point, other: Point): Point => ({
  x: (point.x + other.x) / 2,
  y: (point.y + other.y) / 2,
})

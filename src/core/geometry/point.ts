/** A point in plan, inches: x along the length from the south-west string corner, y across the width. */
export interface Point {
  readonly x: number
  readonly y: number
}

/** Straight distance between two points, inches. */
export const distance = (point: Point, b: Point): number => Math.hypot(b.x - point.x, b.y - point.y)

/** Midpoint of two points. */
export const midpoint = (point: Point, b: Point): Point => ({ x: (point.x + b.x) / 2, y: (point.y + b.y) / 2 })

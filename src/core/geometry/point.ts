/** A point in plan, inches: x along the length from the south-west string corner, y across the width. */
export interface Point {
  readonly x: number
  readonly y: number
}

/** Straight distance between two points, inches. */
export const distance = (a: Point, b: Point): number => Math.hypot(b.x - a.x, b.y - a.y)

/** Midpoint of two points. */
export const midpoint = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 })

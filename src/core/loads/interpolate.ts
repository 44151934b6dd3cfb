import { firstOf, item } from '../result'
/** Linear interpolation in a table of rising abscissae; held at both ends. */
export function interpolate(x: number, xs: readonly number[], ys: readonly number[]): number {
  if (x <= firstOf(xs)) return firstOf(ys)
  const last = xs.length - 1
  if (x >= item(xs, last)) return item(ys, last)
  const i = xs.findIndex((known) => known > x) - 1
  return item(ys, i) + ((x - item(xs, i)) / (item(xs, i + 1) - item(xs, i))) * (item(ys, i + 1) - item(ys, i))
}

/** Bilinear interpolation: rows by `y`, columns by `x`. */
export const interpolate2 = ({
  x,
  y,
  xs,
  ys,
  rows,
}: {
  x: number
  y: number
  xs: readonly number[]
  ys: readonly number[]
  rows: readonly (readonly number[])[]
}): number =>
  interpolate(
    y,
    ys,
    rows.map((row) => interpolate(x, xs, row)),
  )

/** Linear interpolation in a table of rising abscissae; held at both ends. */
export function interpolate(x: number, xs: readonly number[], ys: readonly number[]): number {
  if (x <= xs[0]) return ys[0]
  const last = xs.length - 1
  if (x >= xs[last]) return ys[last]
  const i = xs.findIndex((known) => known > x) - 1
  return ys[i] + ((x - xs[i]) / (xs[i + 1] - xs[i])) * (ys[i + 1] - ys[i])
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

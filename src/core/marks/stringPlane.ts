import { lastOf, item } from '../result'
import { ROUNDING } from '../units'
import type { Fieldwork } from '../model'

/** A row of posts and the height of its level string above the grade line, inches. */
export interface StringRow {
  readonly row: string
  readonly yIn: number
  readonly heightIn: number
}

/**
 * The made-up ground plane: one level string along each row, each next row's lower by the drop. `rows` in any order;
 * the first is the
 * outermost on the side named. A drop of nought is a level plane, one of the roof's own fall makes every post of that
 * roof alike from its string.
 */
export function stringRows(
  strings: Fieldwork['strings'],
  rows: readonly { readonly row: string; readonly yIn: number }[],
): StringRow[] {
  const order = [...rows].sort((one, other) => (strings.from === 'south' ? one.yIn - other.yIn : other.yIn - one.yIn))
  return order.map((row, k) => ({ ...row, heightIn: strings.heightIn - k * strings.dropPerRowIn }))
}

/**
 * Height of the plane above the grade line at a place across the building: on its string, or between the two beside it.
 * 0 where there is no string.
 */
export function stringHeightAt(rows: readonly StringRow[], yIn: number): number {
  const order = [...rows].sort((one, other) => one.yIn - other.yIn)
  if (order.length === 0) return 0
  const after = order.findIndex((row) => row.yIn >= yIn - ROUNDING)
  if (after < 0) return lastOf(order).heightIn
  if (after === 0 || item(order, after).yIn - yIn < ROUNDING) return item(order, after).heightIn
  const [stringRow, next] = [item(order, after - 1), item(order, after)]
  return (
    stringRow.heightIn + ((next.heightIn - stringRow.heightIn) * (yIn - stringRow.yIn)) / (next.yIn - stringRow.yIn)
  )
}

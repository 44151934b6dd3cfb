import { median, spreadOf } from './robust'

// Readings that are right and stand under the wrong posts: a whole row begun one post late or from its other end, or
// two neighbors exchanged. No single number is wrong then, so it is asked whether another order would explain them.

/** In which way numbers may stand under the wrong posts. */
export type Order = 'shifted' | 'mirror' | 'swapped'
export interface OrderDoubt {
  readonly order: Order
  /** The post at the other end of what was exchanged: the neighbor, or the last of the row. */
  readonly with: string
}

interface Site {
  readonly plannedUpIn?: Readonly<Record<string, number>>
  readonly rows?: readonly (readonly string[])[]
}

/** Posts of a row, and others, that it takes to judge an order. */
const LEAST = 4
const LEAST_SPREAD_IN = 1 / 8
/** An order is doubted where the readings lie so many spreads off, and another one explains them to one spread. */
const OFF_SPREADS = 2.5
const SWAPPED_SPREADS = 1.5

/** Which post a reading of the row would belong to, by its place in it; -1 for none. */
type Reordered = (place: number, of: number) => number
const ORDERS: readonly (readonly [Order, Reordered])[] = [
  ['shifted', (place) => place + 1],
  ['shifted', (place) => place - 1],
  ['mirror', (place, of) => of - 1 - place],
]

/** Middle distance of a row's readings from the plan, were they in this order. */
function missIn(off: readonly number[], middleIn: number): number {
  return off.length < LEAST ? Infinity : median(off.map((value) => Math.abs(value - middleIn)))
}

/** How readings of a row stand to the plan in an order. */
const offIn = (row: readonly string[], readings: ReadonlyMap<string, number>, plan: PlanOf, order: Reordered) =>
  row.flatMap((id, place) => {
    const [reading, planned] = [readings.get(id), plan(row[order(place, row.length)])]
    return reading === undefined || planned === null ? [] : [reading - planned]
  })
type PlanOf = (id: string | undefined) => number | null

/** A row all of whose readings another order explains; null where it stands well as it is. */
function rowDoubt(row: readonly string[], readings: ReadonlyMap<string, number>, plan: PlanOf): Order | null {
  const others = [...readings].flatMap(([id, reading]) => {
    const planned = plan(id)
    return row.includes(id) || planned === null ? [] : [reading - planned]
  })
  if (others.length < LEAST) return null
  const spreadIn = Math.max(LEAST_SPREAD_IN, spreadOf(others))
  const middleIn = median(others)
  const now = missIn(
    offIn(row, readings, plan, (place) => place),
    middleIn,
  )
  if (now <= OFF_SPREADS * spreadIn || now === Infinity) return null
  const better = ORDERS.map(([order, reordered]) => ({
    order,
    missIn: missIn(offIn(row, readings, plan, reordered), middleIn),
  })).sort((one, other) => one.missIn - other.missIn)
  const best = better.at(0)
  return best && best.missIn <= spreadIn ? best.order : null
}

/** Two neighbors of a row whose numbers, exchanged, both fall into place. */
function swaps(row: readonly string[], readings: ReadonlyMap<string, number>, plan: PlanOf): [string, string][] {
  const all = [...readings].flatMap(([id, reading]) => {
    const planned = plan(id)
    return planned === null ? [] : [reading - planned]
  })
  if (all.length <= LEAST) return []
  const [middleIn, spreadIn] = [median(all), Math.max(LEAST_SPREAD_IN, spreadOf(all))]
  const off = (read: string | undefined, at: string | undefined): number => {
    const [reading, planned] = [read === undefined ? undefined : readings.get(read), plan(at)]
    return reading === undefined || planned === null ? NaN : Math.abs(reading - planned - middleIn) / spreadIn
  }
  return row.flatMap((id, i): [string, string][] => {
    const next = row[i + 1]
    const isBad = off(id, id) > SWAPPED_SPREADS && off(next, next) > SWAPPED_SPREADS
    return next !== undefined && isBad && off(id, next) <= 1 && off(next, id) <= 1 ? [[id, next]] : []
  })
}

/** Readings of which two or more of a row are sure show that its order is right. */
const isSure = (row: readonly string[], sure: ReadonlySet<string>): boolean =>
  row.filter((id) => sure.has(id)).length >= 2

/**
 * Readings that likely stand under the wrong posts, held against the plan (inches): a row begun one post late or early,
 * a row from its other end, two neighbors exchanged. Nothing is said where the plan has all places alike.
 */
export function orderDoubts(
  readings: ReadonlyMap<string, number>,
  { plannedUpIn = {}, rows = [] }: Site,
  sure: ReadonlySet<string>,
): ReadonlyMap<string, OrderDoubt> {
  const plan: PlanOf = (id) => (id === undefined ? null : (plannedUpIn[id] ?? null))
  const doubts = new Map<string, OrderDoubt>()
  const doubt = (id: string, order: Order, other: string) => {
    if (readings.has(id) && !sure.has(id)) doubts.set(id, { order, with: other })
  }
  for (const row of rows) {
    const order = isSure(row, sure) ? null : rowDoubt(row, readings, plan)
    if (order !== null) for (const id of row) doubt(id, order, row.at(-1) ?? id)
  }
  for (const [one, other] of rows.flatMap((row) => swaps(row, readings, plan))) {
    if ([one, other].some((id) => doubts.has(id) || sure.has(id))) continue
    doubt(one, 'swapped', other)
    doubt(other, 'swapped', one)
  }
  return doubts
}

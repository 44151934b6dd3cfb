import { firstOf, item, lastOf } from '../result'
import { spacesFor } from '../pocket/equalSpaces'
import { ROUNDING } from '../units'

/** Where rows may stand: how far apart at least and at most, and heights that none may have (ends allowed), inches. */
export interface RowLimits {
  readonly maxGapIn: number
  readonly minGapIn?: number
  readonly forbidden?: readonly (readonly [fromIn: number, toIn: number])[]
}

type Reach = readonly [fromIn: number, toIn: number]

/** What is left of places that rows reach where none may stand between the ends of an interval. */
const without = (reached: readonly Reach[], [fromIn, toIn]: Reach): Reach[] =>
  reached.flatMap((reach) => {
    if (reach[1] <= fromIn + ROUNDING || reach[0] >= toIn - ROUNDING) return [reach]
    const below: Reach = [reach[0], fromIn]
    const above: Reach = [toIn, reach[1]]
    return [below, above].filter((part) => part[1] >= part[0] - ROUNDING)
  })

/** Places run together where they touch. */
function joined(reached: readonly Reach[]): Reach[] {
  const out: Reach[] = []
  for (const reach of [...reached].sort((one, other) => one[0] - other[0])) {
    const last = out.at(-1)
    if (last && reach[0] <= last[1] + ROUNDING) out[out.length - 1] = [last[0], Math.max(last[1], reach[1])]
    else out.push(reach)
  }
  return out
}

const holds = (reached: readonly Reach[], atIn: number): boolean =>
  reached.some((reach) => atIn >= reach[0] - ROUNDING && atIn <= reach[1] + ROUNDING)

/** Where one more row can stand above those places, no higher than `topIn`. */
function oneMore(reached: readonly Reach[], topIn: number, { maxGapIn, minGapIn = 0, forbidden = [] }: RowLimits) {
  const above = reached.map((reach): Reach => [reach[0] + minGapIn, Math.min(topIn, reach[1] + maxGapIn)])
  const open = above.filter((reach) => reach[1] >= reach[0] - ROUNDING)
  return joined(forbidden.reduce<Reach[]>(without, open))
}

/** The row below `atIn` that leaves the even-most space under it: as near to `wantedIn` as the places allow. */
function rowBelow(reached: readonly Reach[], atIn: number, wantedIn: number, { maxGapIn, minGapIn = 0 }: RowLimits) {
  const places = reached.flatMap((reach): number[] => {
    const [lowIn, highIn] = [Math.max(reach[0], atIn - maxGapIn), Math.min(reach[1], atIn - minGapIn)]
    return highIn >= lowIn - ROUNDING ? [Math.min(Math.max(wantedIn, lowIn), Math.max(lowIn, highIn))] : []
  })
  return places.reduce((best, place) => (Math.abs(place - wantedIn) < Math.abs(best - wantedIn) ? place : best))
}

/** Rows above one height up to another, evenly apart, where nothing is in the way. */
function evenRows(fromIn: number, toIn: number, maxGapIn: number): number[] {
  const { count, spaceIn } = spacesFor(toIn - fromIn, maxGapIn)
  return Array.from({ length: count }, (_, i) => (i === count - 1 ? toIn : fromIn + spaceIn * (i + 1)))
}

/**
 * The fewest rows above `fromIn` up to and with `toIn`, within the limits and as even as these allow; null where no rows
 * do. Inches; exact search over all places that so many rows can reach.
 */
export function rowsBetween(fromIn: number, toIn: number, limits: RowLimits): readonly number[] | null {
  if (!limits.minGapIn && !limits.forbidden?.length) return evenRows(fromIn, toIn, limits.maxGapIn)
  const steps: (readonly Reach[])[] = [[[fromIn, fromIn]]]
  const seen = new Set<string>()
  while (!holds(lastOf(steps), toIn) || steps.length === 1) {
    const next = oneMore(lastOf(steps), toIn, limits)
    const state = JSON.stringify(next)
    if (next.length === 0 || seen.has(state)) return null
    seen.add(state)
    steps.push(next)
  }
  const count = steps.length - 1
  const rowsIn = [toIn]
  for (let k = count - 1; k > 0; k--)
    rowsIn.unshift(rowBelow(item(steps, k), firstOf(rowsIn), fromIn + ((toIn - fromIn) * k) / count, limits))
  return rowsIn
}

/**
 * The fewest rows from `bottomIn` to `topIn`, both ends and every required height among them, within the limits; null
 * where no rows do. Inches, any height.
 */
export function fewestRows(
  bottomIn: number,
  topIn: number,
  { requiredIn = [], ...limits }: RowLimits & { readonly requiredIn?: readonly number[] },
): readonly number[] | null {
  const forbidden = limits.forbidden ?? []
  const isForbidden = (atIn: number) => forbidden.some(([lo, hi]) => atIn > lo + ROUNDING && atIn < hi - ROUNDING)
  const stops = [...new Set([bottomIn, ...requiredIn, topIn])].sort((one, other) => one - other)
  if (stops.some(isForbidden)) return null
  const rowsIn = [bottomIn]
  for (const stopIn of stops.slice(1)) {
    const more = rowsBetween(lastOf(rowsIn), stopIn, limits)
    if (!more) return null
    rowsIn.push(...more)
  }
  return rowsIn
}

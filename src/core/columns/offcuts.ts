import { item } from '../result'
import { SAME_IN } from '../units'
import { type CutDemand, usedIn } from './cutting'

/** A board that lies there already, and how many of it. */
export interface Offcut {
  readonly lengthIn: number
  readonly count: number
}

/** What is cut from one board that lies there already. */
export interface OffcutUse {
  readonly lengthIn: number
  readonly takes: readonly number[]
  readonly leftIn: number
}

/**
 * Cuts what can be cut from boards that lie there already, the longest piece into the shortest board that takes it, and
 * then what still fits beside it; what is left to be bought comes back with it.
 */
export function fromOffcuts(
  demands: readonly CutDemand[],
  offcuts: readonly Offcut[],
  kerfIn: number,
): { readonly uses: readonly OffcutUse[]; readonly left: readonly CutDemand[] } {
  const left = demands.map(({ count }) => count)
  const boards = offcuts
    .flatMap(({ lengthIn, count }) => Array.from({ length: count }, () => lengthIn))
    .sort((one, other) => one - other)
  const longestFirst = demands
    .map((_, k) => k)
    .sort((one, other) => item(demands, other).lengthIn - item(demands, one).lengthIn)
  const uses: OffcutUse[] = []
  for (const lengthIn of boards) {
    const takes = demands.map(() => 0)
    const cut: number[] = []
    for (const k of longestFirst)
      while (item(left, k) > 0 && usedIn([...cut, item(demands, k).lengthIn], kerfIn) <= lengthIn + SAME_IN) {
        cut.push(item(demands, k).lengthIn)
        takes[k] = item(takes, k) + 1
        left[k] = item(left, k) - 1
      }
    if (cut.length > 0) uses.push({ lengthIn, takes, leftIn: lengthIn - usedIn(cut, kerfIn) })
  }
  return { uses, left: demands.map((demand, k) => ({ ...demand, count: item(left, k) })) }
}

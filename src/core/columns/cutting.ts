import { item } from '../result'
import { SAME_IN, ROUNDING } from '../units'
/** Pieces of one length, and boards to cut them from. Lengths in inches; `kerfIn` lost at each cut. */
export interface CutDemand {
  readonly lengthIn: number
  readonly count: number
}

export interface StockBoard {
  readonly lengthIn: number
  readonly price: number
}

export interface CutPattern {
  readonly stockIn: number
  readonly price: number
  /** Pieces of each demand, by its order. */ readonly takes: readonly number[]
  readonly offcutIn: number
}

export interface CutPlan {
  readonly boards: readonly { readonly pattern: CutPattern; readonly count: number }[]
  readonly count: number
  readonly price: number
  readonly offcutIn: number
  readonly wastePct: number
  /** Boards that no plan does with fewer of, and the price that none is under. */
  readonly lowerBound: number
  readonly priceBound: number
  readonly proved: boolean
}

const FIT = SAME_IN
/** Most patterns that are listed; beyond it the shorter stock is left to the heuristic. */
const MOST_PATTERNS = 1500

/** Whether pieces fit a board: lengths and a kerf between each. */
export const usedIn = (lengths: readonly number[], kerfIn: number): number =>
  lengths.reduce((sum, length) => sum + length, 0) + Math.max(0, lengths.length - 1) * kerfIn

/**
 * Every way to cut one board of each stock length that leaves no room for another piece (maximal patterns), longest
 * pieces first.
 */
export function cutPatterns(
  demands: readonly CutDemand[],
  stock: readonly StockBoard[],
  kerfIn: number,
): { readonly patterns: readonly CutPattern[]; readonly whole: boolean } {
  const patterns: CutPattern[] = []
  let whole = true
  const order = demands
    .map((_, i) => i)
    .sort((one, other) => item(demands, other).lengthIn - item(demands, one).lengthIn)
  for (const stockBoard of stock) {
    const takes = demands.map(() => 0)
    const walk = (k: number, left: number) => {
      if (patterns.length >= MOST_PATTERNS) {
        whole = false
        return
      }
      if (k === order.length) {
        const room = order.some(
          (i) =>
            item(takes, i) < item(demands, i).count &&
            item(demands, i).lengthIn + (takes.some((take) => take > 0) ? kerfIn : 0) <= left + FIT,
        )
        if (!room && takes.some((take) => take > 0))
          patterns.push({
            stockIn: stockBoard.lengthIn,
            price: stockBoard.price,
            takes: [...takes],
            offcutIn: Math.max(0, left),
          })
        return
      }
      const i = item(order, k)
      const first = !takes.some((take) => take > 0)
      const need = item(demands, i).lengthIn
      let most = 0
      for (let taken = 1; taken <= item(demands, i).count; taken++) {
        const used = taken * need + (taken - 1) * kerfIn + (first ? 0 : kerfIn)
        if (used <= left + FIT) most = taken
        else break
      }
      for (let taken = most; taken >= 0; taken--) {
        takes[i] = taken
        walk(k + 1, taken === 0 ? left : left - taken * need - (taken - 1) * kerfIn - (first ? 0 : kerfIn))
      }
      takes[i] = 0
    }
    walk(0, stockBoard.lengthIn)
  }
  return { patterns, whole }
}

/**
 * Least boards any plan can need, by length alone: all pieces with a kerf each against the longest board, and pieces
 * over half of it one by one.
 */
export function boardBound(demands: readonly CutDemand[], stock: readonly StockBoard[], kerfIn: number): number {
  const longest = Math.max(...stock.map((stockBoard) => stockBoard.lengthIn))
  const total = demands.reduce((sum, demand) => sum + demand.count * (demand.lengthIn + kerfIn), 0)
  const half = demands
    .filter((demand) => demand.lengthIn > (longest - kerfIn) / 2 + FIT)
    .reduce((sum, demand) => sum + demand.count, 0)
  return Math.max(half, Math.ceil(total / (longest + kerfIn) - ROUNDING))
}

/**
 * Least price any plan can have, by length alone: every inch that is used at the price of the cheapest inch that is sold,
 * or the board of the piece that is dearest to buy by itself, whichever is more.
 */
function lengthPriceBound(demands: readonly CutDemand[], stock: readonly StockBoard[], kerfIn: number): number {
  const cheapestInch = Math.min(...stock.map((board) => board.price / (board.lengthIn + kerfIn)))
  const total = demands.reduce((sum, demand) => sum + demand.count * (demand.lengthIn + kerfIn), 0)
  const takers = demands.map((demand) => stock.filter((board) => board.lengthIn + FIT >= demand.lengthIn))
  const dearest = Math.max(0, ...takers.map((boards) => Math.min(...boards.map((board) => board.price))))
  return Math.max(cheapestInch * total, dearest)
}

/**
 * First-fit decreasing over the cheapest board that takes the open pieces: a plan that always exists, and the fallback
 * when no solver answers. Null where a piece is longer than every board.
 */
export function firstFit(demands: readonly CutDemand[], stock: readonly StockBoard[], kerfIn: number): CutPlan | null {
  const sorted = [...stock].sort((one, other) => other.lengthIn - one.lengthIn)
  const longest = sorted[0]
  if (!longest || demands.some((demand) => demand.lengthIn > longest.lengthIn + FIT)) return null
  const pieces = demands
    .flatMap((demand, i) => Array.from({ length: demand.count }, () => i))
    .sort((one, other) => item(demands, other).lengthIn - item(demands, one).lengthIn)
  const open: { takes: number[]; lengths: number[] }[] = []
  for (const piece of pieces) {
    const fit =
      open.find(
        (board) => usedIn([...board.lengths, item(demands, piece).lengthIn], kerfIn) <= longest.lengthIn + FIT,
      ) ??
      (() => {
        const fresh = { takes: demands.map(() => 0), lengths: [] as number[] }
        open.push(fresh)
        return fresh
      })()
    fit.takes[piece] = item(fit.takes, piece) + 1
    fit.lengths.push(item(demands, piece).lengthIn)
  }
  return planOf({
    list: open.map((begun) => {
      const used = usedIn(begun.lengths, kerfIn)
      const board = [...sorted].reverse().find((stockBoard) => stockBoard.lengthIn + FIT >= used) ?? longest
      return {
        pattern: { stockIn: board.lengthIn, price: board.price, takes: begun.takes, offcutIn: board.lengthIn - used },
        count: 1,
      }
    }),
    demands,
    stock,
    kerfIn,
    proved: false,
  })
}

/** Puts boards together as a plan, like ones counted together. */
export function planOf({
  list,
  demands,
  stock,
  kerfIn,
  proved,
}: {
  list: readonly { readonly pattern: CutPattern; readonly count: number }[]
  demands: readonly CutDemand[]
  stock: readonly StockBoard[]
  kerfIn: number
  proved: boolean
}): CutPlan {
  const by = new Map<string, { pattern: CutPattern; count: number }>()
  for (const run of list) {
    const key = `${run.pattern.stockIn}|${run.pattern.takes.join(',')}`
    const has = by.get(key)
    by.set(key, { pattern: run.pattern, count: (has?.count ?? 0) + run.count })
  }
  const boards = [...by.values()].sort(
    (one, other) => other.pattern.stockIn - one.pattern.stockIn || other.count - one.count,
  )
  const sum = (pick: (run: { pattern: CutPattern; count: number }) => number) =>
    boards.reduce((sum, board) => sum + pick(board) * board.count, 0)
  const bought = sum((run) => run.pattern.stockIn)
  const need = demands.reduce((sum, demand) => sum + demand.count * demand.lengthIn, 0)
  return {
    boards,
    count: boards.reduce((sum, board) => sum + board.count, 0),
    price: sum((run) => run.pattern.price),
    offcutIn: sum((run) => run.pattern.offcutIn),
    wastePct: bought > 0 ? (1 - need / bought) * 100 : 0,
    lowerBound: boardBound(demands, stock, kerfIn),
    priceBound: lengthPriceBound(demands, stock, kerfIn),
    proved,
  }
}

/**
 * The cutting problem as text in CPLEX LP format: every piece covered by boards of each pattern, least price. `whole`
 * boards are what a plan is made of; `parts` of boards give a price, and `count` of such parts a number, that no plan of
 * these patterns is under.
 */
export function asLp(
  demands: readonly CutDemand[],
  patterns: readonly CutPattern[],
  what: 'whole' | 'parts' | 'count' = 'whole',
): string {
  const term = (i: number, factor: number) => `${factor} x${i}`
  const cover = demands.map(
    (demand, k) =>
      ` c${k}: ` +
      `${patterns.flatMap((pattern, i) => (pattern.takes[k] ? [term(i, pattern.takes[k])] : [])).join(' + ')} >= ` +
      `${demand.count}`,
  )
  return (
    `Minimize\n obj: ` +
    `${patterns.map((pattern, i) => term(i, what === 'count' ? 1 : pattern.price)).join(' + ')}\nSubject ` +
    (`To\n${cover.join('\n')}\nBounds\n${patterns.map((_, i) => ` 0 <= x${i} <= ${MOST_BOARDS}`).join('\n')}\n` +
      `${what === 'whole' ? `General\n ${patterns.map((_, i) => `x${i}`).join(' ')}\n` : ''}End\n`)
  )
}

/** Most boards of one pattern. */
const MOST_BOARDS = 100000

/** Like lengths to the sixteenth counted together, longest first. */
export function countLengths(lengthsIn: readonly number[]): CutDemand[] {
  const by = new Map<number, number>()
  for (const lengthIn of lengthsIn) {
    const sixteenths = Math.ceil(lengthIn * 16 - SAME_IN)
    by.set(sixteenths, (by.get(sixteenths) ?? 0) + 1)
  }
  return [...by]
    .sort((one, other) => other[0] - one[0])
    .map(([sixteenths, count]) => ({ lengthIn: sixteenths / 16, count }))
}

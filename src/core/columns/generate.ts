import { item } from '../result'
import { NEGLIGIBLE, ROUNDING } from '../units'
import { asLp, type CutDemand, type CutPattern, type StockBoard } from './cutting'
import type { CutRequest, LpSolver } from './request'

/** Patterns for boards of many lengths, with a price that no plan is under. */
export interface Generated {
  readonly patterns: readonly CutPattern[]
  readonly priceBound: number
}

/** Lengths are told apart to a sixteenth; kerfs to a thirty-second. */
const UNITS = 32
/** Most rounds of looking for better patterns. */
const MOST_ROUNDS = 80

/** A pattern with what it leaves. */
function patternOf(stock: StockBoard, takes: readonly number[], demands: readonly CutDemand[], kerfIn: number) {
  const pieces = takes.reduce((sum, take) => sum + take, 0)
  const lengthIn = takes.reduce((sum, take, k) => sum + take * item(demands, k).lengthIn, 0)
  const offcutIn = stock.lengthIn - lengthIn - Math.max(0, pieces - 1) * kerfIn
  return { stockIn: stock.lengthIn, price: stock.price, takes, offcutIn }
}

/** As many pieces of one length as a board gives, for each length and each board that is long enough. */
function plainPatterns({ demands, stock, kerfIn }: CutRequest): CutPattern[] {
  return demands.flatMap(({ lengthIn, count }, k) =>
    stock
      .filter((board) => board.lengthIn + ROUNDING >= lengthIn)
      .map((board) => {
        const fit = Math.floor((board.lengthIn + kerfIn) / (lengthIn + kerfIn) + ROUNDING)
        const takes = demands.map((_, i) => (i === k ? Math.min(count, Math.max(1, fit)) : 0))
        return patternOf(board, takes, demands, kerfIn)
      }),
  )
}

/**
 * The worthiest way to cut every length of board up to the longest, by what each piece is worth: for each capacity its
 * worth and the last piece taken. Pieces may be taken more often than they are wanted, which only lowers the bound.
 */
function worthiest({ demands, stock, kerfIn }: CutRequest, worth: readonly number[]) {
  const longest = Math.max(...stock.map(({ lengthIn }) => lengthIn))
  const capacity = Math.floor((longest + kerfIn) * UNITS + ROUNDING)
  const sizes = demands.map(({ lengthIn }) => Math.ceil((lengthIn + kerfIn) * UNITS - ROUNDING))
  const best = new Float64Array(capacity + 1)
  const last = new Int32Array(capacity + 1).fill(-1)
  for (let at = 1; at <= capacity; at++) {
    best[at] = item(best, at - 1)
    last[at] = -1
    for (let k = 0; k < sizes.length; k++) {
      const size = item(sizes, k)
      if (size > at) continue
      const value = item(best, at - size) + item(worth, k)
      if (value > item(best, at) + NEGLIGIBLE) {
        best[at] = value
        last[at] = k
      }
    }
  }
  /** The pieces of the worthiest way to cut a board. */
  const takesOf = (board: StockBoard): readonly number[] => {
    const takes = demands.map(() => 0)
    let at = Math.floor((board.lengthIn + kerfIn) * UNITS + ROUNDING)
    while (at > 0) {
      const k = item(last, at)
      if (k < 0) at--
      else {
        takes[k] = item(takes, k) + 1
        at -= item(sizes, k)
      }
    }
    return takes
  }
  const worthOf = (board: StockBoard): number => item(best, Math.floor((board.lengthIn + kerfIn) * UNITS + ROUNDING))
  return { takesOf, worthOf }
}

/**
 * Patterns for a list of pieces that is too long to list every pattern of it: beginning with plain ones, the solver says
 * what each piece is worth, and every board's worthiest pattern joins the list while it is worth more than its price
 * (column generation). What the pieces are worth in the end, scaled so that no pattern is worth more than its price, is a
 * price that no plan is under.
 */
export function generatePatterns(request: CutRequest, solver: LpSolver): Generated {
  const { demands, stock, kerfIn } = request
  const patterns = plainPatterns(request)
  const seen = new Set(patterns.map(({ stockIn, takes }) => `${stockIn}|${takes.join()}`))
  let priceBound = 0
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const answer = solver.solve(asLp(demands, patterns, 'parts'))
    if (answer.Status !== 'Optimal' || !answer.Rows) break
    const worth = demands.map((_, k) => Math.max(0, answer.Rows?.[k]?.Dual ?? 0))
    const { takesOf, worthOf } = worthiest(request, worth)
    const total = demands.reduce((sum, { count }, k) => sum + count * item(worth, k), 0)
    const scale = stock.reduce((least, board) => {
      const value = worthOf(board)
      return value > 0 ? Math.min(least, board.price / value) : least
    }, 1)
    priceBound = Math.max(priceBound, total * scale)
    let added = 0
    for (const board of stock) {
      if (worthOf(board) <= board.price + NEGLIGIBLE) continue
      const takes = takesOf(board)
      const key = `${board.lengthIn}|${takes.join()}`
      if (seen.has(key)) continue
      seen.add(key)
      patterns.push(patternOf(board, takes, demands, kerfIn))
      added++
    }
    if (added === 0) break
  }
  return { patterns, priceBound }
}

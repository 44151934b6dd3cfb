import { wallLengthIn, type GirtPiece, type Grid, type PlacedOpening } from '../layout'
import { SIDES, type Building, type Side } from '../model'
import { BAG_YIELD_FT3, bagsFor, byStock, HOLE_WASTE, stockFor, type BagLb } from '../quantities'
import type { HoleKind } from './holes'
import type { ScheduleRow } from './schedule'

export interface StockLine { readonly what: string; readonly stockIn: number | null; readonly count: number }
/** What to order: posts and girts by stock length, concrete by bag and by yard, backfill. */
export interface Takeoff {
  readonly posts: readonly StockLine[]; readonly girts: readonly StockLine[]; readonly skirt: readonly StockLine[]
  readonly concreteFt3: number; readonly concreteYd3: number; readonly wastePct: number; readonly bags: Readonly<Record<BagLb, number>>
  readonly backfillFt3: number; readonly spoilFt3: number
}

/** Spare over a cut length when a board is bought, inches: stock ends are neither square nor exact. */
export const BOARD_SPARE_IN = 1

const FLAT_SPARE_IN = 0

/** Quantities of posts, girts, skirt and concrete. Waste is taken on the total and rounded up once. */
export function takeoff(b: Building, rows: readonly ScheduleRow[], holes: readonly HoleKind[], walls: Readonly<Record<Side, { readonly pieces: readonly GirtPiece[] }>>, grid: Grid, placed: readonly PlacedOpening[]): Takeoff {
  // A girt that spans exactly two bays is bought at that length; only posts need the spare for cutting in place.
  const girtLengths = SIDES.flatMap((s) => walls[s].pieces.map((p) => p.lengthIn))
  const skirtRuns = b.skirt.depthIn > 0 ? SIDES.map((s) => wallLengthIn(grid, s) - placed.filter((o) => o.opening.side === s && o.sillIn === 0).reduce((t, o) => t + o.opening.widthIn, 0)) : []
  const skirtTotal = skirtRuns.reduce((t, r) => t + Math.max(0, r), 0)
  const skirtBoard = stockFor(192, 0) ?? 192
  let concreteFt3 = 0, backfillFt3 = 0, spoilFt3 = 0
  for (const h of holes) {
    concreteFt3 += h.volumes.concreteFt3 * h.postIds.length
    backfillFt3 += h.volumes.backfillFt3 * h.postIds.length
    spoilFt3 += (h.volumes.holeFt3 - h.volumes.backfillFt3) * h.postIds.length
  }
  const bags = Object.fromEntries((Object.keys(BAG_YIELD_FT3) as unknown as BagLb[]).map((k) => [k, bagsFor(concreteFt3, k)])) as Record<BagLb, number>
  const post = rows[0]?.section ?? ''
  return {
    posts: byStock(rows.map((r) => r.totalIn), BOARD_SPARE_IN).map((s) => ({ what: post, ...s })),
    girts: byStock(girtLengths, FLAT_SPARE_IN).map((s) => ({ what: `${b.girts.size.replace('x', '×')} ${b.girts.lumber}`, ...s })),
    skirt: skirtTotal > 0 ? [{ what: 'treated skirt board', stockIn: skirtBoard, count: Math.ceil(skirtTotal / skirtBoard - 1e-9) }] : [],
    concreteFt3, concreteYd3: (concreteFt3 * (1 + HOLE_WASTE)) / 27, wastePct: HOLE_WASTE * 100, bags, backfillFt3, spoilFt3,
  }
}

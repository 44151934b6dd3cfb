import { IN_PER_FT } from '../units'
import type { Grid, TrussPlan } from '../layout'
import type { BoardName, Job } from '../model'
import { priceBook, stockFor } from '../quantities'
import { postSize } from '../wood'
import { BOARD_SPARE_IN, type Boards } from './boards'
import type { JointLine } from './joints'
import type { ScheduleRow } from './schedule'

/** One line of the cost: what, how much of it, what it costs in dollars, and how many pieces it is. */
export interface CostLine {
  readonly what: string
  readonly quantity: number
  readonly unit: string
  readonly cost: number
  readonly pieces: number
}

type Prices = ReturnType<typeof priceBook>

/** What is counted before it is priced. */
export interface Counted {
  readonly job: Job
  readonly grid: Grid
  readonly plan: TrussPlan
  readonly rows: readonly ScheduleRow[]
  readonly girts: readonly Boards[]
  readonly skirt: Boards
  readonly roof: readonly Boards[]
  readonly joints: readonly JointLine[]
  readonly dugFt: number
  readonly bags80: number
  readonly gravelYd3: number
  /** Upright bars of all piers together. */
  readonly barFt: number
}

/** Feet of stock bought for a piece: the whole stock length it is cut from. */
const boughtFt = (lengthIn: number): number => (stockFor(lengthIn, 0) ?? lengthIn) / IN_PER_FT

function boardCost(prices: Prices, what: string, list: readonly Boards[]): CostLine {
  let [quantity, cost, pieces] = [0, 0, 0]
  for (const boards of list) {
    const price = prices.board(boards.size, boards.lumber, boards.treated)
    for (const lengthIn of boards.lengthsIn) {
      quantity += boughtFt(lengthIn)
      cost += boughtFt(lengthIn) * price
      pieces++
    }
  }
  return { what, quantity, unit: 'ft', cost, pieces }
}

function columnCost(prices: Prices, { post }: Job['building'], rows: readonly ScheduleRow[]): CostLine {
  const size = postSize(post)
  const feet = rows.reduce((sum, row) => sum + boughtFt(row.totalIn + BOARD_SPARE_IN), 0)
  const costOf = () => {
    switch (size.wood) {
      case 'laminated':
        return feet * size.plies * prices.board(`2x${size.nominal}` as BoardName, post.lumber, true)
      case 'solid':
        return feet * prices.of('solid 6x6')
      default:
        return feet * size.areaIn2 * prices.of('glue-laminated column')
    }
  }
  const pieces = rows.length * (size.wood === 'laminated' ? size.plies : 1)
  return { what: 'posts', quantity: feet, unit: 'ft', cost: costOf(), pieces }
}

/** The price list's name of a fastener of the take-off. */
function fastenerItem(fastener: string): string {
  if (/^bolt|^tie|^strap|^hanger/.test(fastener)) return fastener
  return fastener.startsWith('ring') ? 'ring-shank nail' : 'common nail'
}

/** What the frame costs by the price list, line by line; lines of nothing are left out. */
export function costLines(counted: Counted): CostLine[] {
  const { job, grid, plan, rows, roof, joints } = counted
  const { building } = job
  const prices = priceBook(job.sizing.prices)
  const priced = (what: string, quantity: number, unit: string, item: string): CostLine => ({
    what,
    quantity,
    unit,
    cost: quantity * prices.of(item),
    pieces: 0,
  })
  const trusses = plan.trusses.length
  const trussFeet = trusses * building.roof.truss.plies * (grid.widthIn / IN_PER_FT)
  return [
    columnCost(prices, building, rows),
    priced('holes', counted.dugFt, 'ft', 'hole dug'),
    priced('concrete, 80 lb bags', counted.bags80, 'bags', 'concrete 80 lb'),
    priced('gravel', counted.gravelYd3, 'yd³', 'gravel'),
    ...(building.school === 'pier'
      ? [
          priced('post brackets', rows.length, 'each', 'post bracket'),
          priced('upright bars in piers', counted.barFt, 'ft', 'reinforcing bar'),
        ]
      : []),
    boardCost(prices, 'girts', counted.girts),
    boardCost(prices, 'skirt', [counted.skirt]),
    ...[...new Set(roof.map((boards) => boards.what))].map((what) =>
      boardCost(
        prices,
        what,
        roof.filter((boards) => boards.what === what),
      ),
    ),
    { what: 'trusses', quantity: trusses, unit: 'each', cost: trussFeet * prices.of('truss'), pieces: trusses },
    {
      what: 'bolts, nails and ties',
      quantity: joints.reduce((sum, joint) => sum + joint.total, 0),
      unit: 'each',
      cost: joints.reduce((sum, joint) => sum + joint.total * prices.of(fastenerItem(joint.fastener)), 0),
      pieces: 0,
    },
    priced('labor by bays', grid.baysIn.length, 'bays', 'bay of labour'),
  ].filter((costLine) => costLine.quantity > 0)
}

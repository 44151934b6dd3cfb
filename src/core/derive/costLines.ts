import type { Job } from '../model'
import { priceBook } from '../quantities'
import { IN_PER_FT } from '../units'
import { postSize } from '../wood'
import type { HardwareLine } from './hardwareList'
import { type LumberLine, spareBoards } from './lumberList'

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
  readonly bays: number
  readonly lumber: readonly LumberLine[]
  readonly hardware: readonly HardwareLine[]
  readonly trusses: number
  readonly trussSpanIn: number
  readonly posts: number
  readonly dugFt: number
  readonly bags80: number
  readonly gravelYd3: number
  /** Upright bars of all piers together. */
  readonly barFt: number
}

/** Price of a foot of a line of lumber. */
function perFoot(prices: Prices, { post }: Job['building'], { size, lumber, treated }: LumberLine): number {
  if (size !== null) return prices.board(size, lumber, treated)
  const column = postSize(post)
  return column.wood === 'solid' ? prices.of('solid 6x6') : column.areaIn2 * prices.of('glue-laminated column')
}

/** Lumber by its use, boards to spare included. */
function lumberCosts({ job, lumber }: Counted, prices: Prices): CostLine[] {
  const lines = new Map<string, CostLine>()
  for (const line of lumber) {
    const [what = line.what] = line.what.split(', ')
    const pieces = line.boards + spareBoards(job.buying, line.boards)
    const feet = (line.feet / line.boards) * pieces
    const before = lines.get(what) ?? { what, quantity: 0, unit: 'ft', cost: 0, pieces: 0 }
    lines.set(what, {
      ...before,
      quantity: before.quantity + feet,
      cost: before.cost + feet * perFoot(prices, job.building, line),
      pieces: before.pieces + pieces,
    })
  }
  return [...lines.values()]
}

/** What the frame costs by the price list, line by line; lines of nothing are left out. */
export function costLines(counted: Counted): CostLine[] {
  const { job, bays, hardware, trusses, trussSpanIn } = counted
  const { building } = job
  const prices = priceBook(job.sizing.prices)
  const priced = (what: string, quantity: number, unit: string, item: string): CostLine => ({
    what,
    quantity,
    unit,
    cost: quantity * prices.of(item),
    pieces: 0,
  })
  const trussFeet = trusses * building.roof.truss.plies * (trussSpanIn / IN_PER_FT)
  const screws = hardware.filter(({ item }) => item === 'screw')
  const held = hardware.filter(({ item }) => item !== 'screw')
  const costOf = (lines: readonly HardwareLine[]) =>
    lines.reduce((sum, { order, item }) => sum + order * prices.of(item), 0)
  const countOf = (lines: readonly HardwareLine[]) => lines.reduce((sum, { order }) => sum + order, 0)
  return [
    ...lumberCosts(counted, prices),
    priced('holes', counted.dugFt, 'ft', 'hole dug'),
    priced('concrete, 80 lb bags', counted.bags80, 'bags', 'concrete 80 lb'),
    priced('gravel', counted.gravelYd3, 'yd³', 'gravel'),
    priced('upright bars in piers', counted.barFt, 'ft', 'reinforcing bar'),
    { what: 'trusses', quantity: trusses, unit: 'each', cost: trussFeet * prices.of('truss'), pieces: trusses },
    {
      what: 'bolts, nails, ties, hangers and brackets',
      quantity: countOf(held),
      unit: 'each',
      cost: costOf(held),
      pieces: 0,
    },
    { what: 'skin screws', quantity: countOf(screws), unit: 'each', cost: costOf(screws), pieces: 0 },
    priced('labor by bays', bays, 'bays', 'bay of labour'),
  ].filter((costLine) => costLine.quantity > 0)
}

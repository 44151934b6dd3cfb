import { FT3_PER_YD3, IN_PER_FT, ROUNDING } from '../units'
import {
  type GirtPiece,
  type Grid,
  onWall,
  type PlacedOpening,
  type Post,
  type TrussPlan,
  wallLengthIn,
} from '../layout'
import { type BoardName, type Job, type Side, SIDES } from '../model'
import {
  BAG_YIELD_FT3,
  type BagLb,
  bagsFor,
  byStock,
  GRAVEL_LOOSE,
  HOLE_WASTE,
  looseSpoilFt3,
  priceBook,
  stockFor,
} from '../quantities'
import { boardSize, postSize, weightPlf } from '../wood'
import { BOARD_SPARE_IN, type Boards, roofBoards } from './boards'
import type { BraceLine } from './braceLines'
import type { HoleKind } from './holes'
import { type JointLine, jointList } from './joints'
import { purlinRows } from './purlins'
import type { ScheduleRow } from './schedule'

interface StockLine {
  readonly what: string
  readonly stockIn: number | null
  readonly count: number
}

interface CostLine {
  readonly what: string
  readonly quantity: number
  readonly unit: string
  readonly cost: number
  readonly pieces: number
}

/**
 * What to order: posts, boards and trusses by stock length, fasteners, concrete by bag and by yard, backfill, and what
 * it costs by the price list.
 */
export interface Takeoff {
  readonly posts: readonly StockLine[]
  readonly girts: readonly StockLine[]
  readonly skirt: readonly StockLine[]
  readonly roof: readonly StockLine[]
  readonly joints: readonly JointLine[]
  readonly concreteFt3: number
  readonly concreteYd3: number
  readonly wastePct: number
  readonly bags: Readonly<Record<BagLb, number>>
  readonly backfillFt3: number
  /** Earth augered, as it lay in the ground. */ readonly augerFt3: number
  /** Earth left over, loose. */ readonly spoilFt3: number
  /** Gravel to order, loose. */ readonly gravelYd3: number
  readonly cost: readonly CostLine[]
  readonly totalCost: number
  readonly boards: number
  readonly heaviestLb: number
  readonly heaviest: string
}

export interface TakeoffInput {
  readonly job: Job
  readonly rows: readonly ScheduleRow[]
  readonly posts: readonly Post[]
  readonly holes: readonly HoleKind[]
  readonly walls: Readonly<Record<Side, { readonly pieces: readonly GirtPiece[] }>>
  readonly grid: Grid
  readonly placed: readonly PlacedOpening[]
  readonly plan: TrussPlan
  readonly lines: readonly BraceLine[]
}

/** Concrete and gravel of all holes, and the bags of each size. */
function concreteOf(holes: readonly HoleKind[]) {
  let concreteFt3 = 0,
    backfillFt3 = 0,
    augerFt3 = 0,
    dugFt = 0,
    gravelFt3 = 0
  for (const hole of holes) {
    concreteFt3 += hole.volumes.concreteFt3 * hole.postIds.length
    backfillFt3 += hole.volumes.backfillFt3 * hole.postIds.length
    augerFt3 += hole.volumes.holeFt3 * hole.postIds.length
    gravelFt3 += hole.volumes.gravelFt3 * hole.postIds.length
    dugFt += (hole.digIn / IN_PER_FT) * hole.postIds.length
  }
  const bags = Object.fromEntries(
    (Object.keys(BAG_YIELD_FT3) as unknown as BagLb[]).map((key) => [key, bagsFor(concreteFt3, key)]),
  ) as Record<BagLb, number>
  const gravelYd3 = (gravelFt3 * (1 + GRAVEL_LOOSE)) / FT3_PER_YD3
  return { dugFt, bags, gravelYd3, concreteFt3, backfillFt3, augerFt3 }
}

/** Quantities and cost of the whole frame. Waste is taken on the total and rounded up once. */
export function takeoff(takeoffInput: TakeoffInput): Takeoff {
  const { job, rows, holes, grid } = takeoffInput
  const building = job.building
  const prices = priceBook(job.sizing.prices)
  const girts = SIDES.filter((side) => !building.openSides.includes(side)).map((side): Boards => ({
    what: 'girts',
    size: onWall(building, side).girts.size,
    lumber: onWall(building, side).girts.lumber,
    lengthsIn: Array.from({ length: building.girts.plies }, () =>
      takeoffInput.walls[side].pieces.map((piece) => piece.lengthIn),
    ).flat(),
  }))
  const skirtRuns =
    building.skirt.depthIn > 0
      ? SIDES.filter((side) => !building.openSides.includes(side)).map(
          (side) =>
            wallLengthIn(grid, side) -
            takeoffInput.placed
              .filter((placed) => placed.opening.side === side && placed.sillIn === 0)
              .reduce((sum, placed) => sum + placed.opening.widthIn, 0),
        )
      : []
  const skirtTotal = skirtRuns.reduce((most, skirtRun) => most + Math.max(0, skirtRun), 0)
  const skirtBoard = stockFor(192, 0) ?? 192
  const roof = roofBoards(building, grid, takeoffInput.plan, takeoffInput.lines)
  const { dugFt, bags, gravelYd3, concreteFt3, backfillFt3, augerFt3 } = concreteOf(holes)
  const size = postSize(building.post)
  const group = (list: readonly Boards[]): StockLine[] => {
    const by = new Map<string, number[]>()
    for (const boards of list) {
      const name = `${boards.what}, ${boards.size.replace('x', '×')} ${boards.lumber}`
      const has = by.get(name)
      if (has) has.push(...boards.lengthsIn)
      else by.set(name, [...boards.lengthsIn])
    }
    return [...by].flatMap(([what, lengths]) => byStock(lengths, 0).map((stock) => ({ what, ...stock })))
  }
  const purlinJoints = purlinRows(building, grid) * takeoffInput.plan.trusses.length
  const joints = jointList({
    building,
    posts: takeoffInput.posts,
    plan: takeoffInput.plan,
    pieces: SIDES.filter((side) => !building.openSides.includes(side)).reduce(
      (sum, side) => sum + takeoffInput.walls[side].pieces.length,
      0,
    ),
    purlinJoints,
    holes,
    rows,
    lines: takeoffInput.lines,
  })

  const bought = (lengthIn: number) => (stockFor(lengthIn, 0) ?? lengthIn) / IN_PER_FT
  const boardCost = (what: string, list: readonly Boards[]): CostLine => {
    let feet = 0,
      cost = 0,
      pieces = 0
    for (const boards of list) {
      const price = prices.board(boards.size, boards.lumber, boards.treated)
      for (const lengthIn of boards.lengthsIn) {
        const boardIn = bought(lengthIn)
        feet += boardIn
        cost += boardIn * price
        pieces++
      }
    }
    return { what, quantity: feet, unit: 'ft', cost, pieces }
  }
  const postFeet = rows.reduce((sum, row) => sum + bought(row.totalIn + BOARD_SPARE_IN), 0)
  const columnPrice = () => {
    if (size.wood === 'laminated')
      return postFeet * size.plies * prices.board(`2x${size.nominal}` as BoardName, building.post.lumber, true)
    if (size.wood === 'solid') return postFeet * prices.of('solid 6x6')
    return postFeet * size.areaIn2 * prices.of('glue-laminated column')
  }
  const postCost = columnPrice()
  const fastenerCost = joints.reduce((sum, joint) => {
    const fastenerName = () => {
      if (/^bolt|^tie|^strap/.test(joint.fastener)) return joint.fastener
      if (joint.fastener.startsWith('ring')) return 'ring-shank nail'
      return 'common nail'
    }
    return sum + joint.total * prices.of(fastenerName())
  }, 0)
  const cost: CostLine[] = [
    {
      what: 'posts',
      quantity: postFeet,
      unit: 'ft',
      cost: postCost,
      pieces: rows.length * (size.wood === 'laminated' ? size.plies : 1),
    },
    { what: 'holes', quantity: dugFt, unit: 'ft', cost: dugFt * prices.of('hole dug'), pieces: 0 },
    {
      what: 'concrete, 80 lb bags',
      quantity: bags[80],
      unit: 'bags',
      cost: bags[80] * prices.of('concrete 80 lb'),
      pieces: 0,
    },
    { what: 'gravel', quantity: gravelYd3, unit: 'yd³', cost: gravelYd3 * prices.of('gravel'), pieces: 0 },
    ...(building.school === 'pier'
      ? [
          {
            what: 'post brackets',
            quantity: rows.length,
            unit: 'each',
            cost: rows.length * prices.of('post bracket'),
            pieces: 0,
          },
        ]
      : []),
    boardCost('girts', girts),
    boardCost('skirt', [
      {
        what: 'skirt',
        size: '2x10',
        lumber: building.girts.lumber,
        treated: true,
        lengthsIn: Array.from({ length: Math.ceil(skirtTotal / skirtBoard - ROUNDING) }, () => skirtBoard),
      },
    ]),
    ...[...new Set(roof.map((boards) => boards.what))].map((what) =>
      boardCost(
        what,
        roof.filter((boards) => boards.what === what),
      ),
    ),
    {
      what: 'trusses',
      quantity: takeoffInput.plan.trusses.length,
      unit: 'each',
      cost:
        takeoffInput.plan.trusses.length * building.roof.truss.plies * (grid.widthIn / IN_PER_FT) * prices.of('truss'),
      pieces: takeoffInput.plan.trusses.length,
    },
    {
      what: 'bolts, nails and ties',
      quantity: joints.reduce((sum, joint) => sum + joint.total, 0),
      unit: 'each',
      cost: fastenerCost,
      pieces: 0,
    },
    {
      what: 'labour by bays',
      quantity: grid.baysIn.length,
      unit: 'bays',
      cost: grid.baysIn.length * prices.of('bay of labour'),
      pieces: 0,
    },
  ].filter((costLine) => costLine.quantity > 0)
  const longest = rows.reduce((most, row) => Math.max(most, row.totalIn), 0)
  const sticks = [
    {
      name: size.label,
      lb: (weightPlf(building.post.lumber, size.areaIn2, 19, building.grades) * longest) / IN_PER_FT,
    },
    ...takeoffInput.plan.beams.map((beam) => ({
      name: beam.kind,
      lb:
        (building.roof[beam.kind].plies *
          weightPlf(
            building.roof[beam.kind].lumber,
            boardSize(building.roof[beam.kind].size).areaIn2,
            19,
            building.grades,
          ) *
          beam.spanIn) /
        IN_PER_FT,
    })),
  ]
  const heavy = sticks.reduce((best, stick) => (stick.lb > best.lb ? stick : best))
  return {
    posts: byStock(
      rows.map((row) => row.totalIn),
      BOARD_SPARE_IN,
    ).map((stock) => ({ what: rows[0]?.section ?? '', ...stock })),
    girts: group(girts),
    roof: group(roof),
    skirt:
      skirtTotal > 0
        ? [{ what: 'treated skirt board', stockIn: skirtBoard, count: Math.ceil(skirtTotal / skirtBoard - ROUNDING) }]
        : [],
    joints,
    concreteFt3,
    concreteYd3: (concreteFt3 * (1 + HOLE_WASTE)) / FT3_PER_YD3,
    wastePct: HOLE_WASTE * 100,
    bags,
    backfillFt3,
    augerFt3,
    spoilFt3: looseSpoilFt3(augerFt3, backfillFt3),
    gravelYd3,
    cost,
    totalCost: cost.reduce((sum, costLine) => sum + costLine.cost, 0),
    boards: cost.reduce((sum, costLine) => sum + costLine.pieces, 0),
    heaviestLb: heavy.lb * 1.2,
    heaviest: heavy.name,
  }
}

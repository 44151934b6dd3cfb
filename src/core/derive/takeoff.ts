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
import { type Building, type Job, type Side, SIDES } from '../model'
import {
  BAG_YIELD_FT3,
  type BagLb,
  bagsFor,
  byStock,
  GRAVEL_LOOSE,
  HOLE_WASTE,
  looseSpoilFt3,
  stockFor,
} from '../quantities'
import { boardSize, postSize, weightPlf } from '../wood'
import { BOARD_SPARE_IN, type Boards, roofBoards } from './boards'
import type { BraceLine } from '../frame'
import { type CostLine, costLines } from './costLines'
import type { HoleKind } from '../frame'
import { type JointLine, jointList } from './joints'
import { purlinRows } from '../layout'
import type { ScheduleRow } from './schedule'

/** The board a skirt is bought in: the longest that one person carries, inches. */
const SKIRT_BOARD_IN = 192
/** Moisture of boards as they are lifted, percent, and what is added to a weight for wet wood and guesswork. */
const LIFTED_MOISTURE_PCT = 19
const LIFT_MARGIN = 1.2

interface StockLine {
  readonly what: string
  readonly stockIn: number | null
  readonly count: number
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

/** Upright bars of all piers together, ft: each as long as its pier. */
const barsFt = ({ pier, bracketIn }: Building, holes: readonly HoleKind[]): number =>
  holes.reduce((sum, hole) => sum + hole.postIds.length * pier.bars * ((hole.depthIn + bracketIn) / IN_PER_FT), 0)

/** Walls that have girts and a skirt. */
const closedSides = (building: Building): readonly Side[] => SIDES.filter((side) => !building.openSides.includes(side))

const girtBoards = ({ job, walls }: TakeoffInput): Boards[] =>
  closedSides(job.building).map((side) => {
    const { size, lumber } = onWall(job.building, side).girts
    const plies = Array.from({ length: job.building.girts.plies }, () =>
      walls[side].pieces.map((piece) => piece.lengthIn),
    )
    return { what: 'girts', size, lumber, lengthsIn: plies.flat() }
  })

/** Length of skirt around the building, doors to the ground left out, inches. */
function skirtRunIn({ job, grid, placed }: TakeoffInput): number {
  if (job.building.skirt.depthIn <= 0) return 0
  const runs = closedSides(job.building).map((side) => {
    const doors = placed.filter((placed) => placed.opening.side === side && placed.sillIn === 0)
    return wallLengthIn(grid, side) - doors.reduce((sum, door) => sum + door.opening.widthIn, 0)
  })
  return runs.reduce((sum, run) => sum + Math.max(0, run), 0)
}

/** Boards of one name by the stock length each is cut from. */
function stockLines(list: readonly Boards[]): StockLine[] {
  const lengthsByName = new Map<string, number[]>()
  for (const boards of list) {
    const name = `${boards.what}, ${boards.size.replace('x', '×')} ${boards.lumber}`
    lengthsByName.set(name, [...(lengthsByName.get(name) ?? []), ...boards.lengthsIn])
  }
  return [...lengthsByName].flatMap(([what, lengths]) => byStock(lengths, 0).map((stock) => ({ what, ...stock })))
}

/** The heaviest thing that is lifted: a post or a beam of the roof. */
function heaviestStick(building: Building, rows: readonly ScheduleRow[], plan: TrussPlan) {
  const column = postSize(building.post)
  const longestIn = rows.reduce((most, row) => Math.max(most, row.totalIn), 0)
  const columnPlf = weightPlf(building.post.lumber, column.areaIn2, LIFTED_MOISTURE_PCT, building.grades)
  const beams = plan.beams.map((beam) => {
    const { plies, lumber, size } = building.roof[beam.kind]
    const plf = plies * weightPlf(lumber, boardSize(size).areaIn2, LIFTED_MOISTURE_PCT, building.grades)
    return { name: beam.kind, lb: (plf * beam.spanIn) / IN_PER_FT }
  })
  return [{ name: column.label, lb: (columnPlf * longestIn) / IN_PER_FT }, ...beams].reduce((best, stick) =>
    stick.lb > best.lb ? stick : best,
  )
}

/** Quantities and cost of the whole frame. Waste is taken on the total and rounded up once. */
export function takeoff(input: TakeoffInput): Takeoff {
  const { job, rows, holes, grid, plan, lines } = input
  const { building } = job
  const girts = girtBoards(input)
  const skirtIn = skirtRunIn(input)
  const skirtBoardIn = stockFor(SKIRT_BOARD_IN, 0) ?? SKIRT_BOARD_IN
  const skirtBoards = Math.ceil(skirtIn / skirtBoardIn - ROUNDING)
  const roof = roofBoards(building, grid, plan, lines)
  const { dugFt, bags, gravelYd3, concreteFt3, backfillFt3, augerFt3 } = concreteOf(holes)
  const joints = jointList({
    building,
    posts: input.posts,
    plan,
    pieces: closedSides(building).reduce((sum, side) => sum + input.walls[side].pieces.length, 0),
    purlinJoints: purlinRows(building, grid) * plan.trusses.length,
    holes,
    rows,
    lines,
  })
  const skirt: Boards = {
    what: 'skirt',
    size: '2x10',
    lumber: building.girts.lumber,
    treated: true,
    lengthsIn: Array.from({ length: skirtBoards }, () => skirtBoardIn),
  }
  const barFt = barsFt(building, holes)
  const cost = costLines({
    job,
    grid,
    plan,
    rows,
    girts,
    skirt,
    roof,
    joints,
    dugFt,
    bags80: bags[80],
    gravelYd3,
    barFt,
  })
  const heaviest = heaviestStick(building, rows, plan)
  return {
    posts: byStock(
      rows.map((row) => row.totalIn),
      BOARD_SPARE_IN,
    ).map((stock) => ({ what: rows[0]?.section ?? '', ...stock })),
    girts: stockLines(girts),
    roof: stockLines(roof),
    skirt: skirtIn > 0 ? [{ what: 'treated skirt board', stockIn: skirtBoardIn, count: skirtBoards }] : [],
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
    heaviestLb: heaviest.lb * LIFT_MARGIN,
    heaviest: heaviest.name,
  }
}

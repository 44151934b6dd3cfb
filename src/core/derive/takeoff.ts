import type { HoleKind } from '../frame'
import type { Grid, TrussPlan } from '../layout'
import type { Building, Job } from '../model'
import { BAG_YIELD_FT3, type BagLb, bagsFor, GRAVEL_LOOSE, HOLE_WASTE, looseSpoilFt3 } from '../quantities'
import { type Stick, type Sticks, skinScrews } from '../sticks'
import { FT3_PER_YD3, IN_PER_FT } from '../units'
import { type CostLine, costLines } from './costLines'
import { type HardwareLine, hardwareList, type JointLine, jointList } from './hardwareList'
import { type LumberLine, lumberList, spareBoards } from './lumberList'

/** What is added to a weight for wet wood and guesswork. */
const LIFT_MARGIN = 1.2

/** A line of lumber with what is bought of it to spare. */
interface OrderedLumber extends LumberLine {
  readonly spare: number
}

/**
 * What to order, read off the sticks and their joins: lumber by stock length, hardware, trusses, concrete by bag and by
 * yard, backfill, and what it costs by the price list.
 */
export interface Takeoff {
  readonly lumber: readonly OrderedLumber[]
  readonly hardware: readonly HardwareLine[]
  readonly joints: readonly JointLine[]
  readonly trusses: number
  readonly concreteFt3: number
  readonly concreteYd3: number
  readonly wastePct: number
  readonly bags: Readonly<Record<BagLb, number>>
  readonly backfillFt3: number
  /** Earth augered, as it lay in the ground. */ readonly augerFt3: number
  /** Earth left over, loose. */ readonly spoilFt3: number
  /** Gravel to order, loose. */ readonly gravelYd3: number
  /** Upright bars of piers, feet. */ readonly barFt: number
  readonly cost: readonly CostLine[]
  readonly totalCost: number
  readonly boards: number
  readonly heaviestLb: number
  readonly heaviest: string
}

export interface TakeoffInput {
  readonly job: Job
  readonly sticks: Sticks
  readonly holes: readonly HoleKind[]
  readonly grid: Grid
  readonly plan: TrussPlan
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
const barsFt = ({ school, pier, bracketIn }: Building, holes: readonly HoleKind[]): number =>
  school === 'pier'
    ? holes.reduce((sum, hole) => sum + hole.postIds.length * pier.bars * ((hole.depthIn + bracketIn) / IN_PER_FT), 0)
    : 0

/** What is lifted in one piece: all plies of a post, all plies of a beam over one bay and more, a truss, a board. */
function heaviestLift(sticks: readonly Stick[]): { readonly name: string; readonly lb: number } {
  const lifts = new Map<string, { name: string; lb: number }>()
  for (const { id, of, kind, name, place, weightLb, board } of sticks) {
    const whole = kind === 'ply' || kind === 'carrier' || kind === 'header' || kind === 'rafter'
    const key = whole ? `${of} ${kind === 'ply' ? '' : place.order}` : id
    const lift = lifts.get(key)
    if (lift) lift.lb += weightLb
    else lifts.set(key, { name: whole ? `${kind === 'ply' ? 'post' : kind} of ${board.label}` : name, lb: weightLb })
  }
  return [...lifts.values()].reduce((most, lift) => (lift.lb > most.lb ? lift : most), { name: '', lb: 0 })
}

/** Quantities and cost of the whole frame. Waste is taken on the total and rounded up once. */
export function takeoff({ job, sticks, holes, grid, plan }: TakeoffInput): Takeoff {
  const { building, buying } = job
  const { dugFt, bags, gravelYd3, concreteFt3, backfillFt3, augerFt3 } = concreteOf(holes)
  const lumber = lumberList(sticks.sticks, buying)
  const screws = skinScrews(sticks.sticks, building.joints.screw.spacingIn)
  const hardware = hardwareList(sticks.joins, screws, buying)
  const barFt = barsFt(building, holes)
  const cost = costLines({
    job,
    bays: grid.baysIn.length,
    lumber,
    hardware,
    trusses: plan.trusses.length,
    trussSpanIn: grid.widthIn,
    posts: holes.reduce((sum, hole) => sum + hole.postIds.length, 0),
    dugFt,
    bags80: bags[80],
    gravelYd3,
    barFt,
  })
  const heaviest = heaviestLift(sticks.sticks)
  return {
    lumber: lumber.map((line) => ({ ...line, spare: spareBoards(buying, line.boards) })),
    hardware,
    joints: jointList(sticks.joins),
    trusses: plan.trusses.length,
    concreteFt3,
    concreteYd3: (concreteFt3 * (1 + HOLE_WASTE)) / FT3_PER_YD3,
    wastePct: HOLE_WASTE * 100,
    bags,
    backfillFt3,
    augerFt3,
    spoilFt3: looseSpoilFt3(augerFt3, backfillFt3),
    gravelYd3,
    barFt,
    cost,
    totalCost: cost.reduce((sum, costLine) => sum + costLine.cost, 0),
    boards: cost.reduce((sum, costLine) => sum + costLine.pieces, 0),
    heaviestLb: heaviest.lb * LIFT_MARGIN,
    heaviest: heaviest.name,
  }
}

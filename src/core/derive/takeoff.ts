import { laminationPlan } from '../joints'
import {
  onWall,
  wallLengthIn,
  type GirtPiece,
  type Grid,
  type PlacedOpening,
  type Post,
  type TrussPlan,
} from '../layout'
import { SIDES, type BoardName, type Building, type Job, type Lumber, type Side } from '../model'
import {
  BAG_YIELD_FT3,
  bagsFor,
  byStock,
  GRAVEL_LOOSE,
  HOLE_WASTE,
  looseSpoilFt3,
  priceBook,
  stockFor,
  type BagLb,
} from '../quantities'
import { boardSize, postSize, specificGravity, weightPlf } from '../wood'
import type { BraceLine } from './bracing'
import type { HoleKind } from './holes'
import { purlinRows } from './purlins'
import type { ScheduleRow } from './schedule'

export interface StockLine {
  readonly what: string
  readonly stockIn: number | null
  readonly count: number
}
/** One kind of joint: what makes it, how many to a joint and how many in all. */
export interface JointLine {
  readonly joint: string
  readonly fastener: string
  readonly each: number
  readonly joints: number
  readonly total: number
}
export interface CostLine {
  readonly what: string
  readonly quantity: number
  readonly unit: string
  readonly cost: number
  readonly pieces: number
}
/** What to order: posts, boards and trusses by stock length, fasteners, concrete by bag and by yard, backfill, and what it costs by the price list. */
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

/** Spare over a cut length when a post is bought, inches: stock ends are neither square nor exact. */
export const BOARD_SPARE_IN = 1

interface Boards {
  readonly what: string
  readonly size: BoardName
  readonly lumber: Lumber
  readonly lengthsIn: readonly number[]
  readonly treated?: boolean
}

/** Boards longer than the list are bought in the list's longest pieces; the joint falls over a support. */
const split = (lengthIn: number): number[] =>
  stockFor(lengthIn, 0) === null ? [288, ...split(lengthIn - 288)] : [lengthIn]

function roofBoards(b: Building, grid: Grid, plan: TrussPlan, lines: readonly BraceLine[]): Boards[] {
  const p = b.roof.purlins
  const rows = purlinRows(b, grid)
  const trusses = plan.trusses
  const stick = (i: number) => trusses[i + 1].xIn - trusses[i].xIn
  // Purlins run from truss to truss; an overhang goes on the end ones.
  const perRow = trusses
    .slice(1)
    .map((_, i) => stick(i) + (i === 0 || i === trusses.length - 2 ? b.gableOverhangIn : 0))
  const out: Boards[] = [
    {
      what: 'purlins',
      size: p.size,
      lumber: p.lumber,
      lengthsIn:
        p.style === 'flat' || plan.spaceIn < 60
          ? Array.from({ length: rows }, () => split(grid.lengthIn + 2 * b.gableOverhangIn)).flat()
          : Array.from({ length: rows }, () => perRow).flat(),
    },
  ]
  for (const q of plan.beams) {
    const s = b.roof[q.kind]
    out.push({
      what: q.kind === 'carrier' ? 'carriers' : 'headers',
      size: s.size,
      lumber: s.lumber,
      lengthsIn: Array.from({ length: s.plies }, () => q.spanIn + 3),
    })
  }
  for (const l of b.leanTos) {
    const slope = (l.depthIn + b.eaveOverhangIn) / Math.cos(Math.atan(l.pitchPer12 / 12))
    const count =
      l.rafter.spaceIn === null ? grid.centresIn.length : Math.ceil(grid.lengthIn / l.rafter.spaceIn - 1e-9) + 1
    out.push({
      what: 'rafters',
      size: l.rafter.size,
      lumber: l.rafter.lumber,
      lengthsIn: Array.from({ length: count * l.rafter.plies }, () => slope),
    })
    const along = (s: typeof l.beam, what: string) =>
      out.push({
        what,
        size: s.size,
        lumber: s.lumber,
        lengthsIn: Array.from({ length: s.plies }, () => grid.baysIn).flat(),
      })
    if (l.rafter.spaceIn !== null) {
      along(l.ledger, 'ledger')
      along(l.beam, 'lean-to beam')
    }
    if (l.rafter.spaceIn === null || l.rafter.spaceIn > 30)
      out.push({
        what: 'purlins',
        size: p.size,
        lumber: p.lumber,
        lengthsIn: Array.from({ length: Math.ceil(slope / p.spaceIn - 1e-9) + 1 }, () => grid.baysIn).flat(),
      })
  }
  for (const l of lines)
    if (b.bracing.walls !== 'straps')
      out.push({
        what: 'braces',
        size: b.bracing.size,
        lumber: b.bracing.lumber,
        lengthsIn: Array.from({ length: l.bays * (b.bracing.walls === 'x-boards' ? 2 : 1) }, () => l.stockIn),
      })
  if (b.knee)
    out.push({
      what: 'knee braces',
      size: b.knee.size,
      lumber: b.knee.lumber,
      lengthsIn: Array.from(
        { length: 2 * b.knee.plies * grid.centresIn.length },
        () => Math.hypot(b.knee?.downIn ?? 0, b.knee?.outIn ?? 0) + 6,
      ),
    })
  return out
}

/** Fasteners by joint, with counts over the building. */
function jointList(
  b: Building,
  posts: readonly Post[],
  plan: TrussPlan,
  pieces: number,
  purlinJoints: number,
  holes: readonly HoleKind[],
  rows: readonly ScheduleRow[],
  lines: readonly BraceLine[],
): JointLine[] {
  const j = b.joints
  const make = (joint: string, fastener: string, each: number, joints: number): JointLine => ({
    joint,
    fastener,
    each,
    joints,
    total: each * joints,
  })
  const size = postSize(b.post)
  const bolt = (d: number) => `bolt ${d === 0.5 ? '1/2' : d === 0.625 ? '5/8' : '3/4'}`
  const seats = plan.trusses.length * 2
  const out: JointLine[] = [
    make('girt to post', j.girt.nail, j.girt.count * b.girts.plies, pieces * 2),
    make(
      'purlin to support',
      j.purlinTieLb === null ? j.purlin.nail : 'tie',
      j.purlinTieLb === null ? j.purlin.count : 1,
      purlinJoints,
    ),
  ]
  out.push(
    b.roof.truss.set === 'posts'
      ? make('truss to post', bolt(j.truss.diameterIn), j.truss.count, seats)
      : make('truss to carrier', 'tie', 1, seats),
  )
  const beams = plan.beams.length
  if (beams) out.push(make('carrier or header to post', bolt(j.carrier.diameterIn), j.carrier.count, beams + 2))
  for (const l of b.leanTos)
    out.push(
      make(
        `${l.side} lean-to to wall post`,
        bolt(j.ledger.diameterIn),
        j.ledger.count,
        posts.filter((p) => p.kind === 'lean-to' && p.side === l.side).length,
      ),
    )
  if (size.wood === 'laminated') {
    const made = new Map<number, number>()
    const nailsOf = (lengthIn: number): number => {
      const has = made.get(lengthIn)
      if (has !== undefined) return has
      const { total } = laminationPlan(
        j.lamination,
        size.plies,
        size.depthIn,
        lengthIn,
        specificGravity(b.post.lumber, b.grades),
      )
      made.set(lengthIn, total)
      return total
    }
    const nails = rows.reduce((t, r) => t + nailsOf(r.totalIn), 0)
    out.push({
      joint: 'laminating the posts',
      fastener: j.lamination.nail,
      each: Math.round(nails / Math.max(1, rows.length)),
      joints: rows.length,
      total: nails,
    })
  }
  if (b.school === 'collar' || b.cleat)
    out.push(
      make(
        b.school === 'collar' ? 'collar to post' : 'cleats to post',
        bolt(j.collar.diameterIn),
        j.collar.count,
        holes.reduce((t, h) => t + h.postIds.length, 0),
      ),
    )
  for (const l of lines)
    out.push(
      b.bracing.walls === 'straps'
        ? make(`${l.side} wall straps`, 'strap', 2, l.bays)
        : make(
            `${l.side} wall braces`,
            b.bracing.nail,
            b.bracing.nails * 2,
            l.bays * (b.bracing.walls === 'x-boards' ? 2 : 1),
          ),
    )
  return out
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

/** Quantities and cost of the whole frame. Waste is taken on the total and rounded up once. */
export function takeoff(p: TakeoffInput): Takeoff {
  const { job, rows, holes, grid } = p
  const b = job.building
  const prices = priceBook(job.sizing.prices)
  const girts = SIDES.filter((s) => !b.openSides.includes(s)).map((s): Boards => ({
    what: 'girts',
    size: onWall(b, s).girts.size,
    lumber: onWall(b, s).girts.lumber,
    lengthsIn: Array.from({ length: b.girts.plies }, () => p.walls[s].pieces.map((q) => q.lengthIn)).flat(),
  }))
  const skirtRuns =
    b.skirt.depthIn > 0
      ? SIDES.filter((s) => !b.openSides.includes(s)).map(
          (s) =>
            wallLengthIn(grid, s) -
            p.placed.filter((o) => o.opening.side === s && o.sillIn === 0).reduce((t, o) => t + o.opening.widthIn, 0),
        )
      : []
  const skirtTotal = skirtRuns.reduce((t, r) => t + Math.max(0, r), 0)
  const skirtBoard = stockFor(192, 0) ?? 192
  const roof = roofBoards(b, grid, p.plan, p.lines)
  let concreteFt3 = 0,
    backfillFt3 = 0,
    augerFt3 = 0,
    dugFt = 0,
    gravelFt3 = 0
  for (const h of holes) {
    concreteFt3 += h.volumes.concreteFt3 * h.postIds.length
    backfillFt3 += h.volumes.backfillFt3 * h.postIds.length
    augerFt3 += h.volumes.holeFt3 * h.postIds.length
    gravelFt3 += h.volumes.gravelFt3 * h.postIds.length
    dugFt += (h.digIn / 12) * h.postIds.length
  }
  const bags = Object.fromEntries(
    (Object.keys(BAG_YIELD_FT3) as unknown as BagLb[]).map((k) => [k, bagsFor(concreteFt3, k)]),
  ) as Record<BagLb, number>
  const gravelYd3 = (gravelFt3 * (1 + GRAVEL_LOOSE)) / 27
  const size = postSize(b.post)
  const group = (list: readonly Boards[]): StockLine[] => {
    const by = new Map<string, number[]>()
    for (const k of list) {
      const name = `${k.what}, ${k.size.replace('x', '×')} ${k.lumber}`
      const has = by.get(name)
      if (has) has.push(...k.lengthsIn)
      else by.set(name, [...k.lengthsIn])
    }
    return [...by].flatMap(([what, lengths]) => byStock(lengths, 0).map((s) => ({ what, ...s })))
  }
  const purlinJoints = purlinRows(b, grid) * p.plan.trusses.length
  const joints = jointList(
    b,
    p.posts,
    p.plan,
    SIDES.filter((s) => !b.openSides.includes(s)).reduce((t, s) => t + p.walls[s].pieces.length, 0),
    purlinJoints,
    holes,
    rows,
    p.lines,
  )

  const bought = (lengthIn: number) => (stockFor(lengthIn, 0) ?? lengthIn) / 12
  const boardCost = (what: string, list: readonly Boards[]): CostLine => {
    let feet = 0,
      cost = 0,
      pieces = 0
    for (const k of list) {
      const price = prices.board(k.size, k.lumber, k.treated)
      for (const l of k.lengthsIn) {
        const f = bought(l)
        feet += f
        cost += f * price
        pieces++
      }
    }
    return { what, quantity: feet, unit: 'ft', cost, pieces }
  }
  const postFeet = rows.reduce((t, r) => t + bought(r.totalIn + BOARD_SPARE_IN), 0)
  const postCost =
    size.wood === 'laminated'
      ? postFeet * size.plies * prices.board(`2x${size.nominal}` as BoardName, b.post.lumber, true)
      : size.wood === 'solid'
        ? postFeet * prices.of('solid 6x6')
        : postFeet * size.areaIn2 * prices.of('glue-laminated column')
  const fastenerCost = joints.reduce(
    (t, j) =>
      t +
      j.total *
        prices.of(
          /^bolt|^tie|^strap/.test(j.fastener)
            ? j.fastener
            : j.fastener.startsWith('ring')
              ? 'ring-shank nail'
              : 'common nail',
        ),
    0,
  )
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
    ...(b.school === 'pier'
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
        lumber: b.girts.lumber,
        treated: true,
        lengthsIn: Array.from({ length: Math.ceil(skirtTotal / skirtBoard - 1e-9) }, () => skirtBoard),
      },
    ]),
    ...[...new Set(roof.map((k) => k.what))].map((what) =>
      boardCost(
        what,
        roof.filter((k) => k.what === what),
      ),
    ),
    {
      what: 'trusses',
      quantity: p.plan.trusses.length,
      unit: 'each',
      cost: p.plan.trusses.length * b.roof.truss.plies * (grid.widthIn / 12) * prices.of('truss'),
      pieces: p.plan.trusses.length,
    },
    {
      what: 'bolts, nails and ties',
      quantity: joints.reduce((t, j) => t + j.total, 0),
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
  ].filter((c) => c.quantity > 0)
  const longest = rows.reduce((m, r) => Math.max(m, r.totalIn), 0)
  const sticks = [
    { name: size.label, lb: (weightPlf(b.post.lumber, size.areaIn2, 19, b.grades) * longest) / 12 },
    ...p.plan.beams.map((q) => ({
      name: q.kind,
      lb:
        (b.roof[q.kind].plies *
          weightPlf(b.roof[q.kind].lumber, boardSize(b.roof[q.kind].size).areaIn2, 19, b.grades) *
          q.spanIn) /
        12,
    })),
  ]
  const heavy = sticks.reduce((a, s) => (s.lb > a.lb ? s : a))
  return {
    posts: byStock(
      rows.map((r) => r.totalIn),
      BOARD_SPARE_IN,
    ).map((s) => ({ what: rows[0]?.section ?? '', ...s })),
    girts: group(girts),
    roof: group(roof),
    skirt:
      skirtTotal > 0
        ? [{ what: 'treated skirt board', stockIn: skirtBoard, count: Math.ceil(skirtTotal / skirtBoard - 1e-9) }]
        : [],
    joints,
    concreteFt3,
    concreteYd3: (concreteFt3 * (1 + HOLE_WASTE)) / 27,
    wastePct: HOLE_WASTE * 100,
    bags,
    backfillFt3,
    augerFt3,
    spoilFt3: looseSpoilFt3(augerFt3, backfillFt3),
    gravelYd3,
    cost,
    totalCost: cost.reduce((t, c) => t + c.cost, 0),
    boards: cost.reduce((t, c) => t + c.pieces, 0),
    heaviestLb: heavy.lb * 1.2,
    heaviest: heavy.name,
  }
}

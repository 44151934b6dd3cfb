import { type Grid, isEave, onWall, type Post, type TrussPlan } from '../layout'
import type { Building } from '../model'
import { item, lastOf } from '../result'
import { HALF_MARK_IN, PITCH_RUN_IN } from '../units'
import { boardSize, PLY_IN, postSize } from '../wood'
import { type Beam, beamOutIn } from './beams'
import { type Column, trussOffIn } from './column'
import type { Support } from './line'
import { type Making, putStick, squareOn } from './make'
import { boltLengthIn } from './putBeams'
import type { Fastener, Join, Overlap, Quad, StickBoard } from './stick'

/** Weight of a truss for each foot of its span and ply, lb: taken high, for lifting; its maker’s drawing says it (register C40). */
const TRUSS_PLF = 8

/** A truss with the places of its two seats along the building. */
export interface TrussAt extends Support {
  readonly number: number
  readonly name: string
}

/** Where the trusses stand along the building. */
export const trussesAt = (building: Building, { trusses }: TrussPlan): readonly TrussAt[] =>
  trusses.map(({ number, xIn }) => ({
    id: `truss-${number}`,
    number,
    name: `T${number}`,
    atIn: xIn + trussOffIn(building, number),
    halfIn: (PLY_IN * building.roof.truss.plies) / 2,
  }))

/** A truss as it is ordered: as thick as its plies; its depth is that of its heel. */
const trussBoard = ({ roof }: Building): StickBoard => ({
  widthIn: PLY_IN * roof.truss.plies,
  depthIn: roof.truss.heelDepthIn,
  plies: roof.truss.plies,
  size: null,
  label: 'truss',
  lumber: '',
  treated: false,
  weightPlf: TRUSS_PLF * roof.truss.plies,
})

/** Depth of the tails past the eave, square to the slope, inches: a 2×4 top chord. */
export const TAIL_IN = 3.5

/** The side of a truss: its two halves and its tails, along it and up from the middle of its heel. */
function trussOutline({ building, grid, overhangs }: TrussesOf): readonly Quad[] {
  const { roof, pitchPer12 } = building
  const { widthIn } = grid
  const half = roof.truss.heelDepthIn / 2
  const rise = pitchPer12 / PITCH_RUN_IN
  const peak = half + (widthIn / 2) * rise
  const tail = Math.min(2 * half, TAIL_IN * Math.hypot(1, rise))
  const tails = (['south', 'north'] as const).flatMap((side): readonly Quad[] => {
    const outIn = overhangs[side]
    if (outIn <= 0) return []
    const tip = half - outIn * rise
    const quad: Quad = [
      [-outIn, tip - tail],
      [-outIn, tip],
      [0, half],
      [0, half - tail],
    ]
    if (side === 'south') return [quad]
    return [quad.map(([alongIn, upIn]) => [widthIn - alongIn, upIn]) as unknown as Quad]
  })
  return [
    [
      [0, -half],
      [0, half],
      [widthIn / 2, peak],
      [widthIn / 2, -half],
    ],
    [
      [widthIn / 2, -half],
      [widthIn / 2, peak],
      [widthIn, half],
      [widthIn, -half],
    ],
    ...tails,
  ]
}

/** How far the roof reaches over each eave, inches. */
export type Overhangs = Readonly<Record<'south' | 'north', number>>

interface TrussesOf {
  readonly building: Building
  readonly grid: Grid
  readonly plan: TrussPlan
  readonly beams: readonly Beam[]
  readonly overhangs: Overhangs
  readonly columns: ReadonlyMap<string, Column>
  readonly posts: readonly Post[]
}

/** The beam of an eave that a truss stands on; none where its post carries it. */
function beamUnder({ plan, building, beams }: TrussesOf, side: 'south' | 'north', order: number): Beam | undefined {
  const { post, truss } = item(plan.rests[side], order)
  if (post && building.roof.truss.set === 'posts') return undefined
  return beams.find(
    ({ part, posts, fromIn, toIn }) =>
      part === 'main' && item(posts, 0).post.side === side && fromIn <= truss.xIn && truss.xIn <= toIn,
  )
}

/** What a truss rests on at one eave: its post, or the beam between two. */
const restOn = (of: TrussesOf, side: 'south' | 'north', order: number): string | null =>
  beamUnder(of, side, order)?.id ?? item(of.plan.rests[side], order).post?.id ?? null

/** How far in from the string a truss meets a beam: at the middle of its plies, inches. */
const middleInIn = (beam: Beam): number => -(beamOutIn(beam) + lastOf(beam.layers).outIn) / 2

/** Where a truss meets what it rests on at one eave. */
function seatAt(of: TrussesOf, order: number, side: 'south' | 'north'): Pick<Join, 'to' | 'atIn' | 'upIn'> {
  const { building, plan, grid } = of
  const { post } = item(plan.rests[side], order)
  const beam = beamUnder(of, side, order)
  const inIn = beam ? Math.max(0, middleInIn(beam)) : 0
  return {
    to: beam?.id ?? post?.id ?? '',
    atIn: side === 'south' ? inIn : grid.widthIn - inIn,
    upIn: !beam && post ? building.heelIn : null,
  }
}

/** What holds a truss down at one seat. */
function seatJoins(making: Making, of: TrussesOf, [id, order]: readonly [string, number], side: 'south' | 'north') {
  const { joints, roof, post } = of.building
  const { post: under } = item(of.plan.rests[side], order)
  const column = under ? of.columns.get(under.id) : undefined
  const seat = { stick: id, ...seatAt(of, order, side) }
  if (roof.truss.set === 'posts' && column?.bears === 'truss') {
    const { widthIn } = postSize(post)
    const inPocket = column.pocketPlies.length > 0 || column.trussNotch !== null || column.plies.length > 1
    const grip = roof.truss.seat === 'face' || !inPocket ? widthIn + PLY_IN * roof.truss.plies : widthIn
    const { diameterIn, count } = joints.truss
    const bolt: Fastener = { by: 'bolt', diameterIn, lengthIn: boltLengthIn(grip) }
    making.joins.push({ ...seat, kind: 'truss to post', fastener: bolt, count })
    if (joints.trussTieLb !== null)
      making.joins.push({ ...seat, kind: 'truss to post', fastener: { by: 'tie' }, count: 1 })
    return
  }
  making.joins.push({ ...seat, kind: 'truss to carrier', fastener: { by: 'tie' }, count: 1 })
}

/** What holds the posts of the gable walls that reach the roof to the trusses over them: bolts as at the other posts  (register C44). */
function gableJoins(making: Making, { building, posts, columns }: TrussesOf, trusses: readonly TrussAt[]): void {
  const { diameterIn, count } = building.joints.truss
  const lengthIn = boltLengthIn(postSize(building.post).depthIn + PLY_IN * building.roof.truss.plies)
  for (const post of posts) {
    const truss = post.side === 'west' ? trusses[0] : trusses.at(-1)
    const reaches = !isEave(post.side) && post.kind !== 'corner' && post.heightIn > building.heelIn
    if (!truss || !reaches || !columns.has(post.id)) continue
    making.joins.push({
      kind: 'truss to gable post',
      stick: truss.id,
      to: post.id,
      atIn: post.y,
      upIn: post.heightIn,
      fastener: { by: 'bolt', diameterIn, lengthIn },
      count,
    })
  }
}

/** The trusses of a roof: each ordered as one piece, with what holds it down at both seats. */
export function putTrusses(making: Making, of: TrussesOf): void {
  const { building, grid, plan } = of
  const board = trussBoard(building)
  const upIn = building.heelIn + board.depthIn / 2
  const trusses = trussesAt(building, plan)
  const outline = trussOutline(of)
  for (const [order, truss] of trusses.entries()) {
    const stick = putStick(making, {
      id: truss.id,
      name: truss.name,
      kind: 'truss',
      place: { part: 'main', side: null, row: 'trusses', order },
      of: truss.id,
      board,
      from: [truss.atIn, 0, upIn],
      to: [truss.atIn, grid.widthIn, upIn],
      up: [0, 0, 1],
      ends: [squareOn(restOn(of, 'south', order)), squareOn(restOn(of, 'north', order))],
      outline,
      ordered: true,
    })
    seatJoins(making, of, [stick.id, order], 'south')
    seatJoins(making, of, [stick.id, order], 'north')
  }
  gableJoins(making, of, trusses)
  making.overlaps.push(...inGables(of, trusses), ...besidePosts(of, trusses))
}

/** How far a gable wall reaches in from its string: as its posts, or as girts between them that are deeper. */
function gableDeepIn({ building }: TrussesOf, side: 'west' | 'east'): number {
  const { girts, post } = onWall(building, side)
  return Math.max(postSize(post).depthIn, girts.style === 'flat' ? 0 : boardSize(girts.size).dIn)
}

/** Trusses that stand in a gable wall. */
const inGables = (of: TrussesOf, trusses: readonly TrussAt[]): readonly Overlap[] =>
  trusses.flatMap(({ id, atIn, halfIn }): readonly Overlap[] => [
    ...(atIn - halfIn < gableDeepIn(of, 'west')
      ? [{ kind: 'end truss and gable wall', sticks: [id, 'wall-west'] } as const]
      : []),
    ...(atIn + halfIn > of.grid.lengthIn - gableDeepIn(of, 'east')
      ? [{ kind: 'end truss and gable wall', sticks: [id, 'wall-east'] } as const]
      : []),
  ])

/** Trusses whose post stands beside their line, as the jamb of an opening may, so far that they do not meet. */
const besidePosts = (of: TrussesOf, trusses: readonly TrussAt[]): readonly Overlap[] =>
  (['south', 'north'] as const).flatMap((side) =>
    trusses.flatMap(({ id, atIn, halfIn }, order): readonly Overlap[] => {
      const { post } = item(of.plan.rests[side], order)
      if (!post || restOn(of, side, order) !== post.id) return []
      const apartIn = Math.abs(atIn - post.x) - halfIn - post.sizeX / 2
      return apartIn > HALF_MARK_IN ? [{ kind: 'truss beside its post', sticks: [id, post.id] }] : []
    }),
  )

import { bracedBays, type Grid, isEave, type Post, wallPosts } from '../layout'
import type { Building, Side } from '../model'
import { plumbCutBrace } from '../pocket/braceBetween'
import { kneeCuts, kneeLongEdgeIn } from '../pocket/kneeBrace'
import { item } from '../result'
import { formatLength, HALF_MARK_IN, SAME_IN } from '../units'
import { PLY_IN, postSize } from '../wood'
import type { Boards } from './board'
import type { Column } from './column'
import { lineOf, placeOn, towards } from './line'
import { FREE_END, type Making, putStick, squareOn } from './make'
import { seatBlockId } from './seatBlock'
import type { Overlap, Stick } from './stick'
import type { TrussAt } from './trusses'
import type { Wall } from './wall'

/** A bay of a wall that is braced: the clear space between its posts, and the heights that a brace has there. */
interface BracedBay {
  readonly side: Side
  readonly order: number
  readonly posts: readonly [string, string]
  readonly fromIn: number
  readonly toIn: number
  readonly lowUpIn: number
  readonly highUpIn: number
  /** How far in its shallower post reaches from the string. */
  readonly deepIn: number
  /** An opening of the wall lies in it. */
  readonly blocked: boolean
}

/** Bays of a wall in the order in which they are braced: next to the corners first, from both ends. */
function inward(count: number): readonly number[] {
  const order: number[] = []
  for (let i = 0; i < count; i++) order.push(i % 2 === 0 ? i / 2 : count - 1 - (i - 1) / 2)
  return order
}

/** Underside of what lies over a bay, where a brace would stand, or in a notch of a post beside it. */
const underIn = ({ rooms, building }: Wall, fromIn: number, toIn: number): number =>
  rooms
    .filter((room) => room.fromIn < toIn + SAME_IN && room.toIn > fromIn - SAME_IN && room.outFromIn < 0)
    .reduce((low, room) => Math.min(low, room.lowUpIn), building.heelIn)

/** The bays of one wall that are braced: those without an opening first. */
function bracedBaysOf(wall: Wall, grid: Grid): readonly BracedBay[] {
  const { supports, building, side, openings } = wall
  const bays = supports.slice(1).map((support, i): BracedBay => {
    const before = item(supports, i)
    const fromIn = before.atIn + before.halfIn
    const toIn = support.atIn - support.halfIn
    return {
      side,
      order: i,
      posts: [before.id, support.id],
      fromIn,
      toIn,
      deepIn: Math.min(before.deepIn, support.deepIn),
      lowUpIn: Math.max(
        building.skirt.depthIn > 0 ? building.skirt.topIn : 0,
        building.school === 'pier' ? building.bracketIn : 0,
      ),
      highUpIn: underIn(wall, fromIn, toIn),
      blocked: openings.some((opening) => opening.fromIn < toIn - HALF_MARK_IN && opening.toIn > fromIn + HALF_MARK_IN),
    }
  })
  const ordered = inward(bays.length).map((i) => item(bays, i))
  const free = ordered.filter(({ blocked }) => !blocked)
  const blocked = ordered.filter((bay) => bay.blocked)
  return [...free, ...blocked].slice(0, bracedBays(building, grid, side))
}

/**
 * Rise of one edge of a brace between plumb faces, inches, where its plumb ends stand between two heights: the whole
 * height less what its own end takes. Null where the board is too wide for the bay.
 */
export function riseBetween(clearIn: number, highIn: number, boardIn: number): number | null {
  if (clearIn <= boardIn || highIn <= boardIn) return null
  const root = Math.sqrt(clearIn ** 2 + highIn ** 2 - boardIn ** 2)
  const riseIn = (clearIn * (clearIn * highIn - boardIn * root)) / (clearIn ** 2 - boardIn ** 2)
  return riseIn > 0 ? riseIn : null
}

/** A board brace of a bay: which way it rises along its wall, and on which faces of the posts it lies. */
interface BraceLay {
  readonly rises: 'to the high end' | 'to the low end'
  readonly face: 'outside' | 'inside'
}

/** The boards of one bay: both ways, or one, mirrored from bay to bay. */
const laysOf = (walls: Building['bracing']['walls'], order: number): readonly BraceLay[] => {
  const up: BraceLay = { rises: 'to the high end', face: 'outside' }
  const down: BraceLay = { rises: 'to the low end', face: 'inside' }
  if (walls === 'x-boards') return [up, down]
  return [order % 2 === 0 ? up : { ...down, face: 'outside' }]
}

/** A brace by its bay, how it lies there, and what it is called. */
interface BraceAt {
  readonly bay: BracedBay
  readonly lay: BraceLay
  readonly name: string
}

/** One brace between two posts, plumb at both ends. */
function putBrace(making: Making, wall: Wall, { bay, lay, name }: BraceAt): void {
  const { building, boards, line, side } = wall
  const { bracing } = building
  const board = boards(bracing.size, bracing.lumber)
  const clearIn = bay.toIn - bay.fromIn
  const riseIn = riseBetween(clearIn, bay.highUpIn - bay.lowUpIn, board.depthIn)
  if (riseIn === null) return
  const { edgeIn, tipToTipIn } = plumbCutBrace(clearIn, riseIn, board.depthIn)
  const backIn = tipToTipIn - edgeIn
  const outIn = lay.face === 'outside' ? -PLY_IN / 2 : -bay.deepIn + PLY_IN / 2
  const sign = lay.rises === 'to the high end' ? 1 : -1
  const [lowAtIn, highAtIn] = sign > 0 ? [bay.fromIn, bay.toIn] : [bay.toIn, bay.fromIn]
  const [alongShare, upShare] = [clearIn / edgeIn, riseIn / edgeIn]
  const half = board.depthIn / 2
  const stick = putStick(making, {
    id: `brace-${side}-${bay.order + 1}-${lay.rises === 'to the high end' ? 'up' : 'down'}`,
    name,
    kind: 'brace',
    place: { part: 'main', side, row: `${bay.order + 1}`, order: sign > 0 ? 0 : 1 },
    board,
    from: placeOn(line, lowAtIn - sign * upShare * half, outIn, bay.lowUpIn + alongShare * half),
    to: placeOn(line, highAtIn + sign * upShare * half, outIn, bay.highUpIn - alongShare * half),
    up: towards(line, -sign * upShare, 0, alongShare),
    ends: [
      { cut: 'plumb', on: bay.posts[sign > 0 ? 0 : 1], backIn: -backIn, backAcrossIn: 0 },
      { cut: 'plumb', on: bay.posts[sign > 0 ? 1 : 0], backIn, backAcrossIn: 0 },
    ],
  })
  for (const [end, { on }] of stick.ends.entries())
    making.joins.push({
      kind: 'brace to post',
      stick: stick.id,
      to: on ?? '',
      atIn: end === 0 ? 0 : stick.cutLengthIn,
      upIn: end === 0 ? bay.lowUpIn : bay.highUpIn,
      fastener: { by: 'nail', nail: bracing.nail },
      count: bracing.nails,
    })
  if (building.girts.style !== 'flat')
    making.overlaps.push({ kind: 'brace through girts', sticks: [stick.id, `wall-${side}`] })
  if (bay.blocked) making.overlaps.push({ kind: 'brace across an opening', sticks: [stick.id, `wall-${side}`] })
}

/** A bay that is held by two straps, crossed from post to post: each between the middles of the posts. Inches. */
export interface StrapBay extends Pick<BracedBay, 'side' | 'posts' | 'lowUpIn' | 'highUpIn'> {
  readonly id: string
  readonly middlesIn: readonly [number, number]
  readonly lengthIn: number
}

/** The bays of a wall that are held by straps, where its walls are; none where they are held otherwise. */
export function strapBays(wall: Wall, grid: Grid): readonly StrapBay[] {
  if (wall.building.bracing.walls !== 'straps') return []
  const middleIn = (id: string) => wall.supports.find((support) => support.id === id)?.atIn ?? 0
  return bracedBaysOf(wall, grid).map(({ side, order, posts, lowUpIn, highUpIn }) => {
    const middlesIn = [middleIn(posts[0]), middleIn(posts[1])] as const
    const lengthIn = Math.hypot(middlesIn[1] - middlesIn[0], highUpIn - lowUpIn)
    return { id: `strap-${side}-${order + 1}`, side, posts, lowUpIn, highUpIn, middlesIn, lengthIn }
  })
}

/** Straps of one wall: two to a bay, each from the foot of one of its posts to the head of the other. */
function putStraps(making: Making, wall: Wall, grid: Grid): void {
  for (const { id, posts, lowUpIn, lengthIn } of strapBays(wall, grid))
    for (const to of posts)
      making.joins.push({
        kind: 'strap to post',
        stick: id,
        to,
        atIn: 0,
        upIn: lowUpIn,
        fastener: { by: 'strap', fits: formatLength(lengthIn, { ascii: true }) },
        count: 1,
      })
}

/** Braces of one wall, bay by bay. */
export function putBraces(making: Making, wall: Wall, grid: Grid): void {
  const { walls } = wall.building.bracing
  if (walls === 'skin' || walls === 'none') return
  if (walls === 'straps') {
    putStraps(making, wall, grid)
    return
  }
  for (const [i, bay] of bracedBaysOf(wall, grid).entries())
    for (const lay of laysOf(walls, i))
      putBrace(making, wall, { bay, lay, name: `X${i + 1}${lay.rises === 'to the high end' ? 'a' : 'b'}` })
}

interface KneesOf {
  readonly building: Building
  readonly grid: Grid
  readonly boards: Boards
  readonly columns: ReadonlyMap<string, Column>
  readonly trusses: readonly TrussAt[]
  readonly posts: readonly Post[]
}

/** A knee that reaches the bearing block of its post, `downIn` under the heel at its highest. */
const inBlock = (column: Column | undefined, { id }: Stick, downIn: number): readonly Overlap[] =>
  column?.block && downIn < column.block.lengthIn
    ? [{ kind: 'knee in a bearing block', sticks: [id, seatBlockId(column.post)] }]
    : []

/** Knee braces between the posts that carry trusses and their bottom chords. */
export function putKnees(making: Making, { building, grid, boards, columns, trusses, posts }: KneesOf): void {
  const { knee, heelIn, bracing } = building
  if (!knee) return
  const board = boards(knee.size, knee.lumber)
  const cuts = kneeCuts(knee.downIn, knee.outIn, board.depthIn)
  if (!cuts) return
  const edgeIn = kneeLongEdgeIn(knee.downIn, knee.outIn)
  const [inShare, upShare] = [knee.outIn / edgeIn, knee.downIn / edgeIn]
  const half = board.depthIn / 2
  const { depthIn } = postSize(building.post)
  // How high a knee reaches over the thickness of a block on the same face.
  const reachUpIn = heelIn - knee.downIn + board.depthIn / inShare + (PLY_IN * upShare) / inShare
  // Knees that would meet under the middle hold nothing.
  if (knee.outIn + depthIn > grid.widthIn / 2) return
  if (building.school === 'pier' && heelIn - knee.downIn < building.bracketIn) return
  // The end walls hold their own trusses, and their boards stand where knees would.
  const kneed = posts.filter(
    ({ id, side, kind }) => isEave(side) && kind !== 'corner' && columns.get(id)?.bears === 'truss',
  )
  for (const post of kneed) {
    const notched = (columns.get(post.id)?.notches.length ?? 0) > 0
    const truss = trusses.reduce((best, each) =>
      Math.abs(each.atIn - post.x) < Math.abs(best.atIn - post.x) ? each : best,
    )
    const line = lineOf(building, grid, post)
    for (let ply = 0; ply < knee.plies; ply++) {
      const atIn = truss.atIn + (ply - (knee.plies - 1) / 2) * PLY_IN
      const stick = putStick(making, {
        id: `knee-${post.id}-${ply + 1}`,
        name: `K ${post.name}${knee.plies > 1 ? `.${ply + 1}` : ''}`,
        kind: 'knee',
        place: { part: 'main', side: post.side, row: 'knees', order: post.line ?? 0 },
        board,
        from: placeOn(line, atIn, -depthIn + upShare * half, heelIn - knee.downIn + inShare * half),
        to: placeOn(line, atIn, -depthIn - knee.outIn + upShare * half, heelIn + inShare * half),
        up: towards(line, 0, upShare, inShare),
        ends: [
          {
            cut: 'plumb',
            on: Math.abs(atIn - post.x) <= post.sizeX / 2 && !notched ? post.id : null,
            backIn: -cuts.setbackPostIn,
            backAcrossIn: 0,
          },
          { cut: 'level', on: truss.id, backIn: -cuts.setbackBeamIn, backAcrossIn: 0 },
        ],
      })
      making.overlaps.push(...inBlock(columns.get(post.id), stick, heelIn - reachUpIn))
      const nails = { fastener: { by: 'nail', nail: bracing.nail }, count: bracing.nails } as const
      making.joins.push(
        { kind: 'knee to post', stick: stick.id, to: post.id, atIn: 0, upIn: heelIn - knee.downIn, ...nails },
        { kind: 'knee to truss', stick: stick.id, to: truss.id, atIn: edgeIn, upIn: null, ...nails },
      )
    }
  }
}

/** Temporary braces go so far up a post, at most, inches; they stand as far from it. */
const TEMPORARY_UP_IN = 120
const TEMPORARY_SHARE = 0.7

/** Braces that hold posts until walls and roof do: both ways at corners, and one at every other post of the eaves. */
export function putTemporaryBraces(
  making: Making,
  { building, grid, boards, posts }: Pick<KneesOf, 'building' | 'grid' | 'boards' | 'posts'>,
): void {
  const board = boards('2x4', building.girts.lumber)
  for (const side of ['south', 'north'] as const)
    for (const [order, post] of wallPosts(posts, side).entries()) {
      const corner = post.kind === 'corner'
      if (!corner && order % 2 === 1) continue
      const upIn = Math.min(TEMPORARY_UP_IN, post.heightIn * TEMPORARY_SHARE)
      const line = lineOf(building, grid, post)
      const { widthIn, depthIn } = postSize(building.post)
      const inwards = post.x < grid.lengthIn / 2 ? 1 : -1
      const beside = placeOn(line, post.atIn + (inwards * (widthIn + board.widthIn)) / 2, -depthIn / 2, upIn)
      const inFront = placeOn(line, post.atIn, -depthIn - board.widthIn / 2, upIn)
      const stakes = [
        {
          from: beside,
          to: placeOn(line, post.atIn + (inwards * (widthIn + board.widthIn)) / 2, -depthIn / 2 - upIn, 0),
        },
        ...(corner
          ? [{ from: inFront, to: placeOn(line, post.atIn + inwards * upIn, -depthIn - board.widthIn / 2, 0) }]
          : []),
      ]
      for (const [i, { from, to }] of stakes.entries()) {
        const stick = putStick(making, {
          id: `temporary-${post.id}-${i + 1}`,
          name: `temporary ${post.name}${corner ? `.${i + 1}` : ''}`,
          kind: 'temporary brace',
          place: { part: 'main', side, row: 'temporary', order },
          board,
          from,
          to,
          up:
            i === 0
              ? towards(line, 0, -Math.SQRT1_2, Math.SQRT1_2)
              : towards(line, inwards * Math.SQRT1_2, 0, Math.SQRT1_2),
          ends: [squareOn(post.id), FREE_END],
        })
        making.joins.push({
          kind: 'temporary brace to post',
          stick: stick.id,
          to: post.id,
          atIn: 0,
          upIn,
          fastener: { by: 'nail', nail: '16d-common' },
          count: 3,
        })
      }
    }
}

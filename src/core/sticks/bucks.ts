import type { Block, PlacedOpening } from '../layout'
import { HALF_MARK_IN, SAME_IN } from '../units'
import { PLY_IN } from '../wood'
import { placeOn, type Support, towards, UP } from './line'
import { type Making, putStick, squareOn } from './make'
import { inRoom, type Room } from './room'
import type { StickBoard } from './stick'
import type { Wall } from './wall'

/** An upright board beside a walk door or a window: where girts end that no post carries there. */
interface Buck {
  readonly id: string
  readonly opening: PlacedOpening
  readonly edge: 'low' | 'high'
  readonly fromIn: number
  readonly toIn: number
  readonly lowUpIn: number
  readonly highUpIn: number
  /** What it stands on and what holds its top. */
  readonly on: readonly [string | null, string | null]
}

/** The bucks of a wall. */
export interface Bucks {
  readonly all: readonly Buck[]
  /** The buck whose opening's edge lies at a place along the wall. */
  readonly at: (atIn: number) => string | null
  /** Room that they take up from boards set in between posts. */
  readonly rooms: readonly Room[]
}

/** The board of bucks and blocks: that of the girts. */
const buckBoard = ({ building, boards }: Wall): StickBoard => boards(building.girts.size, building.girts.lumber)

/** Whether a post stands at an edge of an opening, so that no buck has room or use there. */
const postAt = ({ supports }: Wall, fromIn: number, toIn: number): Support | undefined =>
  supports.find(({ atIn, halfIn }) => atIn + halfIn > fromIn + HALF_MARK_IN && atIn - halfIn < toIn - HALF_MARK_IN)

/** Whether boards of the wall are set in between its posts, where the bucks stand too. */
const setIn = ({ building }: Wall): boolean => building.girts.style !== 'flat'

/** Heights between which a buck stands: from a board that runs under the opening to one that runs over it. */
function heightsOf(wall: Wall, { sillIn, headIn, fromIn, toIn }: PlacedOpening) {
  const { rows, building } = wall
  const past = rows.rows.filter(({ segments }) =>
    segments.some((segment) => segment.fromIn < fromIn - HALF_MARK_IN && segment.toIn > toIn + HALF_MARK_IN),
  )
  const deepIn = setIn(wall) ? PLY_IN : buckBoard(wall).depthIn
  const under = past.filter(({ topIn }) => topIn <= sillIn + HALF_MARK_IN).at(-1)
  const over = past.find(({ topIn }) => topIn - deepIn >= headIn - HALF_MARK_IN)
  const lowest = Math.max(0, building.skirt.topIn - building.skirt.depthIn)
  const lowUpIn = under ? under.topIn - (setIn(wall) ? 0 : deepIn) : lowest
  const highUpIn = over ? over.topIn - (setIn(wall) ? deepIn : 0) : Math.max(headIn, building.heelIn)
  return { lowUpIn, highUpIn, under, over }
}

/** Heights under the beams that lie where a buck would stand. */
const underBeams = (rooms: readonly Room[], buck: Omit<Room, 'of'>): number =>
  rooms
    .filter((room) => inRoom(buck, room) && room.fromIn < buck.toIn && room.toIn > buck.fromIn)
    .reduce((low, room) => Math.min(low, room.lowUpIn), buck.highUpIn)

/** Whether two bucks would stand in each other. */
const sharePlace = (one: Buck, other: Buck): boolean =>
  Math.min(one.toIn, other.toIn) - Math.max(one.fromIn, other.fromIn) > HALF_MARK_IN &&
  Math.min(one.highUpIn, other.highUpIn) > Math.max(one.lowUpIn, other.lowUpIn)

/** The bucks of one wall: one to each edge of a walk door or window where no post stands. */
export function bucksOf(wall: Wall): Bucks {
  const board = buckBoard(wall)
  const wanted = wall.openings
    .filter(({ framed }) => !framed)
    .flatMap((opening): readonly Buck[] => {
      const { lowUpIn, highUpIn } = heightsOf(wall, opening)
      return (['low', 'high'] as const).flatMap((edge): readonly Buck[] => {
        const fromIn = edge === 'low' ? opening.fromIn - PLY_IN : opening.toIn
        const toIn = fromIn + PLY_IN
        if (postAt(wall, fromIn, toIn)) return []
        const room = { fromIn, toIn, lowUpIn, highUpIn, outFromIn: -board.depthIn, outToIn: 0 }
        const top = underBeams(wall.rooms, room)
        if (top - lowUpIn < 1) return []
        return [
          {
            id: `buck-${opening.opening.id}-${edge}`,
            opening,
            edge,
            fromIn,
            toIn,
            lowUpIn,
            highUpIn: top,
            on: [null, null],
          },
        ]
      })
    })
  // Between two openings that stand close there is room for one.
  const all = wanted.filter((buck, i) => !wanted.slice(0, i).some((other) => sharePlace(buck, other)))
  return {
    all,
    at: (atIn) =>
      all.find(({ fromIn, toIn }) => Math.abs(fromIn - atIn) <= HALF_MARK_IN || Math.abs(toIn - atIn) <= HALF_MARK_IN)
        ?.id ?? null,
    rooms: setIn(wall)
      ? all.map(({ id, fromIn, toIn, lowUpIn, highUpIn }) => ({
          of: id,
          fromIn,
          toIn,
          lowUpIn,
          highUpIn,
          outFromIn: -board.depthIn,
          outToIn: 0,
        }))
      : [],
  }
}

/** Upright bucks, each nailed to the girts that end at it or pass it. */
export function putBucks(making: Making, wall: Wall, bucks: Bucks): void {
  const board = buckBoard(wall)
  const { line, side } = wall
  const outIn = -board.depthIn / 2
  for (const [order, buck] of bucks.all.entries()) {
    const atIn = (buck.fromIn + buck.toIn) / 2
    const stick = putStick(making, {
      id: buck.id,
      name: `buck ${order + 1}`,
      kind: 'buck',
      place: { part: 'main', side, row: buck.opening.opening.id, order },
      board,
      from: placeOn(line, atIn, outIn, buck.lowUpIn),
      to: placeOn(line, atIn, outIn, buck.highUpIn),
      up: towards(line, 0, 1, 0),
      ends: [squareOn(null), squareOn(null)],
    })
    const touching = wall.rows.rows.filter(
      ({ topIn }) => topIn > buck.lowUpIn - SAME_IN && topIn - PLY_IN < buck.highUpIn + SAME_IN,
    )
    for (const row of touching)
      making.joins.push({
        kind: 'buck to girt',
        stick: stick.id,
        to: `girts-${side}-${row.id}`,
        atIn: Math.max(0, Math.min(stick.cutLengthIn, row.topIn - buck.lowUpIn)),
        upIn: null,
        fastener: { by: 'nail', nail: wall.building.joints.girt.nail },
        count: 2,
      })
  }
}

/** A block with its opening and where its edge is. */
interface BlockAt {
  readonly opening: PlacedOpening
  readonly at: Block['at']
  readonly edgeUpIn: number
}

/** Whether a board that runs past an opening covers the edge that a block would take, or the skirt does. */
function isCovered(wall: Wall, { opening, at, edgeUpIn }: BlockAt): boolean {
  const { rows, building } = wall
  // Set in between posts, boards that lie so near have no room for a block beside them.
  const faceIn = setIn(wall) ? PLY_IN * building.girts.plies : buckBoard(wall).depthIn
  const nearIn = setIn(wall) ? faceIn : 0
  const edge = at === 'sill' ? edgeUpIn - SAME_IN : edgeUpIn + SAME_IN
  const runs = rows.rows.some(
    ({ topIn, segments }) =>
      topIn >= edge - nearIn &&
      topIn - faceIn <= edge + nearIn &&
      segments.some(({ fromIn, toIn }) => fromIn < opening.fromIn && toIn > opening.toIn),
  )
  const { topIn, depthIn } = building.skirt
  return runs || (depthIn > 0 && edge <= topIn && edge >= topIn - depthIn)
}

/** What carries a block at one edge of its opening: the buck, or the post that stands there, and where its face is. */
function besideOpening(wall: Wall, bucks: Bucks, opening: PlacedOpening, edge: Buck['edge']) {
  const edgeIn = edge === 'low' ? opening.fromIn : opening.toIn
  const own = bucks.all.find((buck) => buck.opening === opening && buck.edge === edge)
  if (own) return { id: own.id, atIn: edgeIn }
  const near = (support: Support) =>
    edge === 'low' ? edgeIn - (support.atIn + support.halfIn) : support.atIn - support.halfIn - edgeIn
  const post = wall.supports
    .filter((support) => near(support) > -HALF_MARK_IN)
    .reduce<Support | null>((best, each) => (best && near(best) <= near(each) ? best : each), null)
  if (!post) return null
  return { id: post.id, atIn: edge === 'low' ? post.atIn + post.halfIn : post.atIn - post.halfIn }
}

/** Where a block has room: its heights, and what carries its ends; null where it has none, or is not needed. */
function blockPlace(wall: Wall, bucks: Bucks, block: BlockAt) {
  const { opening, at, edgeUpIn } = block
  const board = buckBoard(wall)
  const insetIn = setIn(wall) ? board.depthIn : PLY_IN
  const deepIn = setIn(wall) ? PLY_IN : board.depthIn
  const lowUpIn = at === 'sill' ? edgeUpIn - deepIn : edgeUpIn
  const lies = { lowUpIn, highUpIn: lowUpIn + deepIn, outFromIn: -insetIn, outToIn: 0 }
  if (isCovered(wall, block) || lowUpIn < 0 || lies.highUpIn > wall.building.heelIn + SAME_IN) return null
  const low = besideOpening(wall, bucks, opening, 'low')
  const high = besideOpening(wall, bucks, opening, 'high')
  if (!low || !high) return null
  // On a bracket a post begins above the ground: below it nothing holds a block.
  const { school, bracketIn } = wall.building
  const onPost = [low, high].some(({ id }) => wall.supports.some((support) => support.id === id))
  if (school === 'pier' && onPost && lowUpIn < bracketIn - SAME_IN) return null
  const short = bucks.all.some(
    ({ id, highUpIn, lowUpIn: fromUpIn }) =>
      (id === low.id || id === high.id) && (highUpIn < lies.highUpIn || fromUpIn > lowUpIn),
  )
  const taken = wall.rooms.some(
    (room) => inRoom(lies, room) && room.fromIn < opening.toIn && room.toIn > opening.fromIn,
  )
  return short || taken ? null : { low, high, middleUpIn: lowUpIn + deepIn / 2, middleOutIn: -insetIn / 2 }
}

/** Blocks at sills and heads that no row can land on: behind the girts, between bucks or posts. */
export function putBlocks(making: Making, wall: Wall, bucks: Bucks): void {
  const { line, side, rows, openings, building } = wall
  for (const [order, block] of rows.blocks.entries()) {
    const opening = openings.find((placed) => placed.opening.id === block.openingId)
    if (!opening) continue
    const edgeUpIn = block.at === 'sill' ? opening.sillIn : opening.headIn
    const place = blockPlace(wall, bucks, { opening, at: block.at, edgeUpIn })
    if (!place) continue
    const { low, high, middleUpIn, middleOutIn } = place
    const stick = putStick(making, {
      id: `block-${opening.opening.id}-${block.at}`,
      name: `block ${order + 1}`,
      kind: 'blocking',
      place: { part: 'main', side, row: opening.opening.id, order },
      board: buckBoard(wall),
      from: placeOn(line, low.atIn, middleOutIn, middleUpIn),
      to: placeOn(line, high.atIn, middleOutIn, middleUpIn),
      up: setIn(wall) ? towards(line, 0, 1, 0) : UP,
      ends: [squareOn(low.id), squareOn(high.id)],
    })
    for (const [end, on] of [low, high].entries())
      making.joins.push({
        kind: 'block to buck',
        stick: stick.id,
        to: on.id,
        atIn: end === 0 ? 0 : stick.cutLengthIn,
        upIn: wall.supports.some(({ id }) => id === on.id) ? edgeUpIn : null,
        fastener: { by: 'nail', nail: building.joints.girt.nail },
        count: 2,
      })
  }
}

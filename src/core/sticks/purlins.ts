import { purlinPlaces } from '../layout'
import type { Building } from '../model'
import { HALF_MARK_IN, PITCH_RUN_IN, pitchRadians, SAME_IN } from '../units'
import { PLY_IN } from '../wood'
import type { Boards } from './board'
import { type Stretch, type Support, supportsNear } from './line'
import { item } from '../result'
import { type Making, putStick, squareOn } from './make'
import { type PutPurlin, putPurlinBlocks } from './purlinBlocks'
import { type Slope, placeOnSlope } from './slope'
import { boardsBetween, LONGEST_IN, type Splicing, splicesOf } from './splices'
import type { Overhangs } from './trusses'
import type { End, Join, JoinKind, StickBoard } from './stick'

/** Trusses closer than this carry long boards over many of them, inches. */
const CLOSE_IN = 60
/** A lapped board runs so far past the middle of the truss that it laps on, inches. */
const LAP_IN = 6
/** What a hanger takes of the clear space between two trusses, inches. */
const HANGER_PLAY_IN = 1 / 8

/** Boards across one slope: what they are, how they lie, at which places up the slope. */
export interface PurlinsOf {
  readonly building: Building
  readonly slope: Slope
  readonly board: StickBoard
  readonly style: Building['roof']['purlins']['style']
  readonly run: Building['roof']['purlins']['run']
  readonly placesIn: readonly number[]
  readonly kind: JoinKind
}

/** The boards of one row of purlins, along the slope's low edge; `sideIn` is how far a lapped one lies beside its row. */
interface RowBoard extends Stretch {
  readonly sideIn: number
}

const reachOf = ({ style, run, slope }: PurlinsOf): Splicing['reach'] => {
  const spaceIn = widestIn(slope.supports)
  if (style === 'flat' || spaceIn < CLOSE_IN) return 'long'
  return run === 'two-span' ? 'two' : 'each'
}

/** The widest space between supports, inches. */
const widestIn = (supports: readonly Support[]): number =>
  supports.reduce((most, { atIn }, i) => Math.max(most, i > 0 ? atIn - (supports[i - 1]?.atIn ?? atIn) : 0), 0)

/** Boards hung between supports: each cut to the clear space, less the play of its hangers. */
function hung({ slope }: PurlinsOf, placeIn: number): readonly RowBoard[] {
  return slope.supports.flatMap((support, i): readonly RowBoard[] => {
    const before = slope.supports[i - 1]
    if (!before) return []
    const fromIn = before.atIn + slope.halfIn(before, placeIn) + HANGER_PLAY_IN / 2
    const toIn = support.atIn - slope.halfIn(support, placeIn) - HANGER_PLAY_IN / 2
    return toIn - fromIn > 1 ? [{ fromIn, toIn, sideIn: 0 }] : []
  })
}

/** Boards that lap beside each other over their supports. */
function lapped({ slope }: PurlinsOf): readonly RowBoard[] {
  const stops = slope.supports.slice(1, -1).map(({ atIn }) => atIn)
  return boardsBetween(slope, stops).map(({ fromIn, toIn }, i) => ({
    fromIn: fromIn > slope.fromIn + SAME_IN ? fromIn - LAP_IN : fromIn,
    toIn: toIn < slope.toIn - SAME_IN ? toIn + LAP_IN : toIn,
    sideIn: i % 2 === 0 ? 0 : PLY_IN,
  }))
}

/** Places of the supports that boards may be joined on: over the first and the last they go on as the overhang. */
const innerIn = ({ supports }: Slope): readonly number[] => supports.slice(1, -1).map(({ atIn }) => atIn)

/** The boards of one row, by the order of the row on its slope. */
function rowBoards(of: PurlinsOf, order: number): readonly RowBoard[] {
  const { slope, style, run } = of
  if (style === 'between') return hung(of, item(of.placesIn, order))
  const reach = reachOf(of)
  const lapIn = widestIn(slope.supports) + 2 * LAP_IN
  if (style === 'over' && run === 'lapped' && reach !== 'long' && lapIn <= LONGEST_IN) return lapped(of)
  const splices = splicesOf(innerIn(slope), slope, { reach, order })
  return boardsBetween(slope, splices).map((board) => ({ ...board, sideIn: 0 }))
}

/** A board of a row with what carries it: the same in every row that is joined alike. */
interface CarriedBoard extends RowBoard {
  readonly ends: readonly [End, End]
  readonly meets: readonly { readonly to: string; readonly atIn: number }[]
}

/** Half of what a board finds at a support: hung boards stop at the posts and cleats beside it too. */
const halfOf = ({ style, slope }: PurlinsOf, support: Support, placeIn: number): number =>
  style === 'between' ? slope.halfIn(support, placeIn) : support.halfIn

/** A board with the supports that it meets. */
function carried(of: PurlinsOf, board: RowBoard, placeIn: number): CarriedBoard {
  const { slope, style } = of
  const { fromIn, toIn } = board
  const near = supportsNear(slope.supports, fromIn, toIn)
  const reachIn = style === 'between' ? HANGER_PLAY_IN : -HALF_MARK_IN
  const meets = near.filter((support) => {
    const halfIn = halfOf(of, support, placeIn)
    return support.atIn + halfIn > fromIn - reachIn && support.atIn - halfIn < toIn + reachIn
  })
  const endAt = (atIn: number): End => {
    const support = near.find(
      (each) => Math.abs(each.atIn - atIn) <= halfOf(of, each, placeIn) + LAP_IN + HANGER_PLAY_IN,
    )
    // Beside a post or a cleat the board hangs on that, not on the truss or rafter itself.
    const beside = support && halfOf(of, support, placeIn) > support.halfIn + SAME_IN
    return squareOn(support && !beside ? support.id : null)
  }
  return {
    ...board,
    ends: [endAt(fromIn), endAt(toIn)],
    meets: meets.map(({ id, atIn }) => ({ to: id, atIn: Math.min(toIn, Math.max(fromIn, atIn)) - fromIn })),
  }
}

/** What holds a purlin at each support. */
function purlinFastener({ joints, roof }: Building, style: PurlinsOf['style']): Pick<Join, 'fastener' | 'count'> {
  if (style === 'between') return { fastener: { by: 'hanger', fits: roof.purlins.size.replace('x', '×') }, count: 1 }
  if (joints.purlinTieLb !== null) return { fastener: { by: 'tie' }, count: 1 }
  return { fastener: { by: 'nail', nail: joints.purlin.nail }, count: joints.purlin.count }
}

/** The rows of purlins or battens of one slope, from its low edge, with what holds them to each support. */
export function putPurlins(making: Making, of: PurlinsOf): void {
  const { building, slope, board, style, placesIn, kind } = of
  const flat = style === 'flat'
  const deepIn = flat ? board.widthIn : board.depthIn
  const offIn = style === 'between' ? -deepIn / 2 : deepIn / 2
  const halfIn = (flat ? board.depthIn : board.widthIn) / 2
  const held = purlinFastener(building, style)
  const patterns = new Map<number, readonly CarriedBoard[]>()
  const boardsOf = (order: number, placeIn: number): readonly CarriedBoard[] => {
    const alike = style === 'between' ? order : order % 2
    const has = patterns.get(alike) ?? rowBoards(of, order).map((each) => carried(of, each, placeIn))
    patterns.set(alike, has)
    return has
  }
  const blocked = building.roof.purlins.blocked && !flat
  const rows: PutPurlin[][] = []
  for (const [order, placeIn] of placesIn.entries()) {
    const row = `P${order + 1}`
    const [rowId, rowName] = [`${slope.id}-${row}-`, `${row}.`]
    const put: PutPurlin[] = []
    rows.push(put)
    for (const [i, { fromIn, toIn, sideIn, ends, meets }] of boardsOf(order, placeIn).entries()) {
      const upIn = placeIn + halfIn + sideIn
      const stick = putStick(making, {
        id: `${rowId}${i + 1}`,
        name: `${rowName}${i + 1}`,
        kind: flat ? 'batten' : 'purlin',
        place: { part: slope.part, side: slope.side, row, order: i },
        board,
        from: placeOnSlope(slope, fromIn, upIn, offIn),
        to: placeOnSlope(slope, toIn, upIn, offIn),
        up: flat ? slope.up : slope.off,
        ends,
      })
      // Written out: there are thousands, and what is spread into an object takes three times the room.
      for (const { to, atIn } of meets)
        making.joins.push({ kind, stick: stick.id, to, atIn, upIn: null, fastener: held.fastener, count: held.count })
      if (blocked) put.push({ stick, fromIn, toIn, lowIn: placeIn + sideIn })
    }
  }
  if (blocked) putPurlinBlocks(making, { slope, board, offIn, rows })
}

/** The board of the purlins of a building. */
export const purlinBoard = ({ roof }: Building, boards: Boards): StickBoard =>
  boards(roof.purlins.size, roof.purlins.lumber)

/** Room that the top row needs below the ridge, so that it does not stand in that of the other slope, inches. */
function ridgeRoomIn({ pitchPer12, roof }: Building, board: StickBoard): number {
  const flat = roof.purlins.style === 'flat'
  const [wideIn, highIn] = flat ? [board.depthIn, board.widthIn] : [board.widthIn, board.depthIn]
  const lapIn = roof.purlins.style === 'over' && roof.purlins.run === 'lapped' ? PLY_IN : 0
  // On the slope the far edge of a board leans over toward the ridge, above it or hung below.
  return wideIn + lapIn + highIn * (pitchPer12 / PITCH_RUN_IN)
}

/** Places of the rows of purlins of a main slope, up from its low edge. */
export function mainPurlinPlaces(building: Building, boards: Boards, slope: Slope): readonly number[] {
  const board = purlinBoard(building, boards)
  return purlinPlaces(slope.lengthIn, building.roof.purlins.spaceIn, ridgeRoomIn(building, board))
}

/** The purlins of the main roof, both slopes. */
export function putMainPurlins(
  making: Making,
  {
    building,
    boards,
    slopes,
  }: {
    readonly building: Building
    readonly boards: Boards
    readonly slopes: readonly Slope[]
  },
): void {
  const { style, run } = building.roof.purlins
  const board = purlinBoard(building, boards)
  for (const slope of slopes)
    putPurlins(making, {
      building,
      slope,
      board,
      style,
      run,
      placesIn: mainPurlinPlaces(building, boards, slope),
      kind: 'purlin to truss',
    })
}

/** A shorter overhang has no room for a fascia outside of the girts, inches. */
const LEAST_FASCIA_IN = 4.5

/** Fascia boards on the tails of the trusses, where the roof has an overhang at its eaves. */
export function putFascia(
  making: Making,
  {
    building,
    boards,
    slopes,
    overhangs,
  }: {
    readonly building: Building
    readonly boards: Boards
    readonly slopes: readonly Slope[]
    readonly overhangs: Overhangs
  },
): void {
  const board = boards('2x6', building.roof.purlins.lumber)
  const angle = pitchRadians(building.pitchPer12)
  for (const slope of slopes) {
    if (overhangs[slope.side] < LEAST_FASCIA_IN) continue
    const splices = splicesOf(innerIn(slope), slope, { reach: 'long', order: 0 })
    // Plumb on the ends of the tails, its top under the plane of the purlins.
    const place = (alongIn: number) => {
      const [x, y, z] = placeOnSlope(slope, alongIn, 0, 0)
      const [upX, upY] = [slope.up[0] / Math.cos(angle), slope.up[1] / Math.cos(angle)]
      return [x - (upX * PLY_IN) / 2, y - (upY * PLY_IN) / 2, z - board.depthIn / 2 - PLY_IN * Math.tan(angle)] as const
    }
    for (const [order, { fromIn, toIn }] of boardsBetween(slope, splices).entries()) {
      const stick = putStick(making, {
        id: `fascia-${slope.side}-${order + 1}`,
        name: `fascia ${order + 1}`,
        kind: 'fascia',
        place: { part: slope.part, side: slope.side, row: 'fascia', order },
        board,
        from: place(fromIn),
        to: place(toIn),
        up: [0, 0, 1],
        // The tails of the trusses, which their maker sees to.
        ends: [squareOn(null), squareOn(null)],
      })
      for (const support of slope.supports)
        if (support.atIn > fromIn - HALF_MARK_IN && support.atIn < toIn + HALF_MARK_IN)
          making.joins.push({
            kind: 'fascia to truss',
            stick: stick.id,
            to: support.id,
            atIn: support.atIn - fromIn,
            upIn: null,
            fastener: { by: 'nail', nail: '16d-common' },
            count: 2,
          })
    }
  }
}

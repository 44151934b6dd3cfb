import { girtsOutIn } from '../layout'
import { SAME_IN } from '../units'
import { PLY_IN } from '../wood'
import type { Bucks } from './bucks'
import { placeOn, supportsNear, UP } from './line'
import { type Making, putStick, squareOn } from './make'
import { clearOf, type Room } from './room'
import { boardsBetween, type Splicing, splicesOf } from './splices'
import type { End, Fastener, StickBoard } from './stick'
import { endOn, meetsPosts, roomsAt, type Wall } from './wall'

/** A skirt is bought in boards that one person carries, inches. */
const SKIRT_BOARD_IN = 192
const SKIRT_SIZES = ['2x4', '2x6', '2x8', '2x10', '2x12'] as const

/** Boards of a skirt, one above another: the least size that is deep enough, sawn down to the depth. */
function skirtBoards({ building, boards }: Wall): readonly StickBoard[] {
  const { depthIn } = building.skirt
  const deepest = boards('2x12', building.girts.lumber, true)
  const count = Math.ceil(depthIn / deepest.depthIn - SAME_IN)
  const eachIn = depthIn / count
  const size = SKIRT_SIZES.find((each) => boards(each, building.girts.lumber, true).depthIn >= eachIn - SAME_IN)
  const board = size ? boards(size, building.girts.lumber, true) : deepest
  const sawn = { ...board, depthIn: eachIn, weightPlf: (board.weightPlf * eachIn) / board.depthIn }
  return Array.from({ length: count }, () => (Math.abs(eachIn - board.depthIn) < SAME_IN ? board : sawn))
}

/** The skirt along one wall, doors to the ground left out. */
export function putSkirt(making: Making, wall: Wall, bucks: Bucks): void {
  const { building, line, side, supports } = wall
  if (building.skirt.depthIn <= 0) return
  const doors = wall.openings.filter(({ sillIn }) => sillIn <= 0)
  const rooms = doors.map((door): Room => ({
    ...ALL_HEIGHTS,
    fromIn: door.fromIn,
    toIn: door.toIn,
    of: door.opening.id,
  }))
  const stretches = clearOf([{ fromIn: 0, toIn: wall.lengthIn }], ALL_HEIGHTS, rooms)
  const { supportsIn } = wall
  const nail: Fastener = { by: 'nail', nail: building.joints.girt.nail }
  for (const [course, board] of skirtBoards(wall).entries()) {
    const splicing: Splicing = { reach: 'long', order: course, mostIn: SKIRT_BOARD_IN }
    const parts = stretches.flatMap((stretch) => boardsBetween(stretch, splicesOf(supportsIn, stretch, splicing)))
    const middleUpIn = building.skirt.topIn - board.depthIn * (course + 0.5)
    const highUpIn = middleUpIn + board.depthIn / 2
    const lies = roomsAt(wall, { lowUpIn: highUpIn - board.depthIn, highUpIn, outFromIn: 0, outToIn: PLY_IN })
    const onWood = (atIn: number): End => {
      const on = endOn(wall, bucks, atIn, lies)
      const buck = bucks.all.find(({ id }) => id === on)
      // A lower course may lie under the feet of the bucks.
      return squareOn(buck && buck.lowUpIn >= highUpIn ? null : on)
    }
    for (const [order, { fromIn, toIn }] of parts.entries()) {
      const stick = putStick(making, {
        id: `skirt-${side}-${course + 1}-${order + 1}`,
        name: `skirt ${course + 1}.${order + 1}`,
        kind: 'skirt',
        place: { part: 'main', side, row: `skirt ${course + 1}`, order },
        board,
        from: placeOn(line, fromIn, PLY_IN / 2, middleUpIn),
        to: placeOn(line, toIn, PLY_IN / 2, middleUpIn),
        up: UP,
        ends: [onWood(fromIn), onWood(toIn)],
      })
      if (!meetsPosts(wall, highUpIn)) {
        making.overlaps.push({ kind: 'below the brackets', sticks: [stick.id, stick.id] })
        continue
      }
      for (const support of supportsNear(supports, fromIn, toIn))
        if (support.atIn + support.halfIn > fromIn + SAME_IN && support.atIn - support.halfIn < toIn - SAME_IN)
          making.joins.push({
            kind: 'skirt to post',
            stick: stick.id,
            to: support.id,
            atIn: Math.min(toIn, Math.max(fromIn, support.atIn)) - fromIn,
            upIn: highUpIn,
            fastener: nail,
            count: building.joints.girt.count,
          })
    }
  }
}

const ALL_HEIGHTS = { lowUpIn: -1000, highUpIn: 1000, outFromIn: -1000, outToIn: 1000 }

/** Width of a leaf over its opening, both sides together, inches. */
const LEAF_LAPS_IN = 4

/** Where the track boards of a wall lie: their inner face out from its string, and how deep they are. */
export function tracksOf({ building, boards, rooms, side }: Pick<Wall, 'building' | 'boards' | 'rooms' | 'side'>) {
  const girtsIn = girtsOutIn(building, side)
  const board = boards(building.girts.size, building.girts.lumber)
  return { board, outIn: rooms.reduce((most, room) => Math.max(most, room.outToIn), girtsIn) }
}

export const trackId = ({ opening }: Wall['openings'][number]): string => `track-${opening.id}`

/** Track boards over sliding doors: over two leaves, toward the side with more room, on the outside of the girts. */
export function putTracks(making: Making, wall: Wall): void {
  const { building, line, side, lengthIn } = wall
  const { board, outIn } = tracksOf(wall)
  for (const [order, door] of wall.openings.filter(({ opening }) => opening.kind === 'slider').entries()) {
    const leafIn = door.toIn - door.fromIn + LEAF_LAPS_IN
    const closedIn = door.fromIn - LEAF_LAPS_IN / 2
    const toHigh = lengthIn - door.toIn >= door.fromIn
    const fromIn = Math.max(0, toHigh ? closedIn : closedIn - leafIn)
    const toIn = Math.min(lengthIn, toHigh ? closedIn + 2 * leafIn : closedIn + leafIn)
    const upIn = door.headIn + board.depthIn / 2
    const stick = putStick(making, {
      id: trackId(door),
      name: `track ${order + 1}`,
      kind: 'track board',
      place: { part: 'main', side, row: 'track', order },
      board,
      from: placeOn(line, fromIn, outIn + PLY_IN / 2, upIn),
      to: placeOn(line, toIn, outIn + PLY_IN / 2, upIn),
      up: UP,
      ends: [squareOn(null), squareOn(null)],
    })
    for (const support of wall.supports)
      if (support.atIn > fromIn && support.atIn < toIn)
        making.joins.push({
          kind: 'track board to girts',
          stick: stick.id,
          to: support.id,
          atIn: support.atIn - fromIn,
          upIn: door.headIn + board.depthIn,
          fastener: { by: 'nail', nail: building.joints.girt.nail },
          count: building.joints.girt.count,
        })
  }
}

import {
  alongWall,
  type Grid,
  isEave,
  onWall,
  type PlacedOpening,
  type Post,
  wallPosts,
  type WallRows,
} from '../layout'
import type { Building, Side } from '../model'
import { HALF_MARK_IN, SAME_IN } from '../units'
import type { Boards } from './board'
import { anySupport, type Line, type Support, wallLine } from './line'
import { inRoom, type Lies, type Room } from './room'

/** A post of a wall: how far in from the string it reaches besides. */
interface WallSupport extends Support {
  readonly deepIn: number
}

/** One wall with all that its boards depend on. */
export interface Wall {
  readonly building: Building
  readonly boards: Boards
  readonly side: Side
  readonly line: Line
  readonly lengthIn: number
  readonly rows: WallRows
  readonly openings: readonly PlacedOpening[]
  readonly supports: readonly WallSupport[]
  readonly supportsIn: readonly number[]
  /** What else stands along it: beams, ledgers, the high ends of rafters. */
  readonly rooms: readonly Room[]
  /** The truss that stands in it where it is a gable. */
  readonly gableTruss: string | null
}

/** Gathers what a wall is made from. */
export function wallOf({
  building,
  grid,
  boards,
  side,
  rows,
  posts,
  placed,
  rooms,
  gableTruss = null,
}: {
  readonly building: Building
  readonly grid: Grid
  readonly boards: Boards
  readonly side: Side
  readonly rows: WallRows
  readonly posts: readonly Post[]
  readonly placed: readonly PlacedOpening[]
  readonly rooms: readonly Room[]
  readonly gableTruss?: string | null
}): Wall {
  const supports = wallPosts(posts, side).map((post) => ({
    id: post.id,
    ...alongWall(post, side),
    deepIn: isEave(side) ? post.sizeY : post.sizeX,
  }))
  return {
    building: onWall(building, side),
    boards,
    side,
    line: wallLine(grid, side),
    lengthIn: isEave(side) ? grid.lengthIn : grid.widthIn,
    rows,
    openings: placed.filter(({ opening }) => opening.side === side),
    supports,
    supportsIn: supports.map(({ atIn }) => atIn),
    rooms,
    gableTruss,
  }
}

/** The support that a place of the wall lies on; null where it lies beside all of them. */
const supportAt = (supports: readonly Support[], atIn: number): Support | null =>
  anySupport(supports, atIn, HALF_MARK_IN)

/** Where the boards of a row lie, and what of the wall's rooms is at their height. */
export interface RowLies extends Lies {
  /** Beams that the boards lie flat on, and what they would stand in. */
  readonly flush: readonly Room[]
  readonly stops: readonly Room[]
}

/** Gathers the rooms that boards meet that lie so. */
export function roomsAt({ rooms }: Wall, lies: Lies): RowLies {
  const middleUpIn = (lies.lowUpIn + lies.highUpIn) / 2
  return {
    ...lies,
    flush: rooms.filter(
      (room) =>
        Math.abs(room.outToIn - lies.outFromIn) < SAME_IN && room.lowUpIn < middleUpIn && middleUpIn < room.highUpIn,
    ),
    stops: rooms.filter((room) => inRoom(lies, room)),
  }
}

/** Where the bucks of a wall stand. */
export interface BuckPlaces {
  /** The buck whose opening's edge lies at a place along the wall. */
  readonly at: (atIn: number) => string | null
}

/** Whether boards as high as this meet the posts: on brackets these may begin above them. */
export const meetsPosts = ({ building }: Wall, highUpIn: number): boolean =>
  building.school !== 'pier' || highUpIn > building.bracketIn

/** What carries the end of a board of a wall: a beam flush under it, what it stops at, a post, a buck, or nothing. */
export function endOn(wall: Wall, bucks: BuckPlaces, atIn: number, lies: RowLies): string | null {
  if (!meetsPosts(wall, lies.highUpIn)) return null
  for (const room of lies.flush) if (room.fromIn - SAME_IN <= atIn && atIn <= room.toIn + SAME_IN) return room.of
  for (const room of lies.stops)
    if (Math.abs(room.fromIn - atIn) < HALF_MARK_IN || Math.abs(room.toIn - atIn) < HALF_MARK_IN) return room.of
  return supportAt(wall.supports, atIn)?.id ?? bucks.at(atIn)
}

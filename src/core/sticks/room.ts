import { HALF_MARK_IN } from '../units'
import type { Stretch } from './line'

/** What takes up room along a wall: from and to along it, up, and out from the string. Inches. */
export interface Room extends Stretch {
  readonly lowUpIn: number
  readonly highUpIn: number
  readonly outFromIn: number
  readonly outToIn: number
  /** The beam, ledger or cleats that it is: boards that stop at it may rest on them. */
  readonly of: string
}

/** Whether two stretches overlap by more than a mark. */
const meet = (a0: number, a1: number, b0: number, b1: number): boolean =>
  Math.min(a1, b1) - Math.max(a0, b0) > HALF_MARK_IN

/** The heights of a board of a wall, and its place out from the string. */
export type Lies = Omit<Room, 'fromIn' | 'toIn' | 'of'>

/** Whether a board would stand in some room where both are along the wall. */
export const inRoom = (board: Lies, room: Room): boolean =>
  meet(board.lowUpIn, board.highUpIn, room.lowUpIn, room.highUpIn) &&
  meet(board.outFromIn, board.outToIn, room.outFromIn, room.outToIn)

/** What is left of one stretch beside some rooms, in their order along the wall. */
function clearParts({ fromIn, toIn }: Stretch, rooms: readonly Room[]): readonly Stretch[] {
  const parts: Stretch[] = []
  let atIn = fromIn
  for (const room of rooms) {
    if (!meet(fromIn, toIn, room.fromIn, room.toIn)) continue
    if (room.fromIn - atIn > LEAST_PART_IN) parts.push({ fromIn: atIn, toIn: room.fromIn })
    atIn = Math.max(atIn, room.toIn)
  }
  if (toIn - atIn > (parts.length > 0 || atIn > fromIn ? LEAST_PART_IN : 0)) parts.push({ fromIn: atIn, toIn })
  return parts
}

/** No part of a stretch is shorter, inches. */
const LEAST_PART_IN = 1

/** What is left of some stretches beside the rooms that a board would stand in. */
export function clearOf(stretches: readonly Stretch[], board: Lies, rooms: readonly Room[]): readonly Stretch[] {
  const taken = rooms.filter((room) => inRoom(board, room)).sort((one, other) => one.fromIn - other.fromIn)
  return taken.length === 0 ? stretches : stretches.flatMap((stretch) => clearParts(stretch, taken))
}

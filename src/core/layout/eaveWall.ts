import { entryOf, issue } from '../result'
import { HALF_MARK_IN } from '../units'
import { type Laying, leaveOut, newJamb, setPost, type Slot, standsIn } from './laying'
import type { PlacedOpening } from './openings'

/** Places for the posts of an eave wall before any opening: one at each numbered line. */
function numberedSlots({ grid }: Laying, row: string): Slot[] {
  const last = grid.centresIn.length - 1
  return grid.centresIn.map((at, i) => ({
    id: `${row}${i + 1}`,
    nominal: at,
    at,
    kind: i === 0 || i === last ? 'corner' : 'eave',
    openingId: null,
    line: i + 1,
    row,
  }))
}

/** A walk door or window may not meet a post of the row. */
function refuseMeeting(laying: Laying, slots: readonly Slot[], placed: PlacedOpening): void {
  const { building, widthIn } = laying
  const hit = slots.find((slot) => slot.kind !== 'corner' && standsIn(laying, slot.at, placed))
  if (!hit) return
  laying.issues.push(
    issue('post-in-opening', ['building', 'openings', building.openings.indexOf(placed.opening), 'positionIn'], {
      post: hit.id,
      beforeIn: hit.at - widthIn / 2 - placed.opening.widthIn,
      afterIn: hit.at + widthIn / 2,
    }),
  )
}

/** A jamb at each edge of a framed door: the post that stands there already, the corner post, or one of its own. */
function setJambs(laying: Laying, slots: Slot[], placed: PlacedOpening, row: string): void {
  const { grid, widthIn } = laying
  for (const [edge, target] of [
    [placed.fromIn, placed.fromIn - widthIn / 2],
    [placed.toIn, placed.toIn + widthIn / 2],
  ] as const) {
    const same = slots.find((slot) => Math.abs(slot.at - target) < HALF_MARK_IN)
    if (same?.kind === 'eave') {
      same.kind = 'jamb'
      same.openingId = placed.opening.id
    }
    const cornerIsJamb =
      Math.abs(edge - widthIn) < HALF_MARK_IN || Math.abs(grid.lengthIn - edge - widthIn) < HALF_MARK_IN
    if (!same && !cornerIsJamb) slots.push(newJamb(laying, target, placed.opening.id, { line: null, row }))
  }
}

/**
 * Lays out an eave wall: a post at each numbered line; posts bridged on purpose and those in a framed door are left
 * out (a header carries their trusses), the door gets a jamb at each edge.
 */
export function layEaveWall(laying: Laying, side: 'south' | 'north'): void {
  const { building, widthIn } = laying
  const row = entryOf(laying.rows, side)
  // A bridged name that no eave post has (the bays have changed since) leaves nothing out.
  let slots = leaveOut(laying, side, numberedSlots(laying, row), {
    goes: (slot) => slot.kind === 'eave' && building.bridged.includes(slot.id),
    openingId: null,
  })
  for (const placed of laying.placed.filter((placed) => placed.opening.side === side)) {
    if (!placed.framed) {
      refuseMeeting(laying, slots, placed)
      continue
    }
    setJambs(laying, slots, placed, row)
    slots = leaveOut(laying, side, slots, {
      goes: (slot) => slot.kind === 'eave' && standsIn(laying, slot.at, placed, widthIn),
      openingId: placed.opening.id,
    })
  }
  for (const slot of slots.sort((one, other) => one.at - other.at)) setPost(laying, side, slot)
}

import { entryOf, issue } from '../result'
import { HALF_MARK_IN } from '../units'
import { jambEdges, keptOn, type Laying, leaveOut, newJamb, setPost, type Slot, standsIn } from './laying'
import { linePlace } from './naming'
import type { PlacedOpening } from './openings'

/** Places for the posts of an eave wall before any opening: one at each numbered line. */
function numberedSlots({ grid, rows, naming }: Laying, side: 'south' | 'north'): Slot[] {
  const last = grid.centresIn.length - 1
  const letter = entryOf(rows, side)
  return grid.centresIn.map((at, i) => {
    const place = linePlace(i, last)
    const { id, name } = naming.lettered({ string: side, place }, letter, i + 1)
    return {
      id,
      name,
      string: side,
      place,
      nominal: at,
      at,
      kind: i === 0 || i === last ? 'corner' : 'eave',
      openingId: null,
      line: i + 1,
      row: side,
      pinned: grid.pinnedIn.includes(at),
    }
  })
}

/** Posts of an eave wall that were kept where they stood and carry no truss, beside those of the lines. */
function keptSlots({ building, naming }: Laying, side: 'south' | 'north', lines: readonly Slot[]): Slot[] {
  return keptOn(building, side).flatMap(({ id, atIn }) => {
    if (lines.some((slot) => Math.abs(slot.at - atIn) < HALF_MARK_IN)) return []
    const place = { string: side, place: `kept-${id}` } as const
    return {
      ...naming.numbered(place, 'X'),
      ...place,
      nominal: atIn,
      at: atIn,
      kind: 'jamb' as const,
      openingId: null,
      line: null,
      row: side,
      pinned: true,
    }
  })
}

/** A walk door or window may not meet a post of the row. */
function refuseMeeting(laying: Laying, slots: readonly Slot[], placed: PlacedOpening): void {
  const { building, widthIn } = laying
  const hit = slots.find((slot) => slot.kind !== 'corner' && standsIn(laying, slot.at, placed))
  if (!hit) return
  laying.issues.push(
    issue('post-in-opening', ['building', 'openings', building.openings.indexOf(placed.opening), 'positionIn'], {
      post: hit.name,
      beforeIn: hit.at - widthIn / 2 - placed.opening.widthIn,
      afterIn: hit.at + widthIn / 2,
    }),
  )
}

/** A jamb at each edge of a framed door: the post that stands there already, the corner post, or one of its own. */
function setJambs(laying: Laying, slots: Slot[], placed: PlacedOpening, row: string): void {
  const { grid, widthIn } = laying
  for (const jamb of jambEdges(laying, placed)) {
    const same = slots.find((slot) => Math.abs(slot.at - jamb.targetIn) < HALF_MARK_IN)
    // A post of the row, or one kept from another door, becomes the jamb.
    if (same?.kind === 'eave' || (same?.kind === 'jamb' && same.openingId === null)) {
      same.kind = 'jamb'
      same.openingId = placed.opening.id
    }
    const insideIn = widthIn / 2
    const cornerIsJamb =
      Math.abs(jamb.targetIn - insideIn) < HALF_MARK_IN ||
      Math.abs(grid.lengthIn - jamb.targetIn - insideIn) < HALF_MARK_IN
    if (!same && !cornerIsJamb) slots.push(newJamb(laying, jamb, placed.opening, { line: null, row }))
  }
}

/**
 * Lays out an eave wall: a post at each numbered line; posts bridged on purpose and those in a framed door are left
 * out (a header carries their trusses), the door gets a jamb at each edge.
 */
export function layEaveWall(laying: Laying, side: 'south' | 'north'): void {
  const { building, widthIn } = laying
  // A bridged post whose line is no more leaves nothing out.
  const lines = numberedSlots(laying, side)
  let slots = leaveOut(laying, side, [...lines, ...keptSlots(laying, side, lines)], {
    goes: (slot) => slot.kind === 'eave' && building.bridged.includes(slot.id),
    openingId: null,
  })
  for (const placed of laying.placed.filter((placed) => placed.opening.side === side)) {
    if (!placed.framed) {
      refuseMeeting(laying, slots, placed)
      continue
    }
    setJambs(laying, slots, placed, side)
    slots = leaveOut(laying, side, slots, {
      goes: (slot) => slot.kind === 'eave' && standsIn(laying, slot.at, placed, widthIn),
      openingId: placed.opening.id,
    })
  }
  for (const slot of slots.sort((one, other) => one.at - other.at)) setPost(laying, side, slot)
}

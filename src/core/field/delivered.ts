import { BOARD_SIZES, type BoardName, type Building } from '../model'
import { ROUNDING } from '../units'
import { boardSize } from '../wood'
import type { Delivered } from './kinds'

// What came off the truck against what the plan has.

/** What was measured of a delivery. */
interface Came {
  readonly what: Delivered
  /** What it is of, as a person wrote it: `2×6 girts`. */
  readonly item: string
  readonly inches: number
}

/** A delivery that was measured, against the plan, inches; `offIn` is more than planned where positive. */
interface DeliveredOff {
  readonly plannedIn: number
  readonly offIn: number
  readonly isOff: boolean
}

/** What a truss or a board may be off before it is said, inches: a tape at a truss, and dry lumber as dressed (PS 20). */
const MAY_BE_OFF_IN: Readonly<Record<Delivered, number>> = {
  'truss heel': 1 / 8,
  'truss span': 1 / 2,
  'board width': 1 / 8,
  'board thickness': 1 / 16,
}

/** The board that a text names, `2x6` or `2 × 6`; null where it names none. */
function boardIn(text: string): BoardName | null {
  const named = /2\s*[x×]\s*\d+/i.exec(text)?.[0].replace(/\s/g, '').replace(/[×X]/, 'x')
  return BOARD_SIZES.find((size) => size === named) ?? null
}

/** What the plan has of it, inches; null where a board is not named or none of ours. */
function plannedOf({ what, item }: Came, building: Pick<Building, 'roof'>, spanIn: number): number | null {
  const board = boardIn(item)
  switch (what) {
    case 'truss heel':
      return building.roof.truss.heelDepthIn
    case 'truss span':
      return spanIn
    case 'board width':
      return board && boardSize(board).dIn
    case 'board thickness':
      return board && boardSize(board).bIn
  }
}

/**
 * A heel, a span or a board as delivered against the plan (inches; boards against their dressed size, PS 20); null where
 * the plan says nothing of it. `spanIn` is the building’s width out to out of the posts.
 */
export function deliveredOff(came: Came, building: Pick<Building, 'roof'>, spanIn: number): DeliveredOff | null {
  const plannedIn = plannedOf(came, building, spanIn)
  if (plannedIn === null) return null
  const offIn = came.inches - plannedIn
  return { plannedIn, offIn, isOff: Math.abs(offIn) > MAY_BE_OFF_IN[came.what] + ROUNDING }
}

import type { Building } from '../model'
import { type Issue, issue, item } from '../result'
import { ROUNDING } from '../units'
import type { Grid } from './grid'
import type { PlacedOpening } from './openings'
import type { PostKind } from './post'

export interface Slot {
  id: string
  nominal: number
  at: number
  kind: PostKind
  openingId: string | null
  line: number | null
  row: string
}

/** Gable posts that stand in an opening move to its nearer side; one that the user set there is a contradiction. */
export function clearPosts({
  slots,
  hits,
  placed,
  building,
  issues,
  widthIn,
  index,
}: {
  readonly slots: Slot[]
  readonly hits: (at: number, placed: PlacedOpening, clear?: number) => boolean
  readonly placed: PlacedOpening
  readonly building: Building
  readonly issues: Issue[]
  readonly widthIn: number
  readonly index: number
}) {
  for (const slot of slots.filter((slot) => slot.kind === 'gable' && hits(slot.at, placed))) {
    if (building.gableShiftsIn[slot.id])
      issues.push(
        issue('post-in-opening', ['building', 'gableShiftsIn', slot.id], {
          post: slot.id,
          beforeIn: placed.fromIn - widthIn / 2,
          afterIn: placed.toIn + widthIn / 2,
        }),
      )
    else if (slots.some((otherSlot) => otherSlot !== slot && otherSlot.kind === 'jamb' && hits(otherSlot.at, placed)))
      issues.push(
        issue('post-in-opening', ['building', 'openings', index, 'positionIn'], {
          post: slot.id,
          beforeIn: slot.at - widthIn / 2 - placed.opening.widthIn,
          afterIn: slot.at + widthIn / 2,
        }),
      )
    else
      slot.at =
        slot.at - placed.fromIn < placed.toIn - slot.at ? placed.fromIn - widthIn / 2 : placed.toIn + widthIn / 2
  }
}

/** A space that moving or omitting has left over the maximum gets posts of its own, door openings excepted. */
export function fillWide({
  slots,
  grid,
  building,
  widthIn,
  mine,
  made,
  line,
}: {
  readonly slots: Slot[]
  readonly grid: Grid
  readonly building: Building
  readonly widthIn: number
  readonly mine: PlacedOpening[]
  readonly made: { jambs: number; extras: number }
  readonly line: number
}) {
  const all = [{ at: 0 }, ...slots.sort((one, other) => one.at - other.at), { at: grid.widthIn }]
  for (let i = 1; i < all.length; i++) {
    const [from, to] = [item(all, i - 1).at, item(all, i).at]
    if (
      to - from <= building.gableMaxIn + widthIn ||
      mine.some((placed) => placed.framed && placed.fromIn >= from - 1 && placed.toIn <= to + 1)
    )
      continue
    const gaps = Math.ceil((to - from) / (building.gableMaxIn + widthIn) - ROUNDING)
    for (let k = 1; k < gaps; k++) {
      const at = from + ((to - from) * k) / gaps
      slots.push({ id: `X${++made.extras}`, nominal: at, at, kind: 'gable', openingId: null, line, row: 'X' })
    }
  }
}

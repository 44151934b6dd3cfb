import { issue, item } from '../result'
import { HALF_MARK_IN, ROUNDING } from '../units'
import { spacesBetween } from './grid'
import {
  type JambEdge,
  jambEdges,
  keptOn,
  type Laying,
  leaveOut,
  newJamb,
  setPost,
  type Slot,
  standsIn,
} from './laying'
import { rowLetter } from './rowLetter'
import { cornerTakesIn, type PlacedOpening } from './openings'

/** A gable post within this distance of a jamb moves to become the jamb. */
const JAMB_REACH_IN = 24

/** Places for the posts of a gable wall before any opening, with what the user moved them by. */
function spacedSlots({ building, grid, naming }: Laying, side: 'west' | 'east', line: number): Slot[] {
  const kept = keptOn(building, side).map(({ atIn }) => atIn)
  return spacesBetween(kept, grid.widthIn, building.gableMaxIn).map((nominal, i) => {
    const place = `inner-${i + 1}`
    const { id, name } = naming.lettered({ string: side, place }, rowLetter(i + 1), line)
    const pinned = kept.includes(nominal)
    const at = pinned ? nominal : nominal + (building.gableShiftsIn[id] ?? 0)
    return { id, name, string: side, place, nominal, at, kind: 'gable', openingId: null, line, row: place, pinned }
  })
}

/** Where a post that stands in an opening is put right: its own shift, or the opening where it may not move. */
const whereShifted = ({ id, pinned }: Slot, index: number) =>
  pinned ? ['building', 'openings', index, 'positionIn'] : ['building', 'gableShiftsIn', id]

/**
 * Places beside some openings for a post that stands at `atIn`, the nearest first; of two that are equally near the one
 * nearer to the middle of the wall.
 */
function besides({ grid, widthIn }: Laying, atIn: number, openings: readonly PlacedOpening[]): readonly number[] {
  const off = (placeIn: number) => Math.abs(placeIn - atIn)
  const fromMiddle = (placeIn: number) => Math.abs(placeIn - grid.widthIn / 2)
  return openings
    .flatMap(({ fromIn, toIn }) => [fromIn - widthIn / 2, toIn + widthIn / 2])
    .sort((one, other) =>
      Math.abs(off(one) - off(other)) < HALF_MARK_IN ? fromMiddle(one) - fromMiddle(other) : off(one) - off(other),
    )
}

/** Whether a post could stand at a place: in no walk door or window, and clear of every other post. */
const isFree = (laying: Laying, atIn: number, openings: readonly PlacedOpening[], others: readonly Slot[]): boolean =>
  openings.every((placed) => !standsIn(laying, atIn, placed)) &&
  others.every((other) => Math.abs(other.at - atIn) >= laying.widthIn - HALF_MARK_IN)

/**
 * Posts that were added to fill a space step out of the walk doors and windows they landed in, to the nearest place that
 * is free; one that has none is not needed there.
 */
function freeOfOpenings(laying: Laying, slots: readonly Slot[], openings: readonly PlacedOpening[]): readonly Slot[] {
  const added = (slot: Slot) => slot.kind === 'gable' && slot.row === null
  const hung = openings.filter(({ framed }) => !framed)
  const standing = slots.filter((slot) => !added(slot))
  for (const slot of slots.filter(added)) {
    const inside = hung.filter((placed) => standsIn(laying, slot.at, placed))
    const places = inside.length > 0 ? besides(laying, slot.at, inside) : [slot.at]
    const at = places.find((atIn) => isFree(laying, atIn, hung, standing))
    if (at === undefined) continue
    slot.at = at
    standing.push(slot)
  }
  return standing.sort((one, other) => one.at - other.at)
}

/**
 * Gable posts that stand in a walk door or window move to the nearest free place beside one; one that the user set
 * there, or that finds none, is a contradiction.
 */
function stepAside(laying: Laying, slots: readonly Slot[], hung: readonly PlacedOpening[]): void {
  const { building, widthIn } = laying
  for (const slot of slots.filter(({ kind }) => kind === 'gable')) {
    const placed = hung.find((each) => standsIn(laying, slot.at, each))
    if (!placed) continue
    const index = building.openings.indexOf(placed.opening)
    const isSet = slot.pinned || Boolean(building.gableShiftsIn[slot.id])
    const others = slots.filter((other) => other !== slot)
    const blocked = others.some(({ kind, at }) => kind === 'jamb' && standsIn(laying, at, placed))
    const at =
      isSet || blocked ? undefined : besides(laying, slot.at, hung).find((each) => isFree(laying, each, hung, others))
    if (at !== undefined) slot.at = at
    else if (isSet)
      laying.issues.push(
        issue('post-in-opening', whereShifted(slot, index), {
          post: slot.name,
          beforeIn: placed.fromIn - widthIn / 2,
          afterIn: placed.toIn + widthIn / 2,
        }),
      )
    else
      laying.issues.push(
        issue('post-in-opening', ['building', 'openings', index, 'positionIn'], {
          post: slot.name,
          beforeIn: slot.at - widthIn / 2 - placed.opening.widthIn,
          afterIn: slot.at + widthIn / 2,
        }),
      )
  }
}

/** A jamb that a framed door wants, and the door. */
interface WantedJamb {
  readonly jamb: JambEdge
  readonly placed: PlacedOpening
}

/** A jamb and a gable post near enough to become it. */
interface Near {
  readonly wanted: WantedJamb
  readonly slot: Slot
  readonly farIn: number
}

/** Jambs of the framed doors of a wall where the corner post is none. */
function wantedJambs(laying: Laying, openings: readonly PlacedOpening[]): readonly WantedJamb[] {
  const { building, grid } = laying
  return openings.flatMap((placed) => {
    const takes = cornerTakesIn(building, placed.opening.side)
    return jambEdges(laying, placed)
      .filter(({ targetIn }) => targetIn >= takes && targetIn <= grid.widthIn - takes)
      .map((jamb) => ({ jamb, placed }))
  })
}

/**
 * A jamb at each edge of the framed doors: the nearest gable post moved there, the nearest pairs of all doors first, so
 * that it does not matter from which end the wall is laid out; else one of its own.
 */
function setJambs(laying: Laying, slots: Slot[], framed: readonly PlacedOpening[], line: number): void {
  const wanted = wantedJambs(laying, framed)
  const pairs = wanted
    .flatMap((each) =>
      slots
        .filter(({ kind }) => kind === 'gable')
        .map((slot): Near => ({ wanted: each, slot, farIn: Math.abs(slot.at - each.jamb.targetIn) }))
        .filter(({ slot, farIn }) => farIn <= (slot.pinned ? HALF_MARK_IN : JAMB_REACH_IN)),
    )
    .sort((one, other) => one.farIn - other.farIn)
  const served = new Set<WantedJamb>()
  for (const { wanted: each, slot } of pairs) {
    if (served.has(each) || slot.kind === 'jamb') continue
    slot.at = each.jamb.targetIn
    slot.kind = 'jamb'
    slot.openingId = each.placed.opening.id
    served.add(each)
  }
  for (const each of wanted)
    if (!served.has(each)) slots.push(newJamb(laying, each.jamb, each.placed.opening, { line, row: null }))
}

/** A space that moving or omitting has left over the maximum gets posts of its own, door openings excepted. */
function fillWide(
  laying: Laying,
  slots: Slot[],
  openings: readonly PlacedOpening[],
  { side, line }: { readonly side: 'west' | 'east'; readonly line: number },
): void {
  const { building, grid, widthIn, naming } = laying
  let made = 0
  const widestIn = building.gableMaxIn + widthIn
  const all = [{ at: 0 }, ...slots.sort((one, other) => one.at - other.at), { at: grid.widthIn }]
  for (let i = 1; i < all.length; i++) {
    const from = item(all, i - 1).at
    const to = item(all, i).at
    const isDoor = openings.some((placed) => placed.framed && placed.fromIn >= from - 1 && placed.toIn <= to + 1)
    if (to - from <= widestIn || isDoor) continue
    const gaps = Math.ceil((to - from) / widestIn - ROUNDING)
    for (let k = 1; k < gaps; k++) {
      const at = from + ((to - from) * k) / gaps
      const place = { string: side, place: `extra-${++made}` } as const
      slots.push({
        ...naming.numbered(place, 'X'),
        ...place,
        nominal: at,
        at,
        kind: 'gable',
        openingId: null,
        line,
        row: null,
        pinned: false,
      })
    }
  }
}

/**
 * Lays out a gable wall: posts at equal spaces; the post nearest a jamb (within 24 in.) becomes the jamb, those in a
 * framed door are left out, those in a walk door or window step to its nearer edge, and a space left over the maximum
 * gets a post of its own.
 */
export function layGableWall(laying: Laying, side: 'west' | 'east'): void {
  const { grid, widthIn } = laying
  const line = side === 'west' ? 1 : grid.centresIn.length
  const openings = laying.placed
    .filter((placed) => placed.opening.side === side)
    .sort((one, other) => one.fromIn - other.fromIn)
  let slots = spacedSlots(laying, side, line)
  const framed = openings.filter((placed) => placed.framed)
  setJambs(laying, slots, framed, line)
  for (const placed of framed)
    slots = leaveOut(laying, side, slots, {
      goes: (slot) => slot.kind === 'gable' && standsIn(laying, slot.at, placed, widthIn),
      openingId: placed.opening.id,
    })
  stepAside(
    laying,
    slots,
    openings.filter((placed) => !placed.framed),
  )
  fillWide(laying, slots, openings, { side, line })
  slots.sort((one, other) => one.at - other.at)
  for (const slot of freeOfOpenings(laying, slots, openings)) setPost(laying, side, slot)
}

import type { Building, Opening, Side, StringId } from '../model'
import type { Issue } from '../result'
import { PITCH_RUN_IN, HALF_MARK_IN } from '../units'
import { postSize } from '../wood'
import type { Grid } from './grid'
import { isEave, type PlacedOpening, placeOpening } from './openings'
import { type Naming, naming } from './naming'
import type { OmittedPost, Post, PostKind, PostName, PostPlace } from './post'

/** A place in a wall for a post, before the wall is done. */
export interface Slot extends PostName, PostPlace {
  nominal: number
  at: number
  kind: PostKind
  openingId: string | null
  line: number | null
  row: string | null
  pinned: boolean
}

/** What the walls are laid out from, and what they put down one after another. */
export interface Laying {
  readonly building: Building
  readonly grid: Grid
  readonly placed: readonly PlacedOpening[]
  /** Width of a post along its wall and its depth across it, inches. */
  readonly widthIn: number
  readonly depthIn: number
  /** Letters of the rows across the building. */
  readonly rows: Record<string, string>
  readonly naming: Naming
  readonly posts: Post[]
  readonly omitted: OmittedPost[]
  readonly issues: Issue[]
}

/** A post that stays where it stood, and where along its row. */
interface KeptPost {
  readonly id: string
  readonly atIn: number
}

/** A building with no post down yet. */
export function startLaying(building: Building, grid: Grid, rows: Record<string, string>): Laying {
  const { widthIn, depthIn } = postSize(building.post)
  return {
    building,
    grid,
    placed: building.openings.map((opening) => placeOpening(opening, grid)),
    widthIn,
    depthIn,
    rows,
    naming: naming(building),
    posts: [],
    omitted: [],
    issues: [],
  }
}

/** Roof height over a point `fromEaveIn` inside the nearer string, inches above the grade line. */
export const rafterHeightIn = (building: Building, fromEaveIn: number): number =>
  building.heelIn + (fromEaveIn * building.pitchPer12) / PITCH_RUN_IN

/** Centre and size in plan of a post of a wall, `at` along it. */
function inPlan({ grid, widthIn, depthIn }: Laying, side: Side, at: number) {
  const half = depthIn / 2
  if (isEave(side)) return { x: at, y: side === 'south' ? half : grid.widthIn - half, sizeX: widthIn, sizeY: depthIn }
  return { x: side === 'west' ? half : grid.lengthIn - half, y: at, sizeX: depthIn, sizeY: widthIn }
}

/** Sets a post of a wall at its slot. */
export function setPost(laying: Laying, side: Side, slot: Slot): void {
  const { building, grid } = laying
  const inside = Math.min(slot.at, grid.widthIn - slot.at)
  laying.posts.push({
    id: slot.id,
    name: slot.name,
    string: slot.string,
    place: slot.place,
    kind: slot.kind,
    side,
    row: slot.row,
    line: slot.line,
    atIn: slot.at,
    ...inPlan(laying, side, slot.at),
    openingId: slot.openingId,
    movedIn: slot.at - slot.nominal,
    pinned: slot.pinned,
    heightIn: isEave(side) ? building.heelIn : rafterHeightIn(building, inside),
  })
}

/** Whether a post at `at` would stand in an opening or within `clear` of it. */
export const standsIn = ({ widthIn }: Laying, at: number, placed: PlacedOpening, clear = 0): boolean =>
  at + widthIn / 2 > placed.fromIn - clear + HALF_MARK_IN && at - widthIn / 2 < placed.toIn + clear - HALF_MARK_IN

/** The slots that stay where those that `goes` names are left out; `openingId` is the opening they stood in. */
export function leaveOut(
  laying: Laying,
  side: Side,
  slots: readonly Slot[],
  { goes, openingId }: { readonly goes: (slot: Slot) => boolean; readonly openingId: string | null },
): Slot[] {
  for (const slot of slots.filter(goes)) {
    const { x, y } = inPlan(laying, side, slot.at)
    const { id, name, string, place } = slot
    laying.omitted.push({ id, name, string, place, side, atIn: slot.at, x, y, openingId })
  }
  return slots.filter((slot) => !goes(slot))
}

/** One edge of a framed opening: which, and where the middle of a jamb post at it would be. */
export interface JambEdge {
  readonly edge: 'low' | 'high'
  readonly targetIn: number
}

/** Where the jambs of a framed opening belong. */
export const jambEdges = ({ widthIn }: Laying, placed: PlacedOpening): readonly JambEdge[] => [
  { edge: 'low', targetIn: placed.fromIn - widthIn / 2 },
  { edge: 'high', targetIn: placed.toIn + widthIn / 2 },
]

/** A jamb post of its own at an edge of an opening, named in the order they are made. */
export function newJamb(
  laying: Laying,
  { edge, targetIn }: JambEdge,
  { id, side }: Opening,
  where: Pick<Slot, 'line' | 'row'>,
): Slot {
  const place = `jamb-${id}-${edge}`
  const post = laying.naming.numbered({ string: side, place }, 'J')
  return {
    id: post.id,
    name: post.name,
    string: side,
    place,
    nominal: targetIn,
    at: targetIn,
    kind: 'jamb',
    openingId: id,
    line: where.line,
    row: where.row,
    pinned: false,
  }
}

/** Posts kept where they stood that carry no line of their own: former jambs, gable posts. */
export function keptOn(building: Building, string: StringId): readonly KeptPost[] {
  const kept: KeptPost[] = []
  for (const identity of building.posts) {
    const { pinned } = identity
    if (pinned && !pinned.framed && identity.string === string) kept.push({ id: identity.id, atIn: pinned.atIn })
  }
  return kept
}

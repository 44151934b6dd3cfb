import { issue, type Issue, item, lastOf } from '../result'
import { type Building, MOST_BAY_BY_HAND_IN, type Opening } from '../model'
import { type Grid, LEAST_SPACE_IN } from './grid'
import { isEave, positionFor, wallLengthIn } from './openings'
import type { Post } from './post'

/**
 * Bays with one numbered line moved by `byIn` along the building; both neighbors change, the sum does not. Line
 * numbers run from 1; the ends stay.
 */
export function moveLine(grid: Grid, line: number, byIn: number): Building['bays'] {
  const spacingsIn = [...grid.baysIn]
  spacingsIn[line - 2] = item(spacingsIn, line - 2) + byIn
  spacingsIn[line - 1] = item(spacingsIn, line - 1) - byIn
  return { mode: 'hand', spacingsIn }
}

/**
 * Least and greatest length that bays set by hand leave, inches: the last one takes up the difference and has limits of
 * its own. Null where the bays follow from the length.
 */
export function lengthLimits({
  bays,
  lengthIn,
}: Building): { readonly leastIn: number; readonly mostIn: number } | null {
  if (bays.mode !== 'hand') return null
  const othersIn = lengthIn - lastOf(bays.spacingsIn)
  return { leastIn: othersIn + LEAST_SPACE_IN, mostIn: othersIn + MOST_BAY_BY_HAND_IN }
}

/** A building made longer or shorter. Bays set by hand keep their sizes; the last one takes up the difference. */
export function withLength(building: Building, lengthIn: number): Building {
  const by = lengthIn - building.lengthIn
  if (building.bays.mode !== 'hand') return { ...building, lengthIn }
  const spacingsIn = [...building.bays.spacingsIn]
  spacingsIn[spacingsIn.length - 1] = lastOf(spacingsIn) + by
  return { ...building, lengthIn, bays: { mode: 'hand', spacingsIn } }
}

export interface Snap {
  readonly atIn: number
  readonly to: string | null
}

/** Nearest of some named places within `reachIn`, or the nearest whole step. */
export function snapTo(
  atIn: number,
  places: readonly { readonly atIn: number; readonly name: string }[],
  reachIn: number,
  stepIn: number,
): Snap {
  const near = places
    .filter((place) => Math.abs(place.atIn - atIn) <= reachIn)
    .sort((one, other) => Math.abs(one.atIn - atIn) - Math.abs(other.atIn - atIn))[0]
  return near ? { atIn: near.atIn, to: near.name } : { atIn: Math.round(atIn / stepIn) * stepIn, to: null }
}

/**
 * Places where the low edge of an opening may snap: middle of its wall, middle of a bay, jamb post on a line, beside a
 * post.
 */
export function openingPlaces(
  grid: Grid,
  opening: Opening,
  postWidthIn: number,
): { readonly atIn: number; readonly name: string }[] {
  const wall = wallLengthIn(grid, opening.side)
  const lines = isEave(opening.side) ? grid.centresIn : [0, ...grid.gableIn, grid.widthIn]
  const half = postWidthIn / 2
  return [
    { atIn: (wall - opening.widthIn) / 2, name: 'middle of the wall' },
    ...lines
      .slice(1)
      .map((line, i) => ({ atIn: (line + item(lines, i) - opening.widthIn) / 2, name: 'middle of the bay' })),
    ...lines.flatMap((line) => [
      { atIn: line + half, name: 'edge on a post' },
      { atIn: line - half - opening.widthIn, name: 'edge on a post' },
    ]),
  ].filter((place) => place.atIn >= 0 && place.atIn + opening.widthIn <= wall)
}

/** A building with one opening moved so that its low edge stands at `fromIn` along its wall. */
export const moveOpening = (building: Building, grid: Grid, id: string, fromIn: number): Building => ({
  ...building,
  openings: building.openings.map((opening) =>
    opening.id === id ? { ...opening, positionIn: Math.max(0, positionFor(opening, grid, fromIn)) } : opening,
  ),
})

/**
 * A building with one regular post moved along its wall: its line on an eave wall (the truss goes with it), the post
 * alone on a gable. Null for posts that belong to something else.
 */
export function movePost(building: Building, grid: Grid, post: Post, byIn: number): Building | null {
  if (post.kind === 'eave' || post.kind === 'lean-to')
    return post.line === null || post.line === 1 || post.line === grid.centresIn.length
      ? null
      : { ...building, bays: moveLine(grid, post.line, byIn) }
  if (post.kind !== 'gable' || post.row === null) return null
  return {
    ...building,
    gableShiftsIn: { ...building.gableShiftsIn, [post.id]: (building.gableShiftsIn[post.id] ?? 0) + byIn },
  }
}

/** Why a post does not move by itself: it stands with its door, or holds the corner or the wall. */
export const whyHeld = ({ kind, name }: Post): Issue =>
  kind === 'jamb'
    ? issue('stands-with-door', [], { post: name })
    : issue('holds-its-place', [], { post: name, place: kind === 'corner' ? 'corner' : 'wall' })

/** The first clear place for a new opening on its wall, or null where none is left. */
export function clearPlace(
  building: Building,
  grid: Grid,
  opening: Opening,
  ok: (building: Building) => boolean,
): Opening | null {
  const wall = wallLengthIn(grid, opening.side)
  for (let fromIn = 12; fromIn + opening.widthIn < wall; fromIn += 6) {
    const placed = { ...opening, positionIn: positionFor(opening, grid, fromIn) }
    if (placed.positionIn >= 0 && ok({ ...building, openings: [...building.openings, placed] })) return placed
  }
  return null
}

import type { Building, Opening } from '../model'
import type { Grid } from './grid'
import { isEave, positionFor, wallLengthIn } from './openings'
import type { Post } from './posts'

/** Bays with one numbered line moved by `byIn` along the building; both neighbours change, the sum does not. Line numbers run from 1; the ends stay. */
export function moveLine(grid: Grid, line: number, byIn: number): Building['bays'] {
  const spacingsIn = [...grid.baysIn]
  spacingsIn[line - 2] += byIn
  spacingsIn[line - 1] -= byIn
  return { mode: 'hand', spacingsIn }
}

/** A building made longer or shorter. Bays set by hand keep their sizes; the last one takes up the difference. */
export function withLength(b: Building, lengthIn: number): Building {
  const by = lengthIn - b.lengthIn
  if (b.bays.mode !== 'hand') return { ...b, lengthIn }
  const spacingsIn = [...b.bays.spacingsIn]
  spacingsIn[spacingsIn.length - 1] += by
  return { ...b, lengthIn, bays: { mode: 'hand', spacingsIn } }
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
    .filter((p) => Math.abs(p.atIn - atIn) <= reachIn)
    .sort((a, b) => Math.abs(a.atIn - atIn) - Math.abs(b.atIn - atIn))[0]
  return near ? { atIn: near.atIn, to: near.name } : { atIn: Math.round(atIn / stepIn) * stepIn, to: null }
}

/** Places where the low edge of an opening may snap: middle of its wall, middle of a bay, jamb post on a line, beside a post. */
export function openingPlaces(
  grid: Grid,
  o: Opening,
  postWidthIn: number,
): { readonly atIn: number; readonly name: string }[] {
  const wall = wallLengthIn(grid, o.side)
  const lines = isEave(o.side) ? grid.centresIn : [0, ...grid.gableIn, grid.widthIn]
  const half = postWidthIn / 2
  return [
    { atIn: (wall - o.widthIn) / 2, name: 'middle of the wall' },
    ...lines.slice(1).map((x, i) => ({ atIn: (x + lines[i] - o.widthIn) / 2, name: 'middle of the bay' })),
    ...lines.flatMap((x) => [
      { atIn: x + half, name: 'edge on a post' },
      { atIn: x - half - o.widthIn, name: 'edge on a post' },
    ]),
  ].filter((p) => p.atIn >= 0 && p.atIn + o.widthIn <= wall)
}

/** A building with one opening moved so that its low edge stands at `fromIn` along its wall. */
export const moveOpening = (b: Building, grid: Grid, id: string, fromIn: number): Building => ({
  ...b,
  openings: b.openings.map((o) => (o.id === id ? { ...o, positionIn: Math.max(0, positionFor(o, grid, fromIn)) } : o)),
})

/** A building with one regular post moved along its wall: its line on an eave wall (the truss goes with it), the post alone on a gable. Null for posts that belong to something else. */
export function movePost(b: Building, grid: Grid, post: Post, byIn: number): Building | null {
  if (post.kind === 'eave' || post.kind === 'lean-to')
    return post.line === null || post.line === 1 || post.line === grid.centresIn.length
      ? null
      : { ...b, bays: moveLine(grid, post.line, byIn) }
  if (post.kind !== 'gable' || post.id.startsWith('X')) return null
  return { ...b, gableShiftsIn: { ...b.gableShiftsIn, [post.id]: (b.gableShiftsIn[post.id] ?? 0) + byIn } }
}

/** The first clear place for a new opening on its wall, or null where none is left. */
export function clearPlace(b: Building, grid: Grid, o: Opening, ok: (b: Building) => boolean): Opening | null {
  const wall = wallLengthIn(grid, o.side)
  for (let fromIn = 12; fromIn + o.widthIn < wall; fromIn += 6) {
    const placed = { ...o, positionIn: positionFor(o, grid, fromIn) }
    if (placed.positionIn >= 0 && ok({ ...b, openings: [...b.openings, placed] })) return placed
  }
  return null
}

import { named, type Post, type PostName } from '../layout'
import { ROUNDING } from '../units'
import type { FieldState } from './fold'
import type { Levels } from './levels'
import type { PostAsBuilt } from './readings'

/** One line of plan against as-built: a value along a row of posts. */
export interface Difference extends PostName {
  readonly planIn: number
  readonly builtIn: number | null
  readonly byIn: number | null
  /** Whether it was read and is to be read again. */
  readonly again: boolean
}

/** Foot heights of a row of posts: as planned (all alike below the grade line) and as read. */
export const footDifferences = (row: readonly PostAsBuilt[], embedOf: (id: string) => number): Difference[] =>
  row.map((built) => ({
    ...named(built),
    planIn: -embedOf(built.id),
    builtIn: built.measured ? -built.footToGradeIn : null,
    byIn: built.measured ? embedOf(built.id) - built.footToGradeIn : null,
    again: built.footAgain,
  }))

/** Clear distance between two posts of a row as planned, inches: centers less half of each post along the row. */
export function plannedGapIn(post: Post, next: Post): number {
  const [alongX, alongY] = [Math.abs(next.x - post.x), Math.abs(next.y - post.y)]
  const postsIn = alongX > alongY ? (post.sizeX + next.sizeX) / 2 : (post.sizeY + next.sizeY) / 2
  return Math.max(0, Math.hypot(alongX, alongY) - postsIn)
}

/**
 * Girts between posts as they stand: the gap measured on site less a set play, rounded down to the sixteenth; the
 * planned gap where none was measured.
 */
export function girtFromGap({
  state,
  from,
  to,
  plannedIn,
  playIn,
}: {
  readonly state: FieldState
  readonly from: string
  readonly to: string
  readonly plannedIn: number
  readonly playIn: number
}): { readonly lengthIn: number; readonly measured: boolean } {
  const gap = state.gaps
    .filter((gap) => (gap.body.from === from && gap.body.to === to) || (gap.body.from === to && gap.body.to === from))
    .at(-1)
  const raw = (gap?.body.gapIn ?? plannedIn) - playIn
  return { lengthIn: Math.floor(raw * 16 + ROUNDING) / 16, measured: gap !== undefined }
}

/** Posts of a row between two that were read which were not: a gap in the sequence. */
export function gapsInSequence(rows: readonly (readonly string[])[], levels: Levels): string[] {
  return rows.flatMap((row) => {
    const read = row.map((id) => id in levels.current)
    const [firstAt, lastAt] = [read.indexOf(true), read.lastIndexOf(true)]
    return firstAt < 0 ? [] : row.filter((_, i) => i > firstAt && i < lastAt && !read[i])
  })
}

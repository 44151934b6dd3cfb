import type { Job } from '../model'

/** What the rod readings give: the highest point, the grade line's reading, and each post's distance up to the grade line. */
export interface RodLog {
  readonly benchmarkPost: string | null
  readonly benchmarkReadingIn: number | null
  /** Rod reading at which the grade line stands: the smallest reading less the chosen cover. */
  readonly gradeReadingIn: number | null
  readonly offsets: Readonly<Record<string, RodMark>>
  readonly read: number
}
export interface RodMark { readonly readingIn: number; readonly upToGradeIn: number; readonly suspect: boolean; readonly offIn: number }

/** A reading this far from what its neighbours say is worth a second look, inches. */
export const SECOND_LOOK_IN = 0.75

/**
 * Turns rod readings into marks. The smallest reading is the highest point and the benchmark; the grade line is `coverIn` above it; each
 * post's grade mark is its own reading less the grade line's. Moving the laser changes every reading alike and no mark.
 * A grade line that has been locked stays where it is, whatever is read later. `neighbours` names the posts beside each post: a reading over 3/4 in. from their mean is flagged.
 */
export function rodLog(levels: Job['levels'], neighbours: Readonly<Record<string, readonly string[]>>, gradeLockedIn: number | null = null): RodLog {
  const entries = Object.entries(levels.readingsIn).filter(([id]) => id in neighbours)
  if (entries.length === 0) return { benchmarkPost: null, benchmarkReadingIn: null, gradeReadingIn: null, offsets: {}, read: 0 }
  const [benchmarkPost, benchmarkReadingIn] = entries.reduce((a, b) => (b[1] < a[1] ? b : a))
  const gradeReadingIn = gradeLockedIn ?? benchmarkReadingIn - levels.coverIn
  const offsets: Record<string, RodMark> = {}
  for (const [id, readingIn] of entries) {
    const near = neighbours[id].flatMap((n) => (n in levels.readingsIn ? [levels.readingsIn[n]] : []))
    const offIn = near.length ? readingIn - near.reduce((s, v) => s + v, 0) / near.length : 0
    offsets[id] = { readingIn, upToGradeIn: readingIn - gradeReadingIn, suspect: near.length >= 2 && Math.abs(offIn) > SECOND_LOOK_IN, offIn }
  }
  return { benchmarkPost, benchmarkReadingIn, gradeReadingIn, offsets, read: entries.length }
}

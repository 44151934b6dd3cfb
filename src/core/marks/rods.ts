import { item, entryOf } from '../result'
import type { Job } from '../model'

/**
 * What the rod readings give: the highest point, the grade line's reading, and each post's distance up to the grade
 * line.
 */
export interface RodLog {
  readonly benchmarkPost: string | null
  readonly benchmarkReadingIn: number | null
  /** Rod reading at which the grade line stands: the smallest reading less the chosen cover. */
  readonly gradeReadingIn: number | null
  readonly offsets: Readonly<Record<string, RodMark>>
  readonly read: number
  /**
   * What the rod should read at each point by the plan, once the plan is moved to fit the readings; empty until enough
   * are there.
   */
  readonly planReadsIn: Readonly<Record<string, number>>
}

export interface RodMark {
  readonly readingIn: number
  readonly upToGradeIn: number
  /** Worth reading again, and what it is off: its neighbors, the plan, or both. */
  readonly suspect: boolean
  readonly offIn: number
  readonly offPlanIn: number | null
  readonly off: 'neighbors' | 'plan' | null
}

/** A reading this far from what its neighbors say is worth a second look, inches. */
export const SECOND_LOOK_IN = 0.75

/**
 * A reading this far from the plan, once the plan is moved as a whole to fit the readings best, is worth a second look,
 * inches. Stakes stand beside their holes and ground is lumpy.
 */
export const OFF_PLAN_IN = 3
/** Readings that it takes before the plan can be fitted to them. */
const FIT_LEAST = 4

const median = (list: readonly number[]): number => {
  const sorted = [...list].sort((one, other) => one - other)
  const middle = sorted.length >> 1
  return sorted.length % 2 ? item(sorted, middle) : (item(sorted, middle - 1) + item(sorted, middle)) / 2
}

/**
 * Turns rod readings into marks. The smallest reading is the highest point and the benchmark; the grade line is
 * `coverIn` above it; each
 * post's grade mark is its own reading less the grade line's. Moving the laser changes every reading alike and no mark.
 * A grade line that has been locked stays where it is, whatever is read later. `neighbors` names the posts beside each
 * post: a reading over 3/4 in. from their mean is flagged.
 * `plannedUpIn` says how far below the grade line the plan has each point (a bracket’s height, or the ground’s from
 * spot heights): a reading over 3 in. from that, after
 * the plan has been moved as a whole to their median, is flagged too.
 */
export function rodLog(
  levels: Pick<Job['levels'], 'coverIn' | 'readingsIn'>,
  neighbors: Readonly<Record<string, readonly string[]>>,
  gradeLockedIn: number | null = null,
  plannedUpIn: Readonly<Record<string, number>> = {},
): RodLog {
  const entries = Object.entries(levels.readingsIn).filter(([id]) => id in neighbors)
  if (entries.length === 0)
    return {
      benchmarkPost: null,
      benchmarkReadingIn: null,
      gradeReadingIn: null,
      offsets: {},
      read: 0,
      planReadsIn: {},
    }
  const [benchmarkPost, benchmarkReadingIn] = entries.reduce((best, each) => (each[1] < best[1] ? each : best))
  const gradeReadingIn = gradeLockedIn ?? benchmarkReadingIn - levels.coverIn
  const gaps = entries.flatMap(([id, readingIn]) =>
    id in plannedUpIn ? [readingIn - gradeReadingIn - entryOf(plannedUpIn, id)] : [],
  )
  const shift = gaps.length >= FIT_LEAST ? median(gaps) : null
  const planReadsIn: Record<string, number> = {}
  if (shift !== null) for (const id in plannedUpIn) planReadsIn[id] = gradeReadingIn + entryOf(plannedUpIn, id) + shift
  const offsets: Record<string, RodMark> = {}
  for (const [id, readingIn] of entries) {
    const near = entryOf(neighbors, id).flatMap((near) => levels.readingsIn[near] ?? [])
    const offIn = near.length ? readingIn - near.reduce((sum, value) => sum + value, 0) / near.length : 0
    const offPlanIn = id in planReadsIn ? readingIn - entryOf(planReadsIn, id) : null
    const suspectBy = () => {
      if (near.length >= 2 && Math.abs(offIn) > SECOND_LOOK_IN) return 'neighbors'
      if (offPlanIn !== null && Math.abs(offPlanIn) > OFF_PLAN_IN) return 'plan'
      return null
    }
    const off = suspectBy()
    offsets[id] = { readingIn, upToGradeIn: readingIn - gradeReadingIn, suspect: off !== null, offIn, offPlanIn, off }
  }
  return { benchmarkPost, benchmarkReadingIn, gradeReadingIn, offsets, read: entries.length, planReadsIn }
}

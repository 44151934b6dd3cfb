import type { Job } from '../model'
import { entryOf } from '../result'
import { median } from './robust'
import { type ReadSite, type Suspicion, suspectsOf, type Trust } from './suspects'

/**
 * What the rod readings give: the highest point, the grade line's reading, and each post's distance up to the grade
 * line.
 */
export interface RodLog {
  readonly benchmarkPost: string | null
  readonly benchmarkReadingIn: number | null
  /** Rod reading at which the grade line stands: the smallest reading less the chosen cover. */
  readonly gradeReadingIn: number | null
  /** Readings that are used. */
  readonly offsets: Readonly<Record<string, RodMark>>
  /** Readings that are not used until they are read again, or kept by a lead with a reason. */
  readonly suspects: Readonly<Record<string, Suspicion>>
  /** How many places were read, used or not. */
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
}

/** Readings that it takes before the plan can be fitted to them. */
const FIT_LEAST = 4

/** How readings stand besides their numbers, and the grade line where it has been locked. */
export interface RodTrust extends Trust {
  readonly gradeLockedIn?: number | null
  /** Readings that a second one contradicts. */
  readonly disputed?: Readonly<Record<string, Suspicion>>
}

/** What the plan says the rod should read, moved as a whole to fit the readings. */
function planReads(
  readings: readonly (readonly [string, number])[],
  plannedUpIn: Readonly<Record<string, number>>,
): Record<string, number> {
  const gaps = readings.flatMap(([id, readingIn]) => (id in plannedUpIn ? [readingIn - entryOf(plannedUpIn, id)] : []))
  if (gaps.length < FIT_LEAST) return {}
  const shiftIn = median(gaps)
  return Object.fromEntries(Object.entries(plannedUpIn).map(([id, upIn]) => [id, upIn + shiftIn]))
}

/**
 * Turns rod readings into marks. The smallest reading is the highest point and the benchmark; the grade line is
 * `coverIn` above it; each post's grade mark is its own reading less the grade line's. Moving the laser changes every
 * reading alike and no mark. A grade line that has been locked stays where it is, whatever is read later. A reading that
 * does not agree with the others (`suspectsOf`), or with a second one, moves no mark and is no high point.
 */
export function rodLog(
  levels: Pick<Job['levels'], 'coverIn' | 'readingsIn'>,
  site: ReadSite,
  trust: RodTrust = {},
): RodLog {
  const { gradeLockedIn = null, disputed = {} } = trust
  const known = Object.entries(levels.readingsIn).filter(([id]) => id in site.neighbors)
  const undisputed = known.filter(([id]) => !(id in disputed))
  const suspects = { ...disputed, ...suspectsOf(Object.fromEntries(undisputed), site, trust) }
  const used = undisputed.filter(([id]) => !(id in suspects))
  const highest = used.reduce<(typeof used)[number] | null>(
    (best, each) => (best === null || each[1] < best[1] ? each : best),
    null,
  )
  const gradeReadingIn = gradeLockedIn ?? (highest ? highest[1] - levels.coverIn : null)
  return {
    benchmarkPost: highest?.[0] ?? null,
    benchmarkReadingIn: highest?.[1] ?? null,
    gradeReadingIn: highest ? gradeReadingIn : null,
    offsets:
      gradeReadingIn === null
        ? {}
        : Object.fromEntries(
            used.map(([id, readingIn]) => [id, { readingIn, upToGradeIn: readingIn - gradeReadingIn }]),
          ),
    suspects,
    read: known.length,
    planReadsIn: planReads(used, site.plannedUpIn ?? {}),
  }
}

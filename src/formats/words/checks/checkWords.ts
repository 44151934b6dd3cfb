import type { Check } from '@/core/rules'
import type { TraceLine } from '@/core/result'
import type { Side } from '@/core/model'

/** How the job names its walls, by the plan side they stand on. */
export type WallNames = Readonly<Record<Side, string>>

/** The words of one check. Each is made from the check's own facts, and where it names a wall, from the job's names. */
export interface CheckWords<Judged extends Check> {
  readonly title: (check: Judged, walls: WallNames) => string
  /** What governs, in one sentence. */
  readonly governs: (check: Judged, walls: WallNames) => string
  /** What would remedy it. */
  readonly remedy: (check: Judged, walls: WallNames) => string
  /** Where on the member it governs. */
  readonly place?: (check: Judged, walls: WallNames) => string
  /** The arithmetic, line by line. */
  readonly trace?: (check: Judged, walls: WallNames) => readonly TraceLine[]
}

/** The check that a rule gives. */
export type CheckOf<Rule extends (...args: never[]) => unknown> = Extract<NonNullable<ReturnType<Rule>>, Check>

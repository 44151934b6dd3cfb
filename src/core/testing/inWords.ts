import type { Derived } from '../derive'
import type { TraceLine } from '../result'
import type { Check } from '../rules'
import { type CheckSummary, summaryOf, traceOf, type WallNames } from '../../formats/words/checks'

/** A check with its words and its arithmetic, as tests read it. */
export interface WordedCheck extends CheckSummary, Pick<Check, 'facts' | 'diagram'> {
  readonly trace: () => readonly TraceLine[]
}

const worded = (check: Check, walls: WallNames): WordedCheck => ({
  ...check,
  ...summaryOf(check, walls),
  trace: () => traceOf(check, walls),
})

/** Everything derived, each check with its words and its arithmetic. */
export interface WordedDerived extends Omit<Derived, 'checks'> {
  readonly checks: readonly WordedCheck[]
}
export const inWords = (derived: Derived): WordedDerived => ({
  ...derived,
  checks: derived.checks.map((check) => worded(check, derived.wallNames)),
})

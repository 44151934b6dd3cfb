import type { TraceLine } from '@/core/result'
import { type Check, type RuleName, ruleOf } from '@/core/rules'
import type { CheckWords, WallNames } from './checkWords'
import { WORDS } from './registry'

export type { WallNames } from './checkWords'
export { kindName } from './kinds'
export { relianceWords } from './reliance'

/** A check in words, as it is shown, printed and told from a worker: plain data without its facts. */
export interface CheckSummary extends Omit<Check, 'facts' | 'diagram'> {
  readonly title: string
  /** Where on the member it governs. */
  readonly place?: string
  readonly governs: string
  readonly fix: string
}

// Each rule's words are typed for its own check; the name picks the right ones.
const wordsOf = (check: Check): CheckWords<Check> =>
  (WORDS satisfies Readonly<Record<RuleName, unknown>>)[ruleOf(check)] as unknown as CheckWords<Check>

/** The title of a check. */
export const titleOf = (check: Check, walls: WallNames): string => wordsOf(check).title(check, walls)

/** A check in words. One that had a capacity that is no number says first that it was not checked. */
export function summaryOf(check: Check, walls: WallNames): CheckSummary {
  const { facts: _facts, diagram: _diagram, ...plain } = check
  const words = wordsOf(check)
  const governs = words.governs(check, walls)
  const uncomputed = check.state === 'not-checked' && check.combination !== undefined
  return {
    ...plain,
    title: words.title(check, walls),
    ...(check.combination === undefined ? {} : { place: words.place?.(check, walls) ?? '' }),
    governs: uncomputed ? `Not checked: ${governs}` : governs,
    fix: words.remedy(check, walls),
  }
}

/** The arithmetic of a check, line by line. */
export const traceOf = (check: Check, walls: WallNames): readonly TraceLine[] =>
  wordsOf(check).trace?.(check, walls) ?? []

import type { Issue, Result } from '@/core/result'

/**
 * What stands in one field besides the value of the job: nothing, a text being typed, or a text that was refused. The job
 * changes only where a text is handed in (Enter, Tab, leaving the field) or a step is made, and is then as it was said.
 */
export type Entry =
  | { readonly kind: 'resting' }
  | { readonly kind: 'typing'; readonly text: string }
  | { readonly kind: 'refused'; readonly text: string; readonly issues: readonly Issue[] }

export const RESTING: Entry = { kind: 'resting' }

/** How a field reads its text, and hands a value to the job, which takes it or says why not. */
export interface Field<T> {
  readonly value: T
  readonly parse: (text: string) => Result<T>
  readonly format: (value: T) => string
  readonly put: (value: T) => readonly Issue[]
}

/** Typing changes the text alone. */
export const typed = (text: string): Entry => ({ kind: 'typing', text })

/** The text goes; the value is what it was before the field was entered. */
export const escaped = (): Entry => RESTING

/** A change that is asked about in a dialog of its own is not refused here: it is taken or left there. */
const isAsked = (issue: Issue): boolean => issue.code === 'recorded-post'

const refusedOr = (text: string, issues: readonly Issue[]): Entry =>
  issues.length > 0 && !issues.every(isAsked) ? { kind: 'refused', text, issues } : RESTING

/** Hands in what was typed: the job takes it, or it stays in the field with the reasons. */
export function handedIn<T>(entry: Entry, field: Field<T>): Entry {
  if (entry.kind === 'resting') return entry
  const parsed = field.parse(entry.text)
  return refusedOr(entry.text, parsed.ok ? field.put(parsed.value) : parsed.issues)
}

/** One step up or down, from what is typed where that reads, from the value otherwise. */
export function stepped<T>(entry: Entry, field: Field<T>, step: (value: T) => T): Entry {
  const parsed = entry.kind === 'resting' ? null : field.parse(entry.text)
  const next = step(parsed?.ok ? parsed.value : field.value)
  return refusedOr(field.format(next), field.put(next))
}

/** What is wrong with a text while it is typed, as far as the text itself says; the job is not asked. */
export const soFar = <T>(entry: Entry, { parse }: Pick<Field<T>, 'parse'>): readonly Issue[] => {
  if (entry.kind === 'refused') return entry.issues
  if (entry.kind === 'resting') return []
  const parsed = parse(entry.text)
  return parsed.ok ? [] : parsed.issues
}

import { merge3, type Conflict } from './merge'

/** One document that two people changed: what both began with, and what each has now. */
export interface Clash<Doc> {
  readonly base: Doc
  readonly mine: Doc
  readonly theirs: Doc
}

/** What may be done about it: to keep both changes, mine where both changed one thing, or to take theirs alone. */
export type ClashChoice = 'keep both' | 'take theirs'

/**
 * The document that a choice makes of a clash, the places where both changed one thing, and the name of the edit. Pure:
 * nothing is dropped by it, for mine stays in the history before the edit.
 */
export function settleClash<Doc>(
  { base, mine, theirs }: Clash<Doc>,
  choice: ClashChoice,
): { readonly doc: Doc; readonly conflicts: readonly Conflict[]; readonly label: string } {
  const { merged, conflicts } = merge3(base, mine, theirs)
  return choice === 'keep both'
    ? { doc: merged, conflicts, label: 'merge with the other window' }
    : { doc: theirs, conflicts, label: 'take the other window’s version' }
}

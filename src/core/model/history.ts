/**
 * Undo and redo over an immutable document. Edits that carry the same key and follow each other are one step: one
 * gesture, one undo.
 */
export interface History<T> {
  readonly past: readonly Step<T>[]
  readonly present: T
  readonly future: readonly Step<T>[]
  readonly openKey: string | null
}

interface Step<T> {
  readonly doc: T
  readonly label: string
}

/** Steps kept. Older ones fall away; the stored edit history keeps them all. */
const MAX_STEPS = 300

/** A history that starts at a document. */
export const startHistory = <T>(doc: T): History<T> => ({ past: [], present: doc, future: [], openKey: null })

/** Puts an edit on the history. With `key` equal to the open key the edit joins the last step. */
export function pushEdit<T>(history: History<T>, doc: T, label: string, key: string | null = null): History<T> {
  if (doc === history.present) return history
  if (key !== null && key === history.openKey && history.past.length > 0)
    return { ...history, present: doc, future: [] }
  return {
    past: [...history.past.slice(-(MAX_STEPS - 1)), { doc: history.present, label }],
    present: doc,
    future: [],
    openKey: key,
  }
}

/** Ends the open gesture, so that the next edit is a step of its own. */
export const closeGesture = <T>(history: History<T>): History<T> =>
  history.openKey === null ? history : { ...history, openKey: null }

/** Takes the last step back. */
export function undo<T>(history: History<T>): History<T> {
  const last = history.past.at(-1)
  if (!last) return history
  return {
    past: history.past.slice(0, -1),
    present: last.doc,
    future: [{ doc: history.present, label: last.label }, ...history.future],
    openKey: null,
  }
}

/** Does the last undone step again. */
export function redo<T>(history: History<T>): History<T> {
  const [next, ...rest] = history.future
  if (!next) return history
  return {
    past: [...history.past, { doc: history.present, label: next.label }],
    present: next.doc,
    future: rest,
    openKey: null,
  }
}

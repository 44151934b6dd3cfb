import type { Job } from '@/core/model'
import { newId } from '@/formats/ids'

/** What a document's save is called, and which saves before it were sent and never answered. */
export interface SaveName {
  readonly saveId: string
  readonly unanswered: readonly string[]
}

/**
 * The name of the save of one document, the same for as long as the document is: sent again because its answer was lost,
 * over a reload too, it counts once and is known for our own.
 */
const names = new WeakMap<Job, string>()
/** What a draft that was taken up had sent before the page was loaded again. */
const before = new WeakMap<Job, readonly string[]>()

/** The name of a document's save, made when it is first asked for. */
export function saveIdOf(doc: Job): string {
  const has = names.get(doc)
  if (has !== undefined) return has
  const made = newId(32)
  names.set(doc, made)
  return made
}

/** Takes up the names that a draft's saves had before the page was loaded again. */
export function resumeSave(doc: Job, { saveId, unanswered = [] }: Partial<SaveName>): void {
  if (saveId === undefined) return
  names.set(doc, saveId)
  // It may have been sent by the page that is gone.
  before.set(doc, [...unanswered, saveId])
}

/** Saves that a document which was taken up may have behind it at the server. */
export const unansweredBefore = (doc: Job): readonly string[] => before.get(doc) ?? []

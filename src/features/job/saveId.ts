import type { Job } from '@/core/model'

/**
 * The name of the save of one document, the same for as long as the document is: sent again because its answer was lost,
 * over a reload too, it counts once and is known for our own.
 */
const names = new WeakMap<Job, string>()

/** The name of a document's save, made when it is first asked for. */
export function saveIdOf(doc: Job): string {
  const has = names.get(doc)
  if (has !== undefined) return has
  const made = crypto.randomUUID().replace(/-/g, '')
  names.set(doc, made)
  return made
}

/** Takes up the name that a document's save had before the page was loaded again. */
export const resumeSaveId = (doc: Job, saveId: string | undefined): void => {
  if (saveId !== undefined) names.set(doc, saveId)
}

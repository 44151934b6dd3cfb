'use client'
import { dayWords } from '@/ui'
import { useJob } from './store'

/** What stands on every sheet of a paper: the day, and the revision that it was made from. */
export interface Stamp {
  readonly date: string
  readonly revision: string
}

/** The stamp of papers made now. A paper of edits that are not saved says so. */
export function useStamp(): Stamp {
  const revision = useJob((state) => state.revision)
  const unsaved = useJob((state) => state.history.present !== state.base)
  return { date: dayWords(new Date()), revision: `revision ${revision}${unsaved ? ', edits not saved' : ''}` }
}

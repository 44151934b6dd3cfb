'use client'
import { useMemo } from 'react'
import { crewBook } from '@/formats/crewbook'
import { useDoc, useJob } from '../job'

/** The crew book of the job as it stands, and what is printed on each sheet. A book of unsaved edits says so. */
export function useBook() {
  const { job, derived } = useDoc()
  const revision = useJob((s) => s.revision)
  const unsaved = useJob((s) => s.history.present !== s.base)
  return useMemo(() => {
    const stamp = { date: new Date().toLocaleDateString('en-US', { year: 'numeric', month: 'short', day: 'numeric' }), revision: `revision ${revision}${unsaved ? ', edits not saved' : ''}` }
    return { job, stamp, derived, book: crewBook(job, derived, stamp) }
  }, [job, derived, revision, unsaved])
}

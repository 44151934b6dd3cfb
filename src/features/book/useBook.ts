'use client'
import { useMemo } from 'react'
import { crewBook } from '@/formats/crewbook'
import { fieldSheets, printedCards } from '@/formats/fieldsheets'
import { useLog, useMeasured } from '../field'
import { useDoc, useJob } from '../job'

/** The crew book or the field sheets of the job as it stands, and what is printed on each sheet. A book of unsaved edits says so. */
export function useBook() {
  const { job, derived } = useDoc()
  const jobId = useJob((s) => s.id)
  const revision = useJob((s) => s.revision)
  const unsaved = useJob((s) => s.history.present !== s.base)
  const kind = useJob((s) => s.picked.book)
  const state = useLog((s) => s.state)
  const levels = useLog((s) => s.levels)
  const measured = useMeasured(job, derived)
  return useMemo(() => {
    const stamp = { date: new Date().toLocaleDateString('en-US', { year: 'numeric', month: 'short', day: 'numeric' }), revision: `revision ${revision}${unsaved ? ', edits not saved' : ''}` }
    const page = `${typeof location === 'undefined' ? '' : location.origin}/field/${jobId}`
    const book = kind === 'field' ? fieldSheets({ job, derived, state, levels, ...stamp, page }) : crewBook(job, derived, stamp)
    return { job, stamp, derived, book, kind, page, cards: printedCards(measured), records: state.all }
  }, [job, jobId, derived, revision, unsaved, kind, state, levels, measured])
}

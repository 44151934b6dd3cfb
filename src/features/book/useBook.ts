'use client'
import type { ShownDerived } from '@/formats/shown'
import { countedRecords, type FieldState, type Levels, type Measured } from '@/core/field'
import type { Job } from '@/core/model'
import { crewBook } from '@/formats/crewbook'
import { drawingSet } from '@/formats/drawings'
import { fieldSheets, printedCards, type CardsASheet } from '@/formats/fieldsheets'
import { siteRecord } from '@/formats/siterecord'
import { useLog, useMeasured } from '../field'
import { type BookKind, publicAddress, type Stamp, useDoc, useJob, useStamp } from '../job'
import { remember, sameFields } from '@/core/result'

/** What a book is made from. */
interface BookOf {
  readonly job: Job
  readonly jobId: string
  readonly derived: ShownDerived
  readonly date: string
  readonly revision: string
  readonly kind: BookKind
  readonly perSheet: CardsASheet
  readonly state: FieldState
  readonly levels: Levels
  readonly measured: Measured
}

/** Drawings hang on the plan alone: a reading, a save or a new day makes none anew. */
const drawingsOf = remember((job: Job, derived: ShownDerived) => drawingSet(job, derived))

/** The sheets of one kind. */
function sheetsOf({ job, derived, kind, perSheet, state, levels, measured }: BookOf, stamp: Stamp, page: string) {
  switch (kind) {
    case 'crew':
      return crewBook(job, derived, { ...stamp, measured })
    case 'drawings':
      return { ...drawingsOf(job, derived), ...stamp }
    case 'field':
      return fieldSheets({ job, derived, state, levels, measured, perSheet, ...stamp, page })
    case 'record':
      return siteRecord({ job, derived, state, measured, ...stamp })
  }
}

function makeBook(of: BookOf) {
  const { job, jobId, derived, date, revision, kind, perSheet, state, measured } = of
  const stamp = { date, revision }
  const page = `${publicAddress()}/field/${jobId}`
  const book = sheetsOf(of, stamp, page)
  return {
    job,
    stamp,
    derived,
    book,
    kind,
    page,
    perSheet,
    cards: printedCards(measured),
    records: countedRecords(state),
  }
}

/** The last book: both halves of the stage show it, and it is made once for them. */
let kept: { readonly of: BookOf; readonly made: ReturnType<typeof makeBook> } | null = null

function bookOf(of: BookOf) {
  if (kept && sameFields(kept.of, of)) return kept.made
  kept = { of, made: makeBook(of) }
  return kept.made
}

/**
 * The crew book, the field sheets, the drawings or the record of the job as it stands, and what is printed on each. A
 * book of unsaved edits
 * says so.
 */
export function useBook() {
  const { job, derived } = useDoc()
  const jobId = useJob((state) => state.id)
  const stamp = useStamp()
  const kind = useJob((state) => state.picked.book)
  const perSheet = useJob((state) => state.picked.cards)
  const state = useLog((log) => log.state)
  const levels = useLog((log) => log.levels)
  const measured = useMeasured(job, derived)
  return bookOf({
    job,
    jobId,
    derived,
    ...stamp,
    kind,
    perSheet,
    state,
    levels,
    measured,
  })
}

'use client'
import { unbroken } from '@/formats/plain'
import { PAPER_WORDS } from '@/formats/words'
import { Segments } from '@/ui'
import { SheetPart } from '../drawing'
import { type BookKind, useJob } from '../job'
import { useBook } from './useBook'

const TITLES: Readonly<Record<BookKind, string>> = {
  crew: 'Crew book',
  field: 'Field sheets',
  drawings: 'Drawings',
  record: 'As built',
}
const CHOICES = [
  { value: 'crew', label: TITLES.crew },
  { value: 'drawings', label: TITLES.drawings },
  { value: 'field', label: TITLES.field },
  { value: 'record', label: TITLES.record },
] as const

/** The book on screen, sheet by sheet. */
export function BookMain() {
  const { book, kind, job } = useBook()
  const pick = useJob((state) => state.pick)
  return (
    <>
      <div className="wh">
        <h2>{TITLES[kind]}</h2>
        <p>
          {book.sheets.length} sheets, {PAPER_WORDS[job.fieldwork.paper]}
        </p>
        <span className="spacer" />
        <Segments label="Book" value={kind} choices={CHOICES} onChange={(value) => pick({ book: value })} />
      </div>
      <div className="bookwrap" tabIndex={0} role="group" aria-label="Sheets">
        {book.sheets.map((sheet, i) => (
          <section
            key={i}
            className={`sheetpage ${job.fieldwork.paper}${book.landscape ? ' lying' : ''}`}
            id={`sheet-${i + 1}`}
            aria-label={`${sheet.title}, page ${i + 1} of ${book.sheets.length}`}
          >
            <div className="head">
              <b>{book.job}</b>
              <span>
                {book.date} &nbsp; {book.revision}
              </span>
            </div>
            <h2>{sheet.title}</h2>
            <p style={{ fontSize: '11pt' }}>{unbroken(sheet.sub)}</p>
            {sheet.blocks.map((block, k) => (
              <SheetPart key={k} block={block} />
            ))}
            <div className="foot">
              <span>{book.note}</span>
              <b>
                page {i + 1} of {book.sheets.length}
              </b>
            </div>
          </section>
        ))}
      </div>
    </>
  )
}

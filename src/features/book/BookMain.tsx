'use client'
import type { Block } from '@/formats/crewbook'
import { PAPER_WORDS } from '@/formats/words'
import { Segments } from '@/ui'
import { SheetDrawing } from '../drawing'
import { type BookKind, useJob } from '../job'
import { useBook } from './useBook'

function Part({ block }: { readonly block: Block }) {
  switch (block.kind) {
    case 'text':
      return (
        <p style={block.strong ? { fontWeight: 700, marginTop: 8 } : { fontSize: '11pt', whiteSpace: 'pre-line' }}>
          {block.text}
        </p>
      )
    case 'box':
      return (
        <div style={{ border: '1px solid #000', height: `${block.heightPt}pt`, padding: 4, fontSize: '9.5pt' }}>
          {block.text}
        </div>
      )
    case 'caution':
      return <div className="warnbox">{block.text}</div>
    case 'svg':
      return <SheetDrawing block={block} />
    case 'table':
      return (
        <table>
          <thead>
            <tr>
              {block.head.map((text, i) => (
                <th key={i} className={block.right.includes(i) ? 'n' : ''}>
                  {text}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {block.rows.map((row, k) => (
              <tr key={k}>
                {row.map((text, i) => (
                  <td key={i} className={`${block.right.includes(i) ? 'n' : ''} ${block.big.includes(i) ? 'b' : ''}`}>
                    {text}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )
  }
}

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
            <p style={{ fontSize: '11pt' }}>{sheet.sub}</p>
            {sheet.blocks.map((block, k) => (
              <Part key={k} block={block} />
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

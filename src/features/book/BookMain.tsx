'use client'
import type { Block } from '@/formats/crewbook'
import { Segments } from '@/ui'
import { useJob } from '../job'
import { useBook } from './useBook'

function Part({ block }: { readonly block: Block }) {
  switch (block.kind) {
    case 'text':
      return <p style={block.strong ? { fontWeight: 700, marginTop: 8 } : { fontSize: '11pt' }}>{block.text}</p>
    case 'box':
      return (
        <div style={{ border: '1px solid #000', height: `${block.heightPt}pt`, padding: 4, fontSize: '9.5pt' }}>
          {block.text}
        </div>
      )
    case 'caution':
      return <div className="warnbox">{block.text}</div>
    case 'svg':
      return (
        // As a picture the drawing can run nothing, whatever a name holds; it is made here, so nothing is fetched.
        // eslint-disable-next-line @next/next/no-img-element
        <img
          alt={block.alt}
          loading="lazy"
          decoding="async"
          width={block.width}
          height={block.height}
          style={{ maxWidth: block.width * 1.33, margin: '0 auto' }}
          src={
            'data:image/svg+xml;charset=utf-8,' +
            `${encodeURIComponent(block.svg.replace(/font-family="Atkinson"/g, 'font-family="sans-serif"'))}`
          }
        />
      )
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

/** The book on screen, sheet by sheet; printing prints just these. */
export function BookMain() {
  const { book, kind } = useBook()
  const pick = useJob((state) => state.pick)
  return (
    <>
      <div className="wh">
        <h2>{kind === 'field' ? 'Field sheets' : 'Crew book'}</h2>
        <p>{book.sheets.length} sheets, letter size</p>
        <span className="spacer" />
        <Segments
          label="Book"
          value={kind}
          choices={[
            { value: 'crew', label: 'Crew book' },
            { value: 'field', label: 'Field sheets' },
          ]}
          onChange={(value) => pick({ book: value })}
        />
      </div>
      <div className="bookwrap" tabIndex={0} role="group" aria-label="Sheets">
        {book.sheets.map((sheet, i) => (
          <section
            key={i}
            className="sheetpage"
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

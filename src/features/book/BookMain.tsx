'use client'
import type { Block } from '@/formats/crewbook'
import { Segments } from '@/ui'
import { useJob } from '../job'
import { useBook } from './useBook'

function Part({ block: b }: { readonly block: Block }) {
  switch (b.kind) {
    case 'text':
      return <p style={b.strong ? { fontWeight: 700, marginTop: 8 } : { fontSize: '11pt' }}>{b.text}</p>
    case 'box':
      return (
        <div style={{ border: '1px solid #000', height: `${b.heightPt}pt`, padding: 4, fontSize: '9.5pt' }}>
          {b.text}
        </div>
      )
    case 'caution':
      return <div className="warnbox">{b.text}</div>
    // As a picture the drawing can run nothing, whatever a name holds.
    // eslint-disable-next-line @next/next/no-img-element
    case 'svg':
      return (
        <img
          alt={b.alt}
          loading="lazy"
          decoding="async"
          width={b.width}
          height={b.height}
          style={{ maxWidth: b.width * 1.33, margin: '0 auto' }}
          src={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(b.svg.replace(/font-family="Atkinson"/g, 'font-family="sans-serif"'))}`}
        />
      )
    case 'table':
      return (
        <table>
          <thead>
            <tr>
              {b.head.map((h, i) => (
                <th key={i} className={b.right.includes(i) ? 'n' : ''}>
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {b.rows.map((r, k) => (
              <tr key={k}>
                {r.map((c, i) => (
                  <td key={i} className={`${b.right.includes(i) ? 'n' : ''} ${b.big.includes(i) ? 'b' : ''}`}>
                    {c}
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
  const pick = useJob((s) => s.pick)
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
          onChange={(v) => pick({ book: v })}
        />
      </div>
      <div className="bookwrap" tabIndex={0} role="group" aria-label="Sheets">
        {book.sheets.map((s, i) => (
          <section
            key={i}
            className="sheetpage"
            id={`sheet-${i + 1}`}
            aria-label={`${s.title}, page ${i + 1} of ${book.sheets.length}`}
          >
            <div className="head">
              <b>{book.job}</b>
              <span>
                {book.date} &nbsp; {book.revision}
              </span>
            </div>
            <h2>{s.title}</h2>
            <p style={{ fontSize: '11pt' }}>{s.sub}</p>
            {s.blocks.map((b, k) => (
              <Part key={k} block={b} />
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

'use client'
import { Download, FileSpreadsheet, Printer } from 'lucide-react'
import { useState } from 'react'
import { scheduleCsv } from '@/formats/csv'
import { FailSign } from '@/ui'
import { download } from '../drawing'
import { useBook } from './useBook'

/** What is in the book, and the ways to take it along. */
export function BookSide() {
  const { job, stamp, book, derived } = useBook()
  const [state, setState] = useState<'idle' | 'working' | 'away'>('idle')
  const pdf = async () => {
    setState('working')
    try {
      const r = await fetch('/api/crew-book', { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ doc: job, ...stamp }) })
      if (!r.ok) throw new Error()
      download(`${job.name} crew book.pdf`, 'application/pdf', await r.blob())
      setState('idle')
    } catch { setState('away') }
  }
  return (
    <>
      <h2 className="mb-2">Take it along</h2>
      <div className="d-grid gap-2 mb-2">
        <button type="button" className="btn btn-primary" disabled={state === 'working'} onClick={() => void pdf()}><Download size={17} />{state === 'working' ? 'Making the PDF' : 'Download PDF'}</button>
        <button type="button" className="btn btn-light" onClick={() => window.print()}><Printer size={17} />Print</button>
        <button type="button" className="btn btn-light" onClick={() => download(`${job.name} posts.csv`, 'text/csv', scheduleCsv(job.name, derived))}><FileSpreadsheet size={17} />Post schedule as CSV</button>
      </div>
      {state === 'away' && <div className="caution" role="alert">The PDF is made by the server, which is away. Print works without it.</div>}
      {derived.tally.fails > 0 && <div className="caution d-flex gap-2"><FailSign size={16} /><span>{derived.tally.fails} check{derived.tally.fails > 1 ? 's fail' : ' fails'}. The sheets print all the same; settle it before the crew digs.</span></div>}
      <h3 className="mt-3 mb-1">Sheets</h3>
      <ol className="note" style={{ paddingLeft: 22 }}>{book.sheets.map((s, i) => <li key={i}><a href={`#sheet-${i + 1}`}>{s.title}</a></li>)}</ol>
    </>
  )
}

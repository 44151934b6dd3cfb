'use client'
import { FileText } from 'lucide-react'
import { useState } from 'react'
import { dayWords, Segments } from '@/ui'
import { download } from '../drawing'
import { useJob, useView } from '../job'
import { CheckMain } from './CheckMain'
import { PricesMain } from './PricesMain'
import { SizeMain } from './SizeMain'

type View = 'check' | 'size' | 'prices'

/** What holds: one check in full, sizing, prices, and the calculation sheet. */
export function HoldsMain() {
  const [view, setView] = useView<View>('holds', 'view', ['check', 'size', 'prices'])
  const [busy, setBusy] = useState<string | null>(null)
  const job = useJob((state) => state.history.present)
  const revision = useJob((state) => state.revision)
  const sheet = async () => {
    setBusy('Writing the sheet')
    try {
      const response = await fetch('/api/calc-sheet', {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({
          doc: job,
          date: dayWords(new Date()),
          revision: `revision ${revision}`,
        }),
      })
      if (!response.ok) throw new Error()
      download(`${job.name} calculations.pdf`, 'application/pdf', await response.blob())
      setBusy(null)
    } catch {
      setBusy('The server is away: try again when it is back.')
    }
  }
  const main = () => {
    if (view === 'check') return <CheckMain />
    if (view === 'size') return <SizeMain />
    return <PricesMain />
  }
  return (
    <>
      <div className="wh">
        <h2>What holds</h2>
        <span className="spacer" />
        {busy && (
          <span className="note" role="status">
            {busy}
          </span>
        )}
        <Segments
          label="View"
          value={view}
          choices={[
            { value: 'check', label: 'One check' },
            { value: 'size', label: 'Size it' },
            { value: 'prices', label: 'Prices' },
          ]}
          onChange={setView}
        />
        <button type="button" className="btn btn-light btn-sm" onClick={() => void sheet()}>
          <FileText size={14} />
          Calculation sheet
        </button>
      </div>
      {main()}
    </>
  )
}

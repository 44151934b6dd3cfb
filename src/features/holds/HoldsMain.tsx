'use client'
import { FileText } from 'lucide-react'
import { Segments } from '@/ui'
import { PaperNote, usePaper } from '../drawing'
import { useJob, useStamp, useView } from '../job'
import { CheckMain } from './CheckMain'
import { PricesMain } from './PricesMain'
import { SizeMain } from './SizeMain'

type View = 'check' | 'size' | 'prices'

/** What holds: one check in full, sizing, prices, and the calculation sheet. */
export function HoldsMain() {
  const [view, setView] = useView<View>('holds', 'view', ['check', 'size', 'prices'])
  const { state, take, stop } = usePaper()
  const job = useJob((state) => state.history.present)
  const stamp = useStamp()
  const sheet = () => take('/api/calc-sheet', { doc: job, ...stamp }, `${job.name} calculations`)
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
        <PaperNote state={state} onStop={stop} />
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

'use client'
import { useState } from 'react'
import { RunningPanel } from './RunningPanel'
import { SquarePanel } from './SquarePanel'

export function StringsSide() {
  const [tab, setTab] = useState<'square' | 'running'>('square')
  return (
    <>
      <div className="tabs" role="tablist" aria-label="Strings">
        <button type="button" role="tab" aria-selected={tab === 'square'} onClick={() => setTab('square')}>
          Is it square?
        </button>
        <button type="button" role="tab" aria-selected={tab === 'running'} onClick={() => setTab('running')}>
          Running marks
        </button>
      </div>
      {tab === 'square' ? <SquarePanel /> : <RunningPanel />}
    </>
  )
}

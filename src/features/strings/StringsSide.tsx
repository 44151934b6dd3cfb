'use client'
import { Tabs } from '@/ui'
import { useView } from '../job'
import { RunningPanel } from './RunningPanel'
import { SquarePanel } from './SquarePanel'

export function StringsSide() {
  const [tab, setTab] = useView('strings', 'tab', ['square', 'running'])
  return (
    <>
      <Tabs
        label="Strings"
        value={tab}
        choices={[
          { value: 'square', label: 'Is it square?' },
          { value: 'running', label: 'Running marks' },
        ]}
        onChange={setTab}
      />
      {tab === 'square' ? <SquarePanel /> : <RunningPanel />}
    </>
  )
}

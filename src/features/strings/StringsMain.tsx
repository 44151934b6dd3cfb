'use client'
import { useState } from 'react'
import { Segments } from '@/ui'
import { PlanView } from '../drawing'
import { useView } from '../job'
import { LevelStrings } from './LevelStrings'
import { OldWall } from './OldWall'

const LAYERS = [
  ['diagonals', 'Diagonals'],
  ['holes', 'Holes'],
  ['triangle', '3-4-5'],
] as const

export function StringsMain() {
  const [view, setView] = useView('strings', 'view', ['new', 'level', 'old'])
  const [on, setOn] = useState({ diagonals: true, holes: true, triangle: false })
  const main = () => {
    if (view === 'old') return <OldWall />
    if (view === 'level') return <LevelStrings />
    return <PlanView layers={{ strings: true, square: true, ...on }} editable={false} />
  }
  return (
    <>
      <div className="wh">
        <h2>Strings</h2>
        <p>on the posts’ outside faces</p>
        <span className="spacer" />
        <Segments
          label="Strings view"
          value={view}
          choices={[
            { value: 'new', label: 'Plan' },
            { value: 'level', label: 'Level strings' },
            { value: 'old', label: 'Old wall' },
          ]}
          onChange={setView}
        />
        {view === 'new' && (
          <span className="seg" role="group" aria-label="Show">
            {LAYERS.map(([k, name]) => (
              <button key={k} type="button" aria-pressed={on[k]} onClick={() => setOn({ ...on, [k]: !on[k] })}>
                {name}
              </button>
            ))}
          </span>
        )}
      </div>
      {main()}
    </>
  )
}

'use client'
import type { LoadCase } from '@/core/drawn'
import { Segments } from '@/ui'
import { useDoc, useView } from '../job'
import { GroundView } from './GroundView'
import { LoadMap } from './LoadMap'
import { LotView } from './LotView'
import { Section } from './Section'

/** What the site brings: a cross-section, or the unfolded building with the pressures of one load case. */
export function SiteMain() {
  const { derived } = useDoc()
  const [view, setView] = useView(
    'site',
    'view',
    VIEWS.map(({ value }) => value),
  )
  const shown = derived.site || view === 'ground' || view === 'lot' ? view : 'section'
  const main = () => {
    if (shown === 'ground') return <GroundView />
    if (shown === 'lot') return <LotView />
    if (shown === 'section') return <Section />
    return <LoadMap load={shown} />
  }
  const shownWords = () => {
    if (shown === 'section') return 'cross-section to scale'
    if (shown === 'ground') return 'heights from the grade line'
    if (shown === 'lot') return 'site plan for the permit'
    return 'the building unfolded'
  }
  return (
    <>
      <div className="wh">
        <h2>Site</h2>
        <p>{shownWords()}</p>
        <span className="spacer" />
        <Segments
          label="What to show"
          value={shown}
          choices={derived.site ? VIEWS : VIEWS.slice(0, 3)}
          onChange={setView}
        />
      </div>
      {main()}
    </>
  )
}

const VIEWS: readonly { readonly value: 'section' | 'ground' | 'lot' | LoadCase; readonly label: string }[] = [
  { value: 'section', label: 'Section' },
  { value: 'ground', label: 'Ground' },
  { value: 'lot', label: 'Lot' },
  { value: 'across', label: 'Wind across' },
  { value: 'along', label: 'Wind along' },
  { value: 'cladding', label: 'Cladding' },
  { value: 'snow', label: 'Snow' },
  { value: 'drift', label: 'Drifts' },
]

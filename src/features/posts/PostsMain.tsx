'use client'
import { changedSincePrint } from '@/core/field'
import { Segments } from '@/ui'
import { useLog, useMeasured } from '../field'
import { useDoc, useView } from '../job'
import { AsBuilt } from './AsBuilt'
import { Build } from './Build'
import { CutList } from './CutList'
import { Readings } from './Readings'
import { SetUps } from './SetUps'
import { POSTS_VIEWS } from './views'

const VIEWS = [
  { value: 'read', label: 'Readings' },
  { value: 'setups', label: 'Set-ups' },
  { value: 'build', label: 'Build' },
  { value: 'cut', label: 'Cut list' },
  { value: 'built', label: 'As built' },
] as const

/** Posts: what was read, how each is built, what to cut, and how they stand against the plan. */
export function PostsMain() {
  const { job, derived } = useDoc()
  const [view, setView] = useView('posts', 'view', POSTS_VIEWS)
  const state = useLog((log) => log.state)
  const { asBuilt } = useMeasured(job, derived)
  const since = changedSincePrint(asBuilt, state)
  const changed = since ? [...since.changed, ...since.added] : []
  const main = () => {
    if (view === 'read') return <Readings />
    if (view === 'setups') return <SetUps />
    if (view === 'build') return <Build />
    if (view === 'cut') return <CutList />
    return <AsBuilt />
  }
  return (
    <>
      <div className="wh">
        <h2>Posts</h2>
        {changed.length > 0 && (
          <span className="reprint" role="status">
            {changed.length} card{changed.length > 1 ? 's' : ''} changed: reprint{' '}
            {changed
              .slice(0, 6)
              .map((id) => derived.names[id])
              .join(', ')}
            {changed.length > 6 ? ' …' : ''}
          </span>
        )}
        <span className="spacer" />
        <Segments label="Posts view" value={view} choices={VIEWS} onChange={setView} />
      </div>
      {main()}
    </>
  )
}

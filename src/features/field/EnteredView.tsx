'use client'
import { useState } from 'react'
import { EntryRow } from './EntryRow'
import type { FieldPage } from './page'
import { useLog } from './useField'

/** Entries shown at first, and at each asking for more. */
const STEP = 40

/** What was entered on this job, the newest first: each with its way back, also after a reload. */
export function EnteredView(page: FieldPage) {
  const all = useLog((log) => log.state.all)
  const [shown, setShown] = useState(STEP)
  const entries = all.filter(({ body }) => body.kind !== 'void' && body.kind !== 'print').reverse()
  if (entries.length === 0) return <p className="fnote">Nothing was entered yet.</p>
  return (
    <>
      <p className="fnote">Whatever was entered can be taken back: one’s own by whoever entered it, all by a lead.</p>
      <ul className="entered">
        {entries.slice(0, shown).map((record) => (
          <EntryRow key={record.id} record={record} page={page} />
        ))}
      </ul>
      {entries.length > shown && (
        <div className="acts">
          <button type="button" onClick={() => setShown(shown + STEP)}>
            More
          </button>
        </div>
      )}
    </>
  )
}

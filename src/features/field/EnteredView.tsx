'use client'
import { useState } from 'react'
import type { FieldRecord } from '@/core/field'
import { recordText } from '@/formats/words'
import { dayTime } from '@/ui'
import type { FieldPage } from './page'
import { useLog } from './useField'

/** Entries shown at first, and at each asking for more. */
const STEP = 40

/** What was entered on this job, the newest first: each with its way back, also after a reload. */
export function EnteredView({ derived, isLead }: FieldPage) {
  const all = useLog((log) => log.state.all)
  const voided = useLog((log) => log.state.voided)
  const device = useLog((log) => log.device)
  const undo = useLog((log) => log.undo)
  const [shown, setShown] = useState(STEP)
  const entries = all.filter(({ body }) => body.kind !== 'void' && body.kind !== 'print').reverse()
  const may = (record: FieldRecord) => isLead || record.device === device
  if (entries.length === 0) return <p className="fnote">Nothing was entered yet.</p>
  return (
    <>
      <p className="fnote">Whatever was entered can be taken back: one’s own by whoever entered it, all by a lead.</p>
      <ul className="entered">
        {entries.slice(0, shown).map((record) => (
          <li key={record.id} className={voided.has(record.id) ? 'taken' : ''}>
            <span>
              {recordText(record.body, derived.names)}
              <i>
                {dayTime(record.at)}
                {record.who ? `, ${record.who}` : ''}
                {voided.has(record.id) ? ', taken back' : ''}
              </i>
            </span>
            {!voided.has(record.id) && may(record) && (
              <button type="button" onClick={() => undo(record.id)}>
                Undo
              </button>
            )}
          </li>
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

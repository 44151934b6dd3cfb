'use client'
import type { FieldRecord } from '@/core/field'
import { recordText } from '@/formats/words'
import { dayTime } from '@/ui'
import type { FieldPage } from '../page'
import { useLog } from '../useField'

const SHOWN = 12

/** The newest entries of one kind, each with its way back. */
export function KeptList({ page, of }: { readonly page: FieldPage; readonly of: (record: FieldRecord) => boolean }) {
  const { all, voided } = useLog((log) => log.state)
  const device = useLog((log) => log.device)
  const undo = useLog((log) => log.undo)
  const entries = all
    .filter((record) => of(record) && !voided.has(record.id))
    .slice(-SHOWN)
    .reverse()
  return (
    <ul className="entered">
      {entries.map((record) => (
        <li key={record.id}>
          <span>
            {recordText(record.body, page.derived.names)}
            <i>
              {dayTime(record.at)}
              {record.who ? `, ${record.who}` : ''}
            </i>
          </span>
          {(page.isLead || record.device === device) && (
            <button type="button" onClick={() => undo(record.id)}>
              Undo
            </button>
          )}
        </li>
      ))}
    </ul>
  )
}

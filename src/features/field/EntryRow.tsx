'use client'
import type { FieldRecord } from '@/core/field'
import { recordText } from '@/formats/words'
import { dayTime } from '@/ui'
import type { FieldPage } from './page'
import { useLog } from './useField'

/** One entry: what, when and by whom; with its way back for whoever may take it back and where it still stands. */
export function EntryRow({ record, page }: { readonly record: FieldRecord; readonly page: FieldPage }) {
  const isTaken = useLog((log) => log.state.voided.has(record.id))
  const isOwn = useLog((log) => log.device === record.device)
  const undo = useLog((log) => log.undo)
  return (
    <li className={isTaken ? 'taken' : ''}>
      <span>
        {recordText(record.body, page.derived.names)}
        <i>
          {dayTime(record.at)}
          {record.who ? `, ${record.who}` : ''}
          {isTaken ? ', taken back' : ''}
        </i>
      </span>
      {!isTaken && (page.isLead || isOwn) && (
        <button type="button" onClick={() => undo(record.id)}>
          Undo
        </button>
      )}
    </li>
  )
}

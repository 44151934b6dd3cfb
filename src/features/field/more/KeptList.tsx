'use client'
import type { FieldRecord } from '@/core/field'
import { EntryRow } from '../EntryRow'
import type { FieldPage } from '../page'
import { useLog } from '../useField'

const SHOWN = 12

/** The newest entries of one kind, each with its way back. */
export function KeptList({ page, of }: { readonly page: FieldPage; readonly of: (record: FieldRecord) => boolean }) {
  const { all, voided } = useLog((log) => log.state)
  const entries = all
    .filter((record) => of(record) && !voided.has(record.id))
    .slice(-SHOWN)
    .reverse()
  return (
    <ul className="entered">
      {entries.map((record) => (
        <EntryRow key={record.id} record={record} page={page} />
      ))}
    </ul>
  )
}

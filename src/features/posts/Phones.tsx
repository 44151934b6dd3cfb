'use client'
import { useEffect, useState } from 'react'
import type { PhoneOnSite } from '@/core/people'
import { agoWords, CLOCK_OFF_MS, spanWords } from '@/formats/words'
import { DataTable, type DataColumn, FailSign } from '@/ui'
import { useLog } from '../field'
import { ask } from '../job'

/** How often the office looks who is on site, ms; at once when something comes in. */
const LOOK_MS = 5000

export interface OnSite {
  readonly revision: number
  readonly phones: readonly PhoneOnSite[]
  /** When that was, by this browser's clock. */
  readonly at: number
}

/** The phones of the open job, again and again while it is looked at. */
export function useOnSite(): OnSite | null {
  const jobId = useLog((log) => log.jobId)
  const newest = useLog((log) => log.stored.length)
  const [on, setOn] = useState<OnSite | null>(null)
  useEffect(() => {
    let looking = true
    const look = async () => {
      const reply = await ask<Omit<OnSite, 'at'>>(`/api/jobs/${encodeURIComponent(jobId)}/phones`)
      if (looking && reply.kind === 'ok') setOn({ ...reply.value, at: Date.now() })
    }
    void look()
    const timer = setInterval(() => void look(), LOOK_MS)
    return () => {
      looking = false
      clearInterval(timer)
    }
  }, [jobId, newest])
  return on
}

const planWords = ({ shows }: PhoneOnSite, revision: number): string => {
  if (shows === null) return 'none'
  return shows >= revision ? 'the newest' : `revision ${shows}, ${revision - shows} behind`
}

function Clock({ aheadMs }: PhoneOnSite) {
  if (Math.abs(aheadMs) < CLOCK_OFF_MS) return 'right'
  return (
    <>
      <FailSign size={12} /> {spanWords(Math.abs(aheadMs))} {aheadMs > 0 ? 'ahead' : 'behind'}
    </>
  )
}

const columnsAt = ({ revision, at }: OnSite): readonly DataColumn<PhoneOnSite>[] => [
  { id: 'who', head: 'who', cell: (phone) => phone.who || '–' },
  { id: 'device', head: 'device', label: true, cell: (phone) => phone.called ?? phone.device },
  { id: 'seen', head: 'last contact', cell: (phone) => agoWords(at - Date.parse(phone.seenAt)) },
  { id: 'waiting', head: 'waited there', figures: true, cell: (phone) => phone.waiting },
  { id: 'plan', head: 'plan', cell: (phone) => planWords(phone, revision) },
  { id: 'clock', head: 'clock', cell: (phone) => <Clock {...phone} /> },
]

/** Who is on site: when each phone was last heard of, what waited on it then, how old its plan is. */
export function Phones({ on }: { readonly on: OnSite | null }) {
  if (on === null) return <p className="note">Asking who is on site.</p>
  return (
    <DataTable
      name="Phones on site"
      columns={columnsAt(on)}
      rows={on.phones}
      rowKey={(phone) => phone.device}
      rowClass={(phone) => (phone.shows !== null && phone.shows < on.revision ? 'warn' : undefined)}
      empty="No phone has opened this job yet. What waits on a phone is known only when it has a signal."
    />
  )
}

'use client'
import { ChevronLeft, MapPin } from 'lucide-react'
import { useStore } from 'zustand'
import { takeNewer, useOffline } from '@/devices/offline'
import type { FieldLog, FieldLogStore } from './logState'

/** How the link to the office is called, in trouble and when all is well. */
const LINK: Readonly<Record<FieldLog['link'], { readonly trouble: string | null; readonly well: string }>> = {
  starting: { trouble: null, well: 'Starting' },
  online: { trouble: null, well: 'Sent' },
  away: { trouble: 'Offline', well: 'Offline' },
  busy: { trouble: 'Office busy', well: 'Office busy' },
  full: { trouble: 'Office disk full', well: 'Office disk full' },
  'signed-out': { trouble: 'Signed out', well: '' },
}

/** How the entries stand, or that a newer build lies ready: at one place of the head, where it moves no key. */
function Standing({ log }: { readonly log: FieldLogStore }) {
  const link = useStore(log, (log) => log.link)
  const waiting = useStore(log, (log) => log.waiting)
  const keeps = useStore(log, (log) => log.keeps)
  const { newer } = useOffline()
  if (!keeps || LINK[link].trouble || waiting > 0)
    return (
      <div className="away" role="status">
        <b>{LINK[link].trouble ?? (keeps ? 'Sending' : 'No room')}</b>
        {(waiting > 0 || !keeps) && <span>{keeps ? `${waiting} kept here` : 'takes no entries'}</span>}
      </div>
    )
  // It is taken when it is asked for: nothing that is half typed is lost.
  if (newer)
    return (
      <div role="status">
        <button type="button" className="away" onClick={takeNewer}>
          <b>Load it</b>
          <span>A newer Burdock</span>
        </button>
      </div>
    )
  return (
    <div className="ok" role="status">
      {LINK[link].well}
    </div>
  )
}

/** Where one is, the way back and to another post, and how the entries stand. It keeps its height. */
export function Head({
  log,
  title,
  sub,
  onBack,
  onPosts,
}: {
  readonly log: FieldLogStore
  readonly title: string
  readonly sub: string
  readonly onBack: (() => void) | null
  readonly onPosts: () => void
}) {
  return (
    <header className="fhead">
      {onBack ? (
        <button type="button" className="back" onClick={onBack} aria-label="Back">
          <ChevronLeft size={30} />
        </button>
      ) : (
        <span className="back" />
      )}
      <div className="t">
        <b>{title}</b>
        <span>{sub}</span>
      </div>
      <Standing log={log} />
      {/* At the edge: what stands beside it is now wide and now narrow. */}
      <button type="button" className="back" onClick={onPosts} aria-label="Posts">
        <MapPin size={27} />
      </button>
    </header>
  )
}

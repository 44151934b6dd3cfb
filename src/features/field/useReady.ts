'use client'
import { useEffect, useState } from 'react'
import { afterFrame } from '@/devices/frame'
import { type Offline, useOffline } from '@/devices/offline'
import { canKeep, keptPlan } from './kept'
import { fetchSheets } from './useSheets'

/** Whether a job's pages work here without a signal, as it was found out; what is missing where they do not. */
export type Ready = 'asking' | 'ready' | 'files' | 'plan' | 'room' | 'insecure' | 'browser'

/** Time between two looks, ms. */
const LOOK_MS = 30_000
/** When a page that comes again looks anew, ms: not while a thumb goes from post to post. */
const AGAIN_MS = 1000

/** What was found of a job's plan and of room to write; null where nobody has looked yet. */
interface Found {
  readonly plan: boolean | null
  readonly room: boolean | null
}
const NOTHING: Found = { plan: null, room: null }
/** What was found last, and of which plan: it stands until the next look. */
let last = { of: '', found: NOTHING }

function readyOf({ files, why }: Offline, { plan, room }: Found): Ready {
  if (room === false) return 'room'
  if (files === 'never') return why ?? 'browser'
  if (files === 'missing') return 'files'
  if (plan === false) return 'plan'
  return files === 'kept' && plan === true && room === true ? 'ready' : 'asking'
}

/**
 * Whether this job works here without a signal: its pages, its plan and sheets of this revision, and room to write, each
 * looked at.
 */
export function useReady(jobId: string, revision: number | null): Ready {
  const offline = useOffline()
  const of = `${jobId} ${revision}`
  const [found, setFound] = useState(last.of === of ? last.found : NOTHING)
  useEffect(() => {
    let on = true
    const look = async () => {
      // Reading the plan of a large job takes a slow phone longer than the tap that brought it here.
      await afterFrame()
      const kept = await keptPlan(jobId).catch(() => null)
      const room = await canKeep()
      const isNewest = kept !== null && kept.revision === revision
      const hasAll = isNewest && (await fetchSheets(jobId, kept.revision).catch(() => false))
      last = { of, found: { plan: hasAll, room } }
      if (on) setFound(last.found)
    }
    const again = () => void look()
    const first = setTimeout(again, last.of === of ? AGAIN_MS : 0)
    const timer = setInterval(again, LOOK_MS)
    document.addEventListener('visibilitychange', again)
    window.addEventListener('online', again)
    return () => {
      on = false
      clearTimeout(first)
      clearInterval(timer)
      document.removeEventListener('visibilitychange', again)
      window.removeEventListener('online', again)
    }
  }, [jobId, revision, of])
  return readyOf(offline, found)
}

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

function readyOf({ files, why }: Offline, hasPlan: boolean | null, hasRoom: boolean | null): Ready {
  if (hasRoom === false) return 'room'
  if (files === 'never') return why ?? 'browser'
  if (files === 'missing') return 'files'
  if (hasPlan === false) return 'plan'
  return files === 'kept' && hasPlan === true && hasRoom === true ? 'ready' : 'asking'
}

/**
 * Whether this job works here without a signal: its pages, its plan and sheets of this revision, and room to write, each
 * looked at.
 */
export function useReady(jobId: string, revision: number | null): Ready {
  const offline = useOffline()
  const [found, setFound] = useState<{ readonly plan: boolean | null; readonly room: boolean | null }>({
    plan: null,
    room: null,
  })
  useEffect(() => {
    let on = true
    const look = async () => {
      // Reading the plan of a large job takes a slow phone longer than the tap that brought it here.
      await afterFrame()
      const kept = await keptPlan(jobId).catch(() => null)
      const room = await canKeep()
      const isNewest = kept !== null && kept.revision === revision
      const hasAll = isNewest && (await fetchSheets(jobId, kept.revision).catch(() => false))
      if (on) setFound({ plan: hasAll, room })
    }
    void look()
    const again = () => void look()
    const timer = setInterval(again, LOOK_MS)
    document.addEventListener('visibilitychange', again)
    window.addEventListener('online', again)
    return () => {
      on = false
      clearInterval(timer)
      document.removeEventListener('visibilitychange', again)
      window.removeEventListener('online', again)
    }
  }, [jobId, revision])
  return readyOf(offline, found.plan, found.room)
}

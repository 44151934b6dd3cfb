import { useEffect, useState } from 'react'
import { useStore } from 'zustand'
import { ask } from '../job/api'
import { hasSheets, keepSheets, type KeptSheets, keptSheets } from './kept'
import type { FieldLogStore } from './logState'

const sheetsPath = (jobId: string): string => `/api/jobs/${encodeURIComponent(jobId)}/sheets`

async function fetchNow(jobId: string, revision: number): Promise<boolean> {
  if (await hasSheets(jobId, revision)) return true
  const reply = await ask<KeptSheets>(sheetsPath(jobId))
  if (reply.kind !== 'ok') return false
  await keepSheets(jobId, reply.value)
  return reply.value.revision === revision
}

/** What is on its way: two that ask at once ask once. */
const coming = new Map<string, Promise<boolean>>()

/** Fetches the sheets of a job where this device has not those of this revision; whether it has them then. */
export function fetchSheets(jobId: string, revision: number): Promise<boolean> {
  const key = `${jobId} ${revision}`
  const now = coming.get(key) ?? fetchNow(jobId, revision).finally(() => coming.delete(key))
  coming.set(key, now)
  return now
}

/**
 * Has the sheets of the plan that is shown kept on this device, so that they open without a signal; not before the first
 * page stands.
 */
export function useSheetsKept(log: FieldLogStore, revision: number, stands: boolean): void {
  const isOnline = useStore(log, ({ link }) => link === 'online')
  const jobId = useStore(log, (state) => state.jobId)
  useEffect(() => {
    if (isOnline && stands) fetchSheets(jobId, revision).catch(() => undefined)
  }, [jobId, revision, isOnline, stands])
}

/** The sheets of a job: null while they are looked for, `missing` where this device has none and nobody answers. */
export function useSheets(jobId: string, revision: number): KeptSheets | 'missing' | null {
  const [found, setFound] = useState<KeptSheets | 'missing' | null>(null)
  useEffect(() => {
    let on = true
    const look = async () => {
      await fetchSheets(jobId, revision).catch(() => false)
      const kept = await keptSheets(jobId).catch(() => null)
      if (on) setFound(kept ?? 'missing')
    }
    void look()
    return () => {
      on = false
    }
  }, [jobId, revision])
  return found
}

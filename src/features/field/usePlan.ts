'use client'
import { useCallback, useEffect, useState } from 'react'
import { useStore } from 'zustand'
import { ask } from '../job/api'
import { keepPlan, type KeptPlan, keepSeen, keptPlan, keptSeen } from './kept'
import type { FieldLogStore } from './logState'

/** Why there is no plan: it is being looked for, it was never opened here, it is gone, or nobody is signed in. */
export type NoPlan = 'opening' | 'not-here' | 'gone' | 'signed-out'

/** The plan that the pages of a job show, and the one that its people have seen before. */
export interface JobPlan {
  readonly plan: KeptPlan | null
  readonly none: NoPlan
  /** Whether the office no longer has this job: what is kept here is all there is. */
  readonly gone: boolean
  /** An earlier plan, where a newer one has taken its place since somebody here said that it was seen. */
  readonly before: KeptPlan | null
  readonly see: () => void
}

/** How often a plan that still holds is noted, ms. */
const NOTE_MS = 60_000
const isNewer = (one: KeptPlan, other: KeptPlan): boolean => (one.revision ?? 0) > (other.revision ?? 0)
const quietly = (work: Promise<unknown>): void => void work.catch(() => undefined)

/**
 * Follows the plan of a job: what is kept here stands at once, the office's newest takes its place as soon as it is heard
 * of, and an older one never does.
 */
export function usePlan(jobId: string, log: FieldLogStore | null): JobPlan {
  const [plan, setPlan] = useState<KeptPlan | null>(null)
  const [before, setBefore] = useState<KeptPlan | null>(null)
  const [none, setNone] = useState<NoPlan>('opening')
  const [gone, setGone] = useState(false)

  const take = useCallback(
    (next: KeptPlan) => {
      setPlan((current) => {
        if (current === null) return next
        if (isNewer(current, next)) return current
        if (!isNewer(next, current)) return { ...current, asOf: next.asOf ?? current.asOf }
        setBefore((earlier) => {
          if (earlier === null) quietly(keepSeen(jobId, current))
          return earlier ?? current
        })
        return next
      })
      quietly(keepPlan(jobId, next))
    },
    [jobId],
  )

  const fetchPlan = useCallback(async () => {
    const reply = await ask<{ readonly doc: unknown; readonly revision: number }>(
      `/api/jobs/${encodeURIComponent(jobId)}`,
    )
    switch (reply.kind) {
      case 'ok':
        setGone(false)
        return take({ doc: reply.value.doc, revision: reply.value.revision, asOf: new Date().toISOString() })
      case 'gone':
        setGone(true)
        return setNone('gone')
      case 'signed-out':
        return setNone('signed-out')
      default:
        return setNone('not-here')
    }
  }, [jobId, take])

  useEffect(() => {
    void (async () => {
      const [kept, seen] = await Promise.all([keptPlan(jobId).catch(() => null), keptSeen(jobId).catch(() => null)])
      if (kept) setPlan((current) => current ?? kept)
      if (seen) setBefore((current) => current ?? seen)
      await fetchPlan()
    })()
  }, [jobId, fetchPlan])

  useNewest(log, plan, fetchPlan)
  useStillHolds(log, plan, take)

  const see = useCallback(() => {
    setBefore(null)
    quietly(keepSeen(jobId, null))
  }, [jobId])
  return { plan, none, gone, before, see }
}

/** Fetches the plan when the office speaks of a newer one. */
function useNewest(log: FieldLogStore | null, plan: KeptPlan | null, fetchPlan: () => Promise<void>): void {
  const revision = plan?.revision ?? null
  useEffect(() => {
    log?.getState().setShows(revision)
    if (!log) return
    let asked: number | null = null
    const follow = () => {
      const { newest } = log.getState()
      if (newest === null || newest <= (revision ?? 0) || newest === asked) return
      asked = newest
      void fetchPlan()
    }
    follow()
    return log.subscribe(follow)
  }, [log, revision, fetchPlan])
}

/** Notes now and then that the office still has this plan as its newest. */
function useStillHolds(log: FieldLogStore | null, plan: KeptPlan | null, take: (plan: KeptPlan) => void): void {
  useEffect(() => {
    if (!log || !plan) return
    return log.subscribe(({ lastTouch, newest }) => {
      if (lastTouch === null || newest !== plan.revision) return
      if (Date.parse(lastTouch) - Date.parse(plan.asOf ?? '1970-01-01') > NOTE_MS) take({ ...plan, asOf: lastTouch })
    })
  }, [log, plan, take])
}

/** When the office last said that this plan is its newest; null where that is not known. */
export function useAsOf(log: FieldLogStore, plan: KeptPlan): string | null {
  const lastTouch = useStore(log, ({ lastTouch, newest }) => (newest === plan.revision ? lastTouch : null))
  return lastTouch ?? plan.asOf
}

'use client'
import { useCallback, useEffect, useRef, useState } from 'react'
import { useStore } from 'zustand'
import { isFieldPlan } from '@/core/derive'
import { ask } from '../job/api'
import { keepPlan, type KeptPlan, keepSeen, keptPlan, keptSeen } from './kept'
import type { FieldLogStore } from './logState'

/**
 * Why there is no plan: it is being looked for, it was never opened here, it is gone, nobody is signed in, it contradicts
 * itself, or the office has another build than this page.
 */
export type NoPlan = 'opening' | 'not-here' | 'gone' | 'signed-out' | 'broken' | 'other-build'

/** The plan that the pages of a job show, and the one that its people have seen before. */
interface Shown {
  readonly plan: KeptPlan | null
  /** An earlier plan, where a newer one has taken its place since somebody here said that it was seen. */
  readonly before: KeptPlan | null
}

/** The same, with what its pages say where there is none, and what they do when the change was seen. */
export interface JobPlan extends Shown {
  readonly none: NoPlan
  /** Whether the office no longer has this job: what is kept here is all there is. */
  readonly gone: boolean
  readonly see: () => void
}

/** What the office says of a job's plan: its revision, and the plan where this device has not that one. */
interface PlanTold {
  readonly revision: number
  readonly plan?: unknown
}

/** How often a plan that still holds is noted, ms. */
const NOTE_MS = 60_000
const isNewer = (one: KeptPlan, other: KeptPlan): boolean => one.revision > other.revision
const quietly = (work: Promise<unknown>): void => void work.catch(() => undefined)

/** The plan to show after `next` has come: never an older one. What its people have seen stays until they say otherwise. */
function after({ plan, before }: Shown, next: KeptPlan): Shown {
  if (plan === null) return { plan: next, before }
  if (isNewer(plan, next)) return { plan, before }
  if (isNewer(next, plan)) return { plan: next, before: before ?? plan }
  return { plan: { ...plan, asOf: next.asOf }, before }
}

/** The plan shown, and what changes it; what is to be kept over a reload is kept. */
function useShown(jobId: string) {
  const [shown, setShown] = useState<Shown>({ plan: null, before: null })
  const now = useRef(shown)
  const show = useCallback((next: Shown) => {
    now.current = next
    setShown(next)
  }, [])
  const take = useCallback(
    (next: KeptPlan) => {
      const had = now.current
      show(after(had, next))
      const { plan, before } = now.current
      if (before !== had.before) quietly(keepSeen(jobId, before))
      if (plan !== null) quietly(keepPlan(jobId, plan))
    },
    [jobId, show],
  )
  const see = useCallback(() => {
    show({ ...now.current, before: null })
    quietly(keepSeen(jobId, null))
  }, [jobId, show])
  return { shown, now, show, take, see }
}

/**
 * Follows the plan of a job: what is kept here stands at once, the office's newest takes its place as soon as it is heard
 * of, and an older one never does.
 */
export function usePlan(jobId: string, log: FieldLogStore | null): JobPlan {
  const { shown, now, show, take, see } = useShown(jobId)
  const [none, setNone] = useState<NoPlan>('opening')
  const [gone, setGone] = useState(false)

  const told = useCallback(
    ({ revision, plan }: PlanTold) => {
      const asOf = new Date().toISOString()
      const has = now.current.plan
      if (isFieldPlan(plan)) take({ plan, revision, asOf })
      else if (plan === undefined && has?.revision === revision) take({ ...has, asOf })
      else setNone('other-build')
    },
    [now, take],
  )

  const fetchPlan = useCallback(async () => {
    const has = now.current.plan?.revision
    const reply = await ask<PlanTold>(planPath(jobId, has))
    switch (reply.kind) {
      case 'ok':
        setGone(false)
        return told(reply.value)
      case 'gone':
        setGone(true)
        return setNone('gone')
      case 'signed-out':
        return setNone('signed-out')
      case 'refused':
      case 'unreadable':
        return setNone('broken')
      default:
        return setNone('not-here')
    }
  }, [jobId, now, told])

  useEffect(() => {
    void (async () => {
      const [kept, seen] = await Promise.all([keptPlan(jobId).catch(() => null), keptSeen(jobId).catch(() => null)])
      show({ plan: now.current.plan ?? kept, before: now.current.before ?? seen })
      await fetchPlan()
    })()
  }, [jobId, now, show, fetchPlan])

  useNewest(log, shown.plan, fetchPlan)
  useStillHolds(log, shown.plan, take)
  return { ...shown, none, gone, see }
}

const planPath = (jobId: string, has: number | undefined): string =>
  `/api/jobs/${encodeURIComponent(jobId)}/plan${has === undefined ? '' : `?has=${has}`}`

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
      if (Date.parse(lastTouch) - Date.parse(plan.asOf) > NOTE_MS) take({ ...plan, asOf: lastTouch })
    })
  }, [log, plan, take])
}

/** When the office last said that this plan is its newest; null where that is not known. */
export function useAsOf(log: FieldLogStore, plan: KeptPlan): string {
  const lastTouch = useStore(log, ({ lastTouch, newest }) => (newest === plan.revision ? lastTouch : null))
  return lastTouch ?? plan.asOf
}

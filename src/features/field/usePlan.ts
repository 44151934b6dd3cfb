'use client'
import { useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react'
import { useStore } from 'zustand'
import { isFieldPlan } from '@/core/derive'
import { ask, type Reply, replySaid } from '../job/api'
import { earlyNow, earlyPlan, planPath } from './firstPlan'
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

/** A plan that the office has told of as its newest; null where it told of none that this build reads. */
const planTold = ({ revision, plan }: PlanTold): KeptPlan | null =>
  isFieldPlan(plan) ? { plan, revision, asOf: new Date().toISOString() } : null

/** What stands at once: the plan where it came before the page did. */
function shownAtFirst(): Shown {
  const early = earlyNow()
  const reply = early && replySaid<PlanTold>(early.status, early.said)
  return { plan: reply?.kind === 'ok' ? planTold(reply.value) : null, before: null }
}

/** The plan shown, and what changes it; what is to be kept over a reload is kept. */
function useShown(jobId: string) {
  const [shown, setShown] = useState<Shown>(shownAtFirst)
  const now = useRef(shown)
  const current = useCallback(() => now.current, [])
  // Before any part of the page looks whether it is kept.
  useLayoutEffect(() => {
    const { plan } = now.current
    if (plan) quietly(keepPlan(jobId, plan))
  }, [jobId])
  /** `had` is what is known to be kept. */
  const change = useCallback(
    (had: Shown, next: Shown) => {
      const isNew = next.plan !== had.plan && next.plan !== now.current.plan
      now.current = next
      setShown(next)
      if (next.before !== had.before) quietly(keepSeen(jobId, next.before))
      if (next.plan !== null && isNew) quietly(keepPlan(jobId, next.plan))
    },
    [jobId],
  )
  return { shown, current, change }
}

/** What the office says of a plan: what the head of the page has asked for, else asked now. */
async function planReply(jobId: string, has: number | undefined): Promise<Reply<PlanTold>> {
  const early = await earlyPlan()
  return early ? replySaid(early.status, early.said) : ask(planPath(jobId, has))
}

const WHY_NONE: Readonly<Record<Exclude<Reply<unknown>['kind'], 'ok'>, NoPlan>> = {
  gone: 'gone',
  'signed-out': 'signed-out',
  refused: 'broken',
  unreadable: 'broken',
  clash: 'not-here',
  away: 'not-here',
  busy: 'not-here',
  full: 'not-here',
  'read-only': 'not-here',
  'not-allowed': 'not-here',
}

/**
 * Follows the plan of a job: what is kept here stands at once, the office's newest takes its place as soon as it is heard
 * of, and an older one never does.
 */
export function usePlan(jobId: string, log: FieldLogStore | null): JobPlan {
  const { shown, current, change } = useShown(jobId)
  const [none, setNone] = useState<NoPlan>('opening')
  const [gone, setGone] = useState(false)

  const take = useCallback((next: KeptPlan) => change(current(), after(current(), next)), [change, current])

  /** Takes what the office says of the plan; false where it takes for granted a plan that is not here any more. */
  const told = useCallback(
    (told: PlanTold): boolean => {
      const has = current().plan
      const next = planTold(told)
      if (next && has?.plan === next.plan) return true
      if (next) take(next)
      else if (told.plan !== undefined) setNone('other-build')
      else if (has?.revision !== told.revision) return false
      else take({ ...has, asOf: new Date().toISOString() })
      return true
    },
    [current, take],
  )

  /** Takes a reply; where the office takes for granted what is not here, it is asked for the whole. */
  const taken = useCallback(
    async (reply: Reply<PlanTold>): Promise<void> => {
      const whole = reply.kind === 'ok' && !told(reply.value) ? await ask<PlanTold>(planPath(jobId, undefined)) : reply
      setGone(whole.kind === 'gone')
      if (whole.kind !== 'ok') setNone(WHY_NONE[whole.kind])
      else if (whole !== reply) told(whole.value)
    },
    [jobId, told],
  )

  const fetchPlan = useCallback(
    async () => taken(await ask<PlanTold>(planPath(jobId, current().plan?.revision))),
    [jobId, current, taken],
  )

  useEffect(() => {
    void (async () => {
      const kept = Promise.all([keptPlan(jobId).catch(() => null), keptSeen(jobId).catch(() => null)])
      const reading = kept.then(([plan, before]) => {
        // The office may have been quicker than this device's own store.
        const told = current().plan
        const had = { plan, before }
        change(had, told ? after(had, told) : had)
      })
      const reply = await planReply(jobId, undefined)
      if (reply.kind !== 'ok' || reply.value.plan === undefined) await reading
      await taken(reply)
    })()
  }, [jobId, current, change, taken])

  useNewest(log, shown.plan, fetchPlan)
  useStillHolds(log, shown.plan, take)

  const see = useCallback(() => change(current(), { ...current(), before: null }), [change, current])
  return { ...shown, none, gone, see }
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
      if (Date.parse(lastTouch) - Date.parse(plan.asOf) > NOTE_MS) take({ ...plan, asOf: lastTouch })
    })
  }, [log, plan, take])
}

/** When the office last said that this plan is its newest; null where that is not known. */
export function useAsOf(log: FieldLogStore, plan: KeptPlan): string {
  const lastTouch = useStore(log, ({ lastTouch, newest }) => (newest === plan.revision ? lastTouch : null))
  return lastTouch ?? plan.asOf
}

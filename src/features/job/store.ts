'use client'
import { createContext, useContext } from 'react'
import { createStore, useStore, type StoreApi } from 'zustand'
import { deriveJob, Memory, planJob, sameLoads, type Plan } from '@/core/derive'
import { told, type ShownDerived } from '@/formats/shown'
import {
  closeGesture,
  issuesOf,
  jobSchema,
  pushEdit,
  redo,
  Side,
  startHistory,
  undo,
  type History,
  type Job,
} from '@/core/model'
import { keepSame, type Issue } from '@/core/result'
import { ask } from '@/workers/client'
import type { StoredJob } from './api'

export const STAGES = [
  'site',
  'building',
  'strings',
  'holes',
  'posts',
  'walls',
  'roof',
  'bracing',
  'holds',
  'book',
] as const
export type Stage = (typeof STAGES)[number]

export type SaveState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'saving' }
  | { readonly kind: 'kept' }
  /** The server is away and this browser keeps nothing: the edit is only in this window. */
  | { readonly kind: 'held' }
  | { readonly kind: 'clash'; readonly current: StoredJob }
  | { readonly kind: 'refused'; readonly issues: readonly Issue[] }

/** What is picked in drawing, table and tape alike. */
export interface Picked {
  readonly post: string | null
  readonly opening: string | null
  readonly string: string
  readonly wall: Side
  readonly row: string | null
  readonly mark: string | null
  readonly check: string | null
  /** Which book is looked at. */ readonly book: 'crew' | 'field'
  /** Post cards to a sheet. */ readonly cards: 2 | 4
}

export interface JobState {
  readonly id: string
  readonly revision: number
  /** The document as the server has it: the base of a merge. */
  readonly base: Job
  readonly history: History<Job>
  readonly derived: ShownDerived
  /** The building whose loads have been judged; behind the present one for as long as the worker takes. */
  readonly judged: Job
  readonly save: SaveState
  readonly stage: Stage
  readonly picked: Picked
  /** Scale and zero of the plan, for the tape under it. */
  readonly plan: { readonly zeroPx: number; readonly pxPerIn: number } | null
  /** Tries an edit: it is taken whole or refused with the reasons. Edits with the same key are one undo. */
  readonly edit: (label: string, change: (job: Job) => Job, key?: string) => readonly Issue[]
  readonly done: () => void
  readonly undo: () => void
  readonly redo: () => void
  readonly pick: (partial: Partial<Picked>) => void
  readonly go: (stage: Stage) => void
  readonly set: (partial: Partial<Pick<JobState, 'revision' | 'base' | 'save' | 'plan'>>) => void
}

/** While edits follow each other, a judgement begins no sooner after the one before, ms: drawing comes first. */
const JUDGE_EVERY_MS = 160

export type JobStore = StoreApi<JobState>

/**
 * The plan of an edit over the judgement before it, which holds until the worker has the next: posts that are gone are
 * left out.
 */
function over(before: ShownDerived, plan: Plan): ShownDerived {
  // What only the planning itself needs (the layout, its neighbors) is not kept: it would be held against the last at
  // every step of a drag.
  const {
    plannedWalls,
    layout: _layout,
    neighbors: _neighbors,
    ...shown
  } = plan as Plan & { readonly layout?: unknown; readonly neighbors?: unknown }
  const here = new Set(plan.posts.map((post) => post.id))
  const walls = Object.fromEntries(
    Object.entries(plannedWalls).map(([side, plannedWall]) => [
      side,
      {
        ...plannedWall,
        widestHoldsIn: before.walls[side as 'south'].widestHoldsIn,
        worstRatio: before.walls[side as 'south'].worstRatio,
      },
    ]),
  ) as unknown as ShownDerived['walls']
  return {
    ...before,
    ...shown,
    walls,
    schedule: before.schedule.filter((row) => here.has(row.id)),
    holes: before.holes.map((hole) => ({ ...hole, postIds: hole.postIds.filter((postId) => here.has(postId)) })),
  }
}

/** The store of one open job. `job` must be without contradictions (the server and the import both see to that). */
export function createJobStore(stored: StoredJob, present: Job, stage: Stage): JobStore {
  const memory: Memory = {}
  const first = deriveJob(present, memory)
  if (!first.ok) throw new Error(`job ${stored.id} contradicts itself: ${first.issues[0]?.code}`)
  return createStore<JobState>((set, get) => {
    let busy = false
    /** Judges the newest document beside the interface; edits that come meanwhile are judged together at the end. */
    const judge = async () => {
      if (busy) return
      busy = true
      while (get().judged !== get().history.present) {
        const job = get().history.present
        const before = get().judged
        const began = performance.now()
        if (sameLoads(before, job)) {
          set({ judged: job })
          continue
        }
        const answer = await ask('judge', job).answer.catch(() => null)
        const here = answer ? null : deriveJob(job, memory)
        const nextShown = () => {
          if (answer?.ok) return answer.value
          if (here?.ok) return told(here.value, here.value.wallNames)
          return null
        }
        const judgement = nextShown()
        // A newer plan may stand by now: the judgement is laid under it and judged again in the next turn.
        if (judgement) {
          const { checks, tally, lateral, site, demands } = judgement
          shown(job === get().history.present ? judgement : { checks, tally, lateral, site, demands })
        }
        set({ judged: job })
        // For the bench: how long an edit waited for its judgement to be in the store. Only the last is kept.
        performance.clearMeasures('judged')
        performance.measure('judged', { start: began })
        const early = JUDGE_EVERY_MS - (performance.now() - began)
        if (early > 0 && job !== get().history.present) await new Promise((resolve) => setTimeout(resolve, early))
      }
      busy = false
    }
    /** Whatever says the same as before stays the same object, so that only what changed is drawn again. */
    const shown = (part: Partial<ShownDerived>) => {
      const now = get().derived
      const derived = keepSame(now, { ...now, ...part })
      if (derived !== now) set({ derived })
    }
    const take = (history: History<Job>, plan: Plan) => {
      const now = get().derived
      set({ history, derived: keepSame(now, over(now, plan)) })
      void judge()
    }
    const show = (history: History<Job>) => {
      const plan = planJob(history.present, memory)
      if (plan.ok) take(history, plan.value)
    }
    return {
      id: stored.id,
      revision: stored.revision,
      base: stored.doc,
      history: startHistory(present),
      derived: { ...first.value, ...told(first.value, first.value.wallNames) },
      judged: present,
      save: { kind: 'saved', at: stored.updatedAt },
      stage,
      picked: {
        post: null,
        opening: null,
        string: 'A',
        wall: 'south',
        row: null,
        mark: null,
        check: null,
        book: 'crew',
        cards: 4,
      },
      plan: null,
      edit: (label, change, key) => {
        const next = change(get().history.present)
        if (next === get().history.present) return []
        const valid = jobSchema.safeParse(next, { reportInput: true })
        if (!valid.success) return issuesOf(valid.error)
        const plan = planJob(next, memory)
        if (!plan.ok) return plan.issues
        take(pushEdit(get().history, next, label, key ?? null), plan.value)
        return []
      },
      done: () => set({ history: closeGesture(get().history) }),
      undo: () => show(undo(get().history)),
      redo: () => show(redo(get().history)),
      pick: (partial) => set({ picked: { ...get().picked, ...partial } }),
      go: (next) => set({ stage: next, picked: { ...get().picked, mark: null } }),
      set: (partial) => set(partial),
    }
  })
}

export const JobContext = createContext<JobStore | null>(null)

/** Reads one part of the open job. */
export function useJob<T>(select: (state: JobState) => T): T {
  const store = useContext(JobContext)
  if (!store) throw new Error('useJob outside a job')
  return useStore(store, select)
}

/** The document, what is derived from it, and the edit call: what most panels need. */
export const useDoc = () => ({
  job: useJob((state) => state.history.present),
  derived: useJob((state) => state.derived),
  edit: useJob((state) => state.edit),
  done: useJob((state) => state.done),
})

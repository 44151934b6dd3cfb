'use client'
import { createContext, useContext } from 'react'
import { createStore, useStore, type StoreApi } from 'zustand'
import { deriveJob, type Derived } from '@/core/derive'
import { closeGesture, issuesOf, jobSchema, pushEdit, redo, startHistory, undo, type History, type Job } from '@/core/model'
import type { Issue } from '@/core/result'
import type { StoredJob } from './api'

export const STAGES = ['site', 'building', 'strings', 'holes', 'posts', 'walls', 'holds', 'book'] as const
export type Stage = (typeof STAGES)[number]

export type SaveState =
  | { readonly kind: 'saved'; readonly at: string } | { readonly kind: 'saving' } | { readonly kind: 'kept' }
  | { readonly kind: 'clash'; readonly current: StoredJob } | { readonly kind: 'refused'; readonly issues: readonly Issue[] }

/** What is picked in drawing, table and tape alike. */
export interface Picked { readonly post: string | null; readonly opening: string | null; readonly string: string; readonly wall: 'south' | 'east' | 'north' | 'west'; readonly row: string | null; readonly mark: string | null; readonly check: string | null }

export interface JobState {
  readonly id: string
  readonly revision: number
  /** The document as the server has it: the base of a merge. */
  readonly base: Job
  readonly history: History<Job>
  readonly derived: Derived
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
  readonly pick: (p: Partial<Picked>) => void
  readonly go: (stage: Stage) => void
  readonly set: (s: Partial<Pick<JobState, 'revision' | 'base' | 'save' | 'plan'>>) => void
}

export type JobStore = StoreApi<JobState>

/** The store of one open job. `job` must be without contradictions (the server and the import both see to that). */
export function createJobStore(stored: StoredJob, present: Job, stage: Stage): JobStore {
  const first = deriveJob(present)
  if (!first.ok) throw new Error(`job ${stored.id} contradicts itself: ${first.issues[0]?.code}`)
  return createStore<JobState>((set, get) => {
    const show = (history: History<Job>) => {
      const derived = deriveJob(history.present)
      if (derived.ok) set({ history, derived: derived.value })
    }
    return {
      id: stored.id, revision: stored.revision, base: stored.doc, history: startHistory(present), derived: first.value, save: { kind: 'saved', at: stored.updatedAt }, stage,
      picked: { post: null, opening: null, string: 'A', wall: 'south', row: null, mark: null, check: null }, plan: null,
      edit: (label, change, key) => {
        const next = change(get().history.present)
        if (next === get().history.present) return []
        const valid = jobSchema.safeParse(next, { reportInput: true })
        if (!valid.success) return issuesOf(valid.error)
        const derived = deriveJob(next)
        if (!derived.ok) return derived.issues
        set({ history: pushEdit(get().history, next, label, key ?? null), derived: derived.value })
        return []
      },
      done: () => set({ history: closeGesture(get().history) }),
      undo: () => show(undo(get().history)),
      redo: () => show(redo(get().history)),
      pick: (p) => set({ picked: { ...get().picked, ...p } }),
      go: (next) => set({ stage: next, picked: { ...get().picked, mark: null } }),
      set: (s) => set(s),
    }
  })
}

export const JobContext = createContext<JobStore | null>(null)

/** Reads one part of the open job. */
export function useJob<T>(select: (s: JobState) => T): T {
  const store = useContext(JobContext)
  if (!store) throw new Error('useJob outside a job')
  return useStore(store, select)
}
/** The document, what is derived from it, and the edit call: what most panels need. */
export const useDoc = () => ({ job: useJob((s) => s.history.present), derived: useJob((s) => s.derived), edit: useJob((s) => s.edit), done: useJob((s) => s.done) })

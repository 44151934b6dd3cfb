'use client'
import { createContext, useContext } from 'react'
import { createStore, useStore, type StoreApi } from 'zustand'
import { deriveJob, type Memory, planJob, type Plan } from '@/core/derive'
import { shownOf, type ShownDerived } from '@/formats/shown'
import {
  type ClashChoice,
  closeGesture,
  editIssues,
  pushEdit,
  redo,
  settleClash,
  type Side,
  type StringId,
  startHistory,
  undo,
  type History,
  type Job,
} from '@/core/model'
import { keepSame, type Issue } from '@/core/result'
import { recordedPosts } from '@/core/field'
import { effectIssue, effectsOn, type PostDecision, type PostEffect } from '@/core/layout'
import type { StoredJob, Trouble } from './api'
import { type Asking, planChange, planDecided, type Planned } from './asking'
import { judging } from './judging'
import { planOver } from './planOver'

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

/** What each stage is called. */
export const STAGE_NAMES: Readonly<Record<Stage, string>> = {
  site: 'Site',
  building: 'Building',
  strings: 'Strings',
  holes: 'Holes',
  posts: 'Posts',
  walls: 'Walls',
  roof: 'Roof',
  bracing: 'Bracing',
  holds: 'What holds',
  book: 'Crew book',
}

export type SaveState =
  | { readonly kind: 'saved'; readonly at: string }
  | { readonly kind: 'saving' }
  /** Kept in this browser, since the server could not take it. */
  | { readonly kind: 'kept'; readonly why: Trouble }
  /** The same where this browser keeps nothing: the edit is only in this window. */
  | { readonly kind: 'held'; readonly why: Trouble }
  | { readonly kind: 'clash'; readonly current: StoredJob }
  | { readonly kind: 'refused'; readonly issues: readonly Issue[] }

/** Records of a job, as far as a change of the plan asks about them. */
type Recorded = Parameters<typeof recordedPosts>[0]

/** Books of a job: for the crew, for the site, its drawings, and the record of it as built. */
export const BOOKS = ['crew', 'field', 'drawings', 'record'] as const
export type BookKind = (typeof BOOKS)[number]

/** What is picked in drawing, table and tape alike. */
export interface Picked {
  readonly post: string | null
  readonly opening: string | null
  readonly string: StringId
  readonly wall: Side
  readonly row: string | null
  readonly mark: string | null
  readonly check: string | null
  /** Which book is looked at. */ readonly book: BookKind
  /** Post cards to a sheet. */ readonly cards: 2 | 4
}

const NOTHING_PICKED: Picked = {
  post: null,
  opening: null,
  string: 'south',
  wall: 'south',
  row: null,
  mark: null,
  check: null,
  book: 'crew',
  cards: 4,
}

/** The tab of the building that has the fields of what is picked anew; null where it stays. */
function tabOf(picked: Picked, { opening, post }: Partial<Picked>): 'openings' | 'posts' | null {
  if (opening && opening !== picked.opening) return 'openings'
  return post && post !== picked.post ? 'posts' : null
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
  /** Which view and tab of each stage is looked at; those of its first are left out. */
  readonly views: Readonly<Record<string, string>>
  /** Scale and zero of the plan, for the tape under it. */
  readonly plan: { readonly zeroPx: number; readonly pxPerIn: number } | null
  /** What phones and the office have recorded: a change that touches a recorded post asks before it is taken. */
  readonly field: Recorded
  /** A change that waits for a word about recorded posts. */
  readonly asking: Asking | null
  /** Takes the change that was asked about, with what was decided; refused where a post that stays cannot. */
  readonly decide: (decisions: ReadonlyMap<string, PostDecision>) => readonly Issue[]
  /** Leaves the plan as it is. */
  readonly leave: () => void
  /** Gives the posts whose paper is printed anew the names that the plan gives them. */
  readonly takeNames: () => void
  /** Tries an edit: it is taken whole or refused with the reasons. Edits with the same key are one undo. */
  readonly edit: (label: string, change: (job: Job) => Job, key?: string) => readonly Issue[]
  /** Takes a choice between this window's document and a newer one of the server; undo brings mine back. */
  readonly settle: (current: StoredJob, choice: ClashChoice) => readonly Issue[]
  readonly done: () => void
  /** Takes up the steps that this window had before the page was loaded again. */
  readonly resume: (steps: Pick<History<Job>, 'past' | 'future'>) => void
  readonly undo: () => void
  readonly redo: () => void
  readonly pick: (partial: Partial<Picked>) => void
  readonly go: (stage: Stage) => void
  /** Looks at another view or tab of a stage. */
  readonly see: (key: string, view: string) => void
  /** Looks at what an address asks for. */
  readonly look: (place: Pick<JobState, 'stage' | 'views' | 'picked'>) => void
  readonly set: (partial: Partial<Pick<JobState, 'revision' | 'base' | 'save' | 'plan' | 'field'>>) => void
}

export type JobStore = StoreApi<JobState>

/** The store of one open job. `job` must be without contradictions (the server and the import both see to that). */
export function createJobStore(stored: StoredJob, present: Job, stage: Stage): JobStore {
  const memory: Memory = {}
  const first = deriveJob(present, memory)
  if (!first.ok) throw new Error(`job ${stored.id} contradicts itself: ${first.issues[0]?.code}`)
  return createStore<JobState>((set, get) => {
    /** Whatever says the same as before stays the same object, so that only what changed is drawn again. */
    const shown = (part: Partial<ShownDerived>) => {
      const now = get().derived
      const derived = keepSame(now, { ...now, ...part })
      if (derived !== now) set({ derived })
    }
    const judge = judging({
      present: () => get().history.present,
      judged: () => get().judged,
      setJudged: (judged) => set({ judged }),
      show: shown,
      memory,
    })
    const take = (history: History<Job>, plan: Plan) => {
      const now = get().derived
      set({ history, derived: keepSame(now, planOver(now, plan)) })
      void judge()
    }
    const stood = () => {
      const { derived, history } = get()
      return { posts: derived.posts, omitted: derived.omitted, building: history.present.building }
    }
    const recorded = () => recordedPosts(get().field, get().history.present.levels.readingsIn)
    /** Asks about recorded posts that a change touches; whether there is anything to ask. */
    const asks = (label: string, { doc, plan }: Planned, open: boolean): readonly PostEffect[] => {
      // What was given up in that document was asked and answered when it was made.
      const answered = new Set(doc.building.givenUp.map(({ id }) => id))
      const held = new Set([...recorded()].filter((id) => !answered.has(id)))
      const effects = effectsOn(held, stood(), plan)
      if (effects.length > 0) set({ asking: { label, doc, effects, open } })
      else if (get().asking) set({ asking: null })
      return effects
    }
    /** Goes to another place of the history; what that does to recorded posts is asked like any change. */
    const show = (history: History<Job>, label: string) => {
      const doc = history.present
      const plan = planJob(doc, memory)
      if (plan.ok && asks(label, { doc, plan: plan.value }, true).length === 0) take(history, plan.value)
    }
    return {
      id: stored.id,
      revision: stored.revision,
      base: stored.doc,
      history: startHistory(present),
      derived: shownOf(first.value),
      judged: present,
      save: { kind: 'saved', at: stored.updatedAt },
      stage,
      picked: NOTHING_PICKED,
      views: {},
      plan: null,
      field: { all: [], voided: new Set() },
      asking: null,
      edit: (label, change, key) => {
        const next = change(get().history.present)
        if (next === get().history.present) return []
        const wrong = editIssues(get().history.present, next)
        if (wrong.length > 0) return wrong
        const planned = planChange(next, stood(), memory)
        if (!planned.ok) return planned.issues
        const { doc, plan } = planned.value
        const effects = asks(label, planned.value, key === undefined)
        if (effects.length > 0) return effects.map(effectIssue)
        take(pushEdit(get().history, doc, label, key ?? null), plan)
        return []
      },
      decide: (decisions) => {
        const { asking, history } = get()
        if (!asking) return []
        const planned = planDecided({ asking, stood: stood(), decisions, recorded: recorded(), memory })
        if (!planned.ok) return planned.issues
        set({ asking: null })
        take(pushEdit(history, planned.value.doc, asking.label), planned.value.plan)
        return []
      },
      leave: () => set({ asking: null }),
      takeNames: () => {
        const { building } = get().history.present
        if (building.posts.every((post) => post.keptName === null)) return
        const posts = building.posts.map((post) => ({ ...post, keptName: null }))
        const doc = { ...get().history.present, building: { ...building, posts } }
        const plan = planJob(doc, memory)
        if (plan.ok) take(pushEdit(get().history, doc, 'names as printed anew'), plan.value)
      },
      settle: (current, choice) => {
        const clash = { base: get().base, mine: get().history.present, theirs: current.doc }
        const { doc, label } = settleClash(clash, choice)
        // The newest revision becomes the base, then the choice is an edit like any other.
        set({ revision: current.revision, base: current.doc, save: { kind: 'saving' } })
        return get().edit(label, () => doc)
      },
      done: () => {
        const { asking, history } = get()
        set({ history: closeGesture(history), ...(asking ? { asking: { ...asking, open: true } } : {}) })
      },
      resume: ({ past, future }) => {
        const { history } = get()
        if (history.past.length === 0) set({ history: { ...history, past, future } })
      },
      undo: () => show(undo(get().history), `undo ${get().history.past.at(-1)?.label ?? ''}`),
      redo: () => show(redo(get().history), `redo ${get().history.future[0]?.label ?? ''}`),
      pick: (partial) => {
        const { picked, views } = get()
        // Picking a door or a post in the drawing brings its fields up.
        const brings = tabOf(picked, partial)
        set({ picked: { ...picked, ...partial }, views: brings ? { ...views, 'building-tab': brings } : views })
      },
      go: (next) => set({ stage: next, picked: { ...get().picked, mark: null } }),
      see: (key, view) => set({ views: { ...get().views, [key]: view } }),
      look: ({ stage, views, picked }) => set({ stage, views, picked }),
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

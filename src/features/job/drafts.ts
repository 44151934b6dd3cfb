import type { DBSchema } from 'idb'
import { parseJob } from '@/core/files'
import type { History, Job } from '@/core/model'
import { keepSame } from '@/core/result'
import { storeOf, write } from '@/devices/store'
import { newId } from '@/formats/ids'
import { resumeSave } from './saveId'

/** An edit that the server does not have yet, kept in this browser until it does. One a job and window. */
export interface Draft {
  readonly key: string
  readonly jobId: string
  readonly tab: string
  readonly baseRevision: number
  readonly base: Job
  readonly doc: Job
  readonly label: string
  /** What its save is called, and those before it that were never answered; drafts of before have none. */
  readonly saveId?: string
  readonly unanswered?: readonly string[]
  readonly at: number
}

/** The steps of undo and redo of one job and window, for when the page is loaded again. */
interface KeptSteps extends Pick<History<Job>, 'past' | 'present' | 'future'> {
  readonly key: string
  readonly at: number
}

interface Store extends DBSchema {
  drafts: { key: string; value: Draft; indexes: { jobId: string } }
  steps: { key: string; value: KeptSteps; indexes: { at: number } }
}

/** The store's version as browsers count it; 10 had no steps yet. */
const VERSION = 20
const FIRST_WITH_STEPS = 20
const store = storeOf<Store>('burdock', VERSION, (db, before) => {
  if (before === 0) db.createObjectStore('drafts', { keyPath: 'key' }).createIndex('jobId', 'jobId')
  if (before < FIRST_WITH_STEPS) db.createObjectStore('steps', { keyPath: 'key' }).createIndex('at', 'at')
})

/** This window's name; it outlives a reload and holds a lock, so that others can see that the window is open. */
function thisTab(): string {
  let tab = sessionStorage.getItem('burdock-tab')
  if (!tab) {
    tab = newId(32)
    sessionStorage.setItem('burdock-tab', tab)
  }
  return tab
}

/** Holds this window's lock for as long as it is open. */
export function holdTab(): void {
  void navigator.locks?.request(`burdock-tab-${thisTab()}`, { ifAvailable: true }, () => new Promise(() => undefined))
}

/** Keeps an edit in this browser; false where the browser refuses to (a private window, a full disk). */
export async function keepDraft(draft: Omit<Draft, 'key' | 'tab' | 'at'>): Promise<boolean> {
  try {
    const kept = { ...draft, key: `${draft.jobId}:${thisTab()}`, tab: thisTab(), at: Date.now() }
    await write(store, 'drafts', (drafts) => [drafts.put(kept)])
    return true
  } catch {
    return false
  }
}

/** Steps kept over a reload, the newest; the server's history keeps every revision. */
const STEPS_KEPT = 40
/** Steps of windows that have not been seen for this long are forgotten, ms. */
const STEPS_LAST_MS = 7 * 24 * 3600 * 1000

/** Keeps the last steps of undo and the next of redo; a browser that refuses to has undo until the page is left. */
export async function keepSteps(jobId: string, { past, present, future }: History<Job>): Promise<void> {
  const steps: KeptSteps = {
    key: `${jobId}:${thisTab()}`,
    past: past.slice(-STEPS_KEPT),
    present,
    future: future.slice(0, STEPS_KEPT),
    at: Date.now(),
  }
  try {
    await write(store, 'steps', (kept) => [kept.put(steps)])
  } catch {
    /* Undo works until the page is left. */
  }
}

/** Forgets the steps of windows that were not seen for long. */
async function dropOldSteps(): Promise<void> {
  const old = IDBKeyRange.upperBound(Date.now() - STEPS_LAST_MS, true)
  await write(store, 'steps', async (steps) =>
    (await steps.index('at').getAllKeys(old)).map((key) => steps.delete(key)),
  )
}

/** The steps that this window had of a job whose document is still the same; null where there are none. */
export async function findSteps(jobId: string, present: Job): Promise<Pick<History<Job>, 'past' | 'future'> | null> {
  try {
    void dropOldSteps().catch(() => undefined)
    const kept = await (await store()).get('steps', `${jobId}:${thisTab()}`)
    return kept && keepSame(kept.present, present) === kept.present ? kept : null
  } catch {
    return null
  }
}

const revisionKey = (jobId: string): string => `burdock-revision-${jobId}`

/** Remembers in this window which revision it saved last. */
export const noteRevision = (jobId: string, revision: number): void =>
  sessionStorage.setItem(revisionKey(jobId), String(revision))

/**
 * The newest revision that this window knows of. While a page is left its last edit is still saved, and the page that
 * comes may have been made before: it would take its own edit for somebody else's.
 */
export const knownRevision = (jobId: string): number => Number(sessionStorage.getItem(revisionKey(jobId)) ?? 0)

/** Forgets what was kept; where nothing could be kept there is nothing to forget. */
export async function dropDraft(jobId: string, tab = thisTab()): Promise<void> {
  try {
    await write(store, 'drafts', (drafts) => [drafts.delete(`${jobId}:${tab}`)])
  } catch {
    /* Nothing was kept. */
  }
}

/** A draft kept by an older version, in the form of this one; null where it no longer reads. */
function upToDate(draft: Draft): Draft | null {
  const [base, doc] = [parseJob(draft.base), parseJob(draft.doc)]
  if (!base.ok || !doc.ok) return null
  resumeSave(doc.value, draft)
  return { ...draft, base: base.value, doc: doc.value }
}

/** The draft to go on with: this window's own, or one whose window has closed. */
export async function findDraft(jobId: string): Promise<Draft | null> {
  try {
    const all = await (await store()).getAllFromIndex('drafts', 'jobId', jobId)
    const own = all.find((draft) => draft.tab === thisTab())
    if (own) return upToDate(own)
    const held = new Set(((await navigator.locks?.query())?.held ?? []).map((lockInfo) => lockInfo.name))
    const orphan = all
      .filter((draft) => !held.has(`burdock-tab-${draft.tab}`))
      .sort((one, other) => other.at - one.at)[0]
    if (!orphan) return null
    // It becomes this window's: kept under the new name before the old one goes.
    if (await keepDraft(orphan)) await dropDraft(jobId, orphan.tab)
    return upToDate(orphan)
  } catch {
    return null
  }
}

import type { Job } from '@/core/model'
import { keepSame } from '@/core/result'
import { api, type Reply, type Trouble } from './api'
import { dropDraft, keepDraft, keepSteps } from './drafts'
import { saveIdOf } from './saveId'
import type { JobStore, SaveState } from './store'

/** Quiet time after the last edit before it is sent, and time between tries while the server is away, ms. */
export const SAVE_AFTER_MS = 500
export const RETRY_MS = 2000
/** Steps of undo are kept when the hand has rested for this long, ms. */
const STEPS_AFTER_MS = 1500
/** Edits of one quick hand are kept in the browser together, after the frame they were drawn in, ms. */
const KEEP_AFTER_MS = 60

/** Why an edit waits; a job that is gone or does not read at the server is asked for again like one that is away. */
const troubleOf = ({ kind }: Reply<unknown>): Trouble =>
  kind === 'busy' || kind === 'full' || kind === 'read-only' ? kind : 'away'

/**
 * Saves every edit: into this browser at once, to the server after a short quiet. While the server is away the edit
 * stays here and is
 * tried again; a clash with a newer revision stops saving until someone decides. Returns the end of the watch.
 */
export function watchAndSave(store: JobStore): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined
  let busy = false
  let stopped = false
  /** Whether this browser stores what it is given. */
  let keeps = true
  const away = (save: SaveState): save is Extract<SaveState, { kind: 'kept' | 'held' }> =>
    save.kind === 'kept' || save.kind === 'held'
  const label = () => store.getState().history.past.at(-1)?.label ?? 'edit'
  let keeping: ReturnType<typeof setTimeout> | undefined
  const keep = () => {
    clearTimeout(keeping)
    keeping = undefined
    const { id, revision, base, history } = store.getState()
    if (history.present !== base)
      void keepDraft({
        jobId: id,
        baseRevision: revision,
        base,
        doc: history.present,
        label: label(),
        saveId: saveIdOf(history.present),
      }).then((kept) => {
        keeps = kept
        const { save } = store.getState()
        if (away(save)) store.getState().set({ save: { kind: kept ? 'kept' : 'held', why: save.why } })
      })
  }
  let stepping: ReturnType<typeof setTimeout> | undefined
  const step = () => {
    clearTimeout(stepping)
    stepping = undefined
    const { id, history } = store.getState()
    void keepSteps(id, history)
  }
  /** A window that is closed or hidden keeps what it has at once. */
  const leave = () => {
    if (keeping !== undefined) keep()
    if (stepping !== undefined) step()
  }
  const later = (ms: number) => {
    clearTimeout(timer)
    timer = setTimeout(() => void send(), ms)
  }

  async function send(): Promise<void> {
    const { id, revision, base, history, save } = store.getState()
    const doc: Job = history.present
    if (busy || stopped || save.kind === 'clash') return
    if (doc === base) {
      store.getState().set({ save: { kind: 'saved', at: new Date().toISOString() } })
      await dropDraft(id)
      return
    }
    busy = true
    if (!away(save)) store.getState().set({ save: { kind: 'saving' } })
    const edit = { baseRevision: revision, doc, label: label(), saveId: saveIdOf(doc) }
    const reply = await api.save(id, edit)
    busy = false
    if (stopped) return
    const state = store.getState()
    if (reply.kind === 'ok') {
      const same = state.history.present === doc
      state.set({
        revision: reply.value.revision,
        base: doc,
        save: same ? { kind: 'saved', at: reply.value.updatedAt } : { kind: 'saving' },
      })
      if (same) await dropDraft(id)
      else later(SAVE_AFTER_MS)
    } else if (reply.kind === 'clash') {
      // Our own answer may have been lost on the way: then the newer revision is what we sent.
      if (keepSame(doc, reply.current.doc) === doc) {
        state.set({ revision: reply.current.revision, base: doc, save: { kind: 'saved', at: reply.current.updatedAt } })
        await dropDraft(id)
      } else state.set({ save: { kind: 'clash', current: reply.current } })
    } else if (reply.kind === 'refused') state.set({ save: { kind: 'refused', issues: reply.issues } })
    else {
      state.set({ save: { kind: keeps ? 'kept' : 'held', why: troubleOf(reply) } })
      later(RETRY_MS)
    }
  }

  const unsubscribe = store.subscribe((now, before) => {
    const changed = now.history.present !== before.history.present
    const decided = before.save.kind === 'clash' && now.save.kind !== 'clash'
    if (!changed && !decided) return
    keeping ??= setTimeout(keep, KEEP_AFTER_MS)
    clearTimeout(stepping)
    stepping = setTimeout(step, STEPS_AFTER_MS)
    if (now.save.kind === 'saved') now.set({ save: { kind: 'saving' } })
    later(away(now.save) ? RETRY_MS : SAVE_AFTER_MS)
  })
  if (store.getState().history.present !== store.getState().base) later(0)
  const again = () => later(0)
  window.addEventListener('online', again)
  window.addEventListener('pagehide', leave)
  document.addEventListener('visibilitychange', leave)
  return () => {
    leave()
    stopped = true
    clearTimeout(timer)
    unsubscribe()
    window.removeEventListener('online', again)
    window.removeEventListener('pagehide', leave)
    document.removeEventListener('visibilitychange', leave)
  }
}

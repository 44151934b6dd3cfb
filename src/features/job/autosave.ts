import type { Job } from '@/core/model'
import { keepSame } from '@/core/result'
import { api, type Reply, type StoredJob } from './api'
import { troubleOf } from './troubleWords'
import { dropDraft, keepDraft, keepSteps, noteRevision } from './drafts'
import { saveIdOf, unansweredBefore } from './saveId'
import type { JobStore, SaveState } from './store'

/** Quiet time after the last edit before it is sent, and time between tries while the server is away, ms. */
export const SAVE_AFTER_MS = 500
export const RETRY_MS = 2000
/** Steps of undo are kept when the hand has rested for this long, ms. */
const STEPS_AFTER_MS = 1500
/** Edits of one quick hand are kept in the browser together, after the frame they were drawn in, ms. */
const KEEP_AFTER_MS = 60

/** Names of saves that go with an edit. */
const MOST_UNANSWERED = 50

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
  /** Saves against the present base that were sent and never answered: the server may have any of them. */
  let unanswered: readonly string[] = unansweredBefore(store.getState().history.present)
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
        unanswered,
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

  /** The server has the document, under this revision. */
  async function isSaved(doc: Job, { revision, updatedAt }: Pick<StoredJob, 'revision' | 'updatedAt'>): Promise<void> {
    const state = store.getState()
    const same = state.history.present === doc
    unanswered = []
    noteRevision(state.id, revision)
    state.set({ revision, base: doc, save: same ? { kind: 'saved', at: updatedAt } : { kind: 'saving' } })
    if (same) await dropDraft(state.id)
    else later(SAVE_AFTER_MS)
  }

  async function take(reply: Reply<StoredJob>, doc: Job): Promise<void> {
    const { set } = store.getState()
    switch (reply.kind) {
      case 'ok':
        return isSaved(doc, reply.value)
      case 'clash':
        // What others have saved says the same.
        if (keepSame(doc, reply.current.doc) === doc) return isSaved(doc, reply.current)
        unanswered = []
        return set({ save: { kind: 'clash', current: reply.current } })
      case 'refused':
        return set({ save: { kind: 'refused', issues: reply.issues } })
      default:
        set({ save: { kind: keeps ? 'kept' : 'held', why: troubleOf(reply) } })
        later(RETRY_MS)
    }
  }

  async function send(): Promise<void> {
    const { id, revision, base, history, save } = store.getState()
    const doc: Job = history.present
    if (busy || stopped || save.kind === 'clash') return
    // Back where it began, with nothing on its way that the server may have taken.
    if (doc === base && unanswered.length === 0) {
      store.getState().set({ save: { kind: 'saved', at: new Date().toISOString() } })
      await dropDraft(id)
      return
    }
    busy = true
    if (!away(save)) store.getState().set({ save: { kind: 'saving' } })
    const saveId = saveIdOf(doc)
    const edit = { baseRevision: revision, doc, label: label(), saveId, unanswered }
    unanswered = [...unanswered.filter((each) => each !== saveId), saveId].slice(-MOST_UNANSWERED)
    const reply = await api.save(id, edit)
    busy = false
    if (!stopped) await take(reply, doc)
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

import Dexie, { type EntityTable } from 'dexie'
import { createStore, type StoreApi } from 'zustand'
import {
  foldRecords,
  tieLevels,
  type FieldRecord,
  type FieldState,
  type Levels,
  type RecordBody,
  type Stored,
} from '@/core/field'
import type { Issue } from '@/core/result'

/** A record on this device: waiting for the server, or known to it. */
interface Kept {
  readonly key: string
  readonly jobId: string
  readonly record: FieldRecord
  readonly receivedAt: string | null
  readonly made: number
}

interface Meta {
  readonly key: string
  readonly value: unknown
}
const open = () => {
  const db = new Dexie('burdock-field') as Dexie & { records: EntityTable<Kept, 'key'>; meta: EntityTable<Meta, 'key'> }
  db.version(1).stores({ records: 'key, jobId', meta: 'key' })
  return db
}
let made: ReturnType<typeof open> | null = null
const store = () => (made ??= open())

export interface FieldLog {
  readonly jobId: string
  readonly stored: readonly Stored[]
  readonly state: FieldState
  readonly levels: Levels
  /** Records that wait on this device. */
  readonly waiting: number
  readonly link: 'online' | 'away' | 'starting'
  readonly lastTouch: string | null
  readonly refused: readonly Issue[]
  /** Whether this browser keeps records over a reload; false once it has refused to. */
  readonly keeps: boolean
  readonly device: string
  readonly who: string
  readonly add: (body: RecordBody, at?: string) => FieldRecord
  readonly undo: (id: string) => void
  readonly setWho: (who: string) => void
  readonly sync: () => Promise<void>
}

export type FieldLogStore = StoreApi<FieldLog>

const RETRY_MS = 4000
/** Records sent at once. */
const MOST_SENT = 500
const id = () => crypto.randomUUID().replace(/-/g, '').slice(0, 24)
const derived = (stored: readonly Stored[]) => {
  const state = foldRecords(stored)
  return {
    stored,
    state,
    levels: tieLevels(state),
    waiting: stored.filter((stored) => stored.receivedAt === null).length,
  }
}

const keptOf = (jobId: string, { record, receivedAt }: Stored): Kept => ({
  key: `${jobId}:${record.id}`,
  jobId,
  record,
  receivedAt,
  made: Date.parse(record.at),
})

type Answer =
  | { readonly kind: 'away' }
  | { readonly kind: 'refused'; readonly issues: readonly Issue[] }
  | { readonly kind: 'taken'; readonly records: readonly (Stored & { readonly seq: number })[]; readonly last: number }

/** Sends what waits, or asks what is new when nothing does. Every way of not reaching the server is ‘away’. */
async function exchange(jobId: string, waiting: readonly Stored[], after: number): Promise<Answer> {
  const url = `/api/jobs/${encodeURIComponent(jobId)}/records`
  try {
    const response = waiting.length
      ? await fetch(url, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({ after, records: waiting.map((stored) => stored.record) }),
        })
      : await fetch(`${url}?after=${after}`, { cache: 'no-store' })
    if (response.ok) {
      const { records, last } = (await response.json()) as Pick<Extract<Answer, { kind: 'taken' }>, 'records' | 'last'>
      return { kind: 'taken', records, last }
    }
    if (response.status !== 422 && response.status !== 400) return { kind: 'away' }
    const said = (await response.json().catch(() => ({}))) as { issues?: readonly Issue[] }
    return { kind: 'refused', issues: said.issues ?? [] }
  } catch {
    return { kind: 'away' }
  }
}

/** The log after an answer. What the server now has counts as received even when its answer held only later ones. */
function absorb(stored: readonly Stored[], sent: readonly Stored[], told: readonly Stored[]): Stored[] {
  const now = new Map(stored.map((each) => [each.record.id, each]))
  const receivedAt = new Date().toISOString()
  for (const { record } of sent) now.set(record.id, { record, receivedAt })
  for (const { record, receivedAt } of told) now.set(record.id, { record, receivedAt })
  return [...now.values()]
}

/**
 * The log of one job on this device. A record is kept here first and sent after, in order; while the server is away it
 * waits and is counted.
 * What others have added comes with each answer.
 */
export function createFieldLog(jobId: string): { readonly log: FieldLogStore; readonly stop: () => void } {
  let after = 0
  let busy = false
  let again = false
  let timer: ReturnType<typeof setTimeout> | undefined
  let stopped = false
  /** Writes to the device's own store. A browser that refuses is said, once and for as long as the page lives. */
  const keep = (write: () => PromiseLike<unknown>): void => {
    void (async () => {
      try {
        await write()
      } catch {
        log.setState({ keeps: false })
      }
    })()
  }
  const log = createStore<FieldLog>((set, get) => ({
    jobId,
    ...derived([]),
    link: 'starting',
    lastTouch: null,
    refused: [],
    keeps: true,
    device: 'device',
    who: '',
    add: (body, at) => {
      const record: FieldRecord = {
        id: id(),
        at: at ?? new Date().toISOString(),
        device: get().device,
        who: get().who,
        body,
      }
      set(derived([...get().stored, { record, receivedAt: null }]))
      keep(() => store().records.put(keptOf(jobId, { record, receivedAt: null })))
      void get().sync()
      return record
    },
    undo: (record) => {
      get().add({ kind: 'void', record })
    },
    setWho: (who) => {
      set({ who })
      keep(() => store().meta.put({ key: 'who', value: who }))
    },
    sync: async () => {
      if (busy) {
        again = true
        return
      }
      busy = true
      clearTimeout(timer)
      const waiting = get()
        .stored.filter((stored) => stored.receivedAt === null)
        .slice(0, MOST_SENT)
      const answer = await exchange(jobId, waiting, after)
      switch (answer.kind) {
        case 'away':
          set({ link: 'away' })
          break
        case 'refused':
          set({ link: 'online', refused: answer.issues })
          break
        case 'taken': {
          after = answer.last
          const changed = answer.records.length > 0 || waiting.length > 0
          const now = absorb(get().stored, waiting, answer.records)
          const touched = { link: 'online' as const, lastTouch: new Date().toISOString(), refused: [] }
          set({ ...(changed ? derived(now) : {}), ...touched })
          if (changed) keep(() => store().records.bulkPut(now.map((stored) => keptOf(jobId, stored))))
        }
      }
      busy = false
      if (stopped) return
      // More waits than was sent at once: on with it. What was refused or could not be sent waits for its turn.
      if (again || (answer.kind === 'taken' && get().waiting > 0)) {
        again = false
        void get().sync()
      } else timer = setTimeout(() => void get().sync(), RETRY_MS)
    },
  }))
  void (async () => {
    try {
      const [kept, device, who] = await Promise.all([
        store().records.where('jobId').equals(jobId).toArray(),
        store().meta.get('device'),
        store().meta.get('who'),
      ])
      const name = typeof device?.value === 'string' ? device.value : `d-${id().slice(0, 8)}`
      if (!device) await store().meta.put({ key: 'device', value: name })
      const here = new Map(log.getState().stored.map((stored) => [stored.record.id, stored]))
      for (const k of kept)
        if (!here.has(k.record.id)) here.set(k.record.id, { record: k.record, receivedAt: k.receivedAt })
      log.setState({
        ...derived([...here.values()]),
        device: name,
        who: typeof who?.value === 'string' ? who.value : '',
      })
    } catch {
      // No store in this browser: the log lives as long as the page, and the page says so.
      log.setState({ keeps: false })
    }
    if (!stopped) await log.getState().sync()
  })()
  const online = () => void log.getState().sync()
  window.addEventListener('online', online)
  return {
    log,
    stop: () => {
      stopped = true
      clearTimeout(timer)
      window.removeEventListener('online', online)
    },
  }
}

/** The job as this device last saw it, for days without a signal. */
export async function keepJob(jobId: string, doc: unknown): Promise<void> {
  await store()
    .meta.put({ key: `job:${jobId}`, value: doc })
    .catch(() => undefined)
}

export async function keptJob(jobId: string): Promise<unknown> {
  try {
    return (await store().meta.get(`job:${jobId}`))?.value ?? null
  } catch {
    return null
  }
}

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

/** A record that the server did not take; `id` is empty where it took none of those sent. */
interface RefusedRecord {
  readonly id: string
  readonly issues: readonly Issue[]
}

export interface FieldLog {
  readonly jobId: string
  readonly stored: readonly Stored[]
  readonly state: FieldState
  readonly levels: Levels
  /** Records that wait on this device. */
  readonly waiting: number
  readonly link: 'online' | 'away' | 'starting'
  readonly lastTouch: string | null
  /** Records that the server did not take, with its reasons; they stay on this device. */
  readonly refused: readonly RefusedRecord[]
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
  | ({ readonly kind: 'taken' } & Taken)

/** What the server says to what was sent: what others have added, and which records it did not take. */
interface Taken {
  readonly records: readonly (Stored & { readonly seq: number })[]
  readonly last: number
  readonly refused: readonly RefusedRecord[]
}

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
      const { records, last, refused = [] } = (await response.json()) as Omit<Taken, 'refused'> & Partial<Taken>
      return { kind: 'taken', records, last, refused }
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

/** What this browser has kept of a job, its own name, and who works with it. */
async function recall(jobId: string): Promise<{ kept: readonly Stored[]; device: string; who: string }> {
  const [kept, device, who] = await Promise.all([
    store().records.where('jobId').equals(jobId).toArray(),
    store().meta.get('device'),
    store().meta.get('who'),
  ])
  const name = typeof device?.value === 'string' ? device.value : `d-${id().slice(0, 8)}`
  if (!device) await store().meta.put({ key: 'device', value: name })
  return { kept, device: name, who: typeof who?.value === 'string' ? who.value : '' }
}

/** Records of this page, with those that the browser had kept before. */
function withKept(here: readonly Stored[], kept: readonly Stored[]): Stored[] {
  const all = new Map(here.map((stored) => [stored.record.id, stored]))
  for (const { record, receivedAt } of kept) if (!all.has(record.id)) all.set(record.id, { record, receivedAt })
  return [...all.values()]
}

/** What is still to be sent: what waits, but for what the server has turned away. */
function waitingOf({ stored, refused }: Pick<FieldLog, 'stored' | 'refused'>): readonly Stored[] {
  const turned = new Set(refused.map(({ id }) => id))
  return stored.filter(({ record, receivedAt }) => receivedAt === null && !turned.has(record.id))
}

type Keep = (write: () => PromiseLike<unknown>) => void

/** Sends and asks, one exchange at a time, again while more waits and every few seconds after. */
function syncing(log: FieldLogStore, keep: Keep) {
  const { jobId } = log.getState()
  let after = 0
  let busy = false
  let again = false
  let stopped = false
  let timer: ReturnType<typeof setTimeout> | undefined
  const take = (answer: Answer, sent: readonly Stored[]): void => {
    switch (answer.kind) {
      case 'away':
        return log.setState({ link: 'away' })
      case 'refused':
        return log.setState({ link: 'online', refused: [{ id: '', issues: answer.issues }] })
      case 'taken': {
        after = answer.last
        const changed = answer.records.length > 0 || sent.length > 0
        const before = log.getState()
        const turned = new Set(answer.refused.map(({ id }) => id))
        const stored = sent.filter(({ record }) => !turned.has(record.id))
        const now = absorb(before.stored, stored, answer.records)
        const refused = [...before.refused.filter(({ id }) => id !== '' && !turned.has(id)), ...answer.refused]
        const touched = { link: 'online' as const, lastTouch: new Date().toISOString(), refused }
        log.setState({ ...(changed ? derived(now) : {}), ...touched })
        if (changed) keep(() => store().records.bulkPut(now.map((stored) => keptOf(jobId, stored))))
      }
    }
  }
  const sync = async (): Promise<void> => {
    if (busy) {
      again = true
      return
    }
    busy = true
    clearTimeout(timer)
    const sent = waitingOf(log.getState()).slice(0, MOST_SENT)
    const answer = await exchange(jobId, sent, after)
    take(answer, sent)
    busy = false
    if (stopped) return
    // More waits than was sent at once: on with it. What was refused or could not be sent waits for its turn.
    if (again || (answer.kind === 'taken' && waitingOf(log.getState()).length > 0)) {
      again = false
      void sync()
    } else timer = setTimeout(() => void sync(), RETRY_MS)
  }
  const stop = () => {
    stopped = true
    clearTimeout(timer)
  }
  return { sync, stop, stopped: () => stopped }
}

/**
 * The log of one job on this device. A record is kept here first and sent after, in order; while the server is away it
 * waits and is counted.
 * What others have added comes with each answer.
 */
export function createFieldLog(jobId: string): { readonly log: FieldLogStore; readonly stop: () => void } {
  /** Writes to the device's own store. A browser that refuses is said, once and for as long as the page lives. */
  const keep: Keep = (write) => {
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
      const { device, who, stored } = get()
      const record: FieldRecord = { id: id(), at: at ?? new Date().toISOString(), device, who, body }
      set(derived([...stored, { record, receivedAt: null }]))
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
    sync: () => sender.sync(),
  }))
  const sender = syncing(log, keep)
  void (async () => {
    try {
      const { kept, device, who } = await recall(jobId)
      log.setState({ ...derived(withKept(log.getState().stored, kept)), device, who })
    } catch {
      // No store in this browser: the log lives as long as the page, and the page says so.
      log.setState({ keeps: false })
    }
    if (!sender.stopped()) await sender.sync()
  })()
  const online = () => void sender.sync()
  window.addEventListener('online', online)
  return {
    log,
    stop: () => {
      sender.stop()
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

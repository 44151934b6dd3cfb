import { createStore, type StoreApi } from 'zustand'
import {
  byClock,
  type FieldRecord,
  type FieldState,
  foldRecords,
  type Levels,
  nextClock,
  type RecordBody,
  type RefusedRecord,
  type Stored,
  tieLevels,
} from '@/core/field'
import { absorb, type Answer, batchOf, exchange, type NotTaken, RETRY_MS } from './exchange'
import { newId } from '@/formats/ids'
import { keepRecords, keepWho, recall } from './kept'
import { listen } from './live'

export { keepJob, keptJob } from './kept'

export interface FieldLog {
  readonly jobId: string
  readonly stored: readonly Stored[]
  readonly state: FieldState
  readonly levels: Levels
  /** Records that wait on this device. */
  readonly waiting: number
  readonly link: 'online' | 'starting' | NotTaken
  readonly lastTouch: string | null
  /** Records that the server did not take, with its reasons; they stay on this device. */
  readonly refused: readonly RefusedRecord[]
  /** Whether this browser keeps records over a reload; false once it has refused to. */
  readonly keeps: boolean
  readonly device: string
  readonly who: string
  /** The plan's revision that this page shows; null where that is not known. */
  readonly shows: number | null
  /** The plan's newest revision that the server has spoken of. */
  readonly newest: number | null
  readonly add: (body: RecordBody, at?: string) => FieldRecord
  readonly undo: (id: string) => void
  readonly setWho: (who: string) => void
  readonly setShows: (revision: number | null) => void
  readonly sync: () => Promise<void>
}

export type FieldLogStore = StoreApi<FieldLog>

/** How often is asked though news comes by itself, ms: a stream can die without a word. */
const LIVE_RETRY_MS = 30_000
const derived = (stored: readonly Stored[]) => {
  const state = foldRecords(stored)
  return {
    stored,
    state,
    levels: tieLevels(state),
    waiting: stored.filter((stored) => stored.receivedAt === null).length,
  }
}

/** Records of this page, with those that the browser had kept before. */
function withKept(here: readonly Stored[], kept: readonly Stored[]): Stored[] {
  const all = new Map(here.map((stored) => [stored.record.id, stored]))
  for (const { record, receivedAt } of kept) if (!all.has(record.id)) all.set(record.id, { record, receivedAt })
  return [...all.values()]
}

/** What is still to be sent, in the order it was made: what waits, but for what the server has turned away. */
function waitingOf({ stored, refused }: Pick<FieldLog, 'stored' | 'refused'>): readonly Stored[] {
  const turned = new Set(refused.map(({ id }) => id))
  return stored
    .filter(({ record, receivedAt }) => receivedAt === null && !turned.has(record.id))
    .sort((one, other) => byClock(one.record, other.record))
}

/** The envelope of what is made now: after everything that this device has seen. */
function envelopeNow({ stored, device }: Pick<FieldLog, 'stored' | 'device'>) {
  const last = stored.reduce<string | null>(
    (latest, { record }) => (latest === null || record.clock > latest ? record.clock : latest),
    null,
  )
  const own = stored.map(({ record }) => (record.device === device ? (record.deviceSeq ?? 0) : 0))
  return { clock: nextClock(last, Date.now()), deviceSeq: 1 + own.reduce((most, count) => Math.max(most, count), 0) }
}

type Keep = (write: () => PromiseLike<unknown>) => void

/** Sends and asks, one exchange at a time, again while more waits, at news and every few seconds after. */
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
      case 'busy':
      case 'full':
      case 'signed-out':
        return log.setState({ link: answer.kind })
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
        log.setState({ ...(changed ? derived(now) : {}), ...touched, newest: answer.revision ?? before.newest })
        if (changed) keep(() => keepRecords(jobId, now))
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
    const sent = batchOf(waitingOf(log.getState()))
    const answer = await exchange(jobId, sent, after)
    take(answer, sent)
    busy = false
    if (stopped) return
    // More waits than was sent at once, or has come than was told: on with it. What was refused waits for its turn.
    if (again || (answer.kind === 'taken' && (answer.more || waitingOf(log.getState()).length > 0))) {
      again = false
      void sync()
    } else timer = setTimeout(() => void sync(), restMs(answer))
  }
  const restMs = (answer: Answer): number => {
    if ('againInMs' in answer) return answer.againInMs
    return live.on() ? LIVE_RETRY_MS : RETRY_MS
  }
  /** News that follow on what is here are taken as they are; all else is asked by the cursor. */
  const live = listen(jobId, (news) => {
    if (news?.records && news.after === after && !busy)
      take({ kind: 'taken', ...news, records: news.records, more: false, refused: [] }, [])
    else if (!news || news.last !== after || news.revision !== log.getState().newest) void sync()
  })
  const stop = () => {
    stopped = true
    live.stop()
    clearTimeout(timer)
  }
  return { sync, stop, stopped: () => stopped }
}

/** The same job in other windows of this browser: each hears at once what another made, with or without a server. */
function sharing(log: FieldLogStore) {
  const { jobId } = log.getState()
  const windows = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('burdock-field')
  windows?.addEventListener('message', ({ data }: MessageEvent<{ jobId: string; record: FieldRecord }>) => {
    const { stored } = log.getState()
    if (data.jobId === jobId && !stored.some(({ record }) => record.id === data.record.id))
      log.setState(derived([...stored, { record: data.record, receivedAt: null }]))
  })
  return {
    tell: (record: FieldRecord) => windows?.postMessage({ jobId, record }),
    stop: () => windows?.close(),
  }
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
    shows: null,
    newest: null,
    add: (body, at) => {
      const { device, who, stored, shows } = get()
      const made = { id: newId(), at: at ?? new Date().toISOString(), device, who, planRevision: shows, body }
      const record: FieldRecord = { ...made, ...envelopeNow(get()) }
      set(derived([...stored, { record, receivedAt: null }]))
      keep(() => keepRecords(jobId, [{ record, receivedAt: null }]))
      windows.tell(record)
      void get().sync()
      return record
    },
    undo: (record) => {
      get().add({ kind: 'void', record })
    },
    setWho: (who) => {
      set({ who })
      keep(() => keepWho(who))
    },
    setShows: (shows) => set({ shows }),
    sync: () => sender.sync(),
  }))
  const sender = syncing(log, keep)
  const windows = sharing(log)
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
      windows.stop()
      window.removeEventListener('online', online)
    },
  }
}

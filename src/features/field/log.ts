import { createStore } from 'zustand'
import { type FieldRecord, nextClock, type Stored } from '@/core/field'
import { newId } from '@/formats/ids'
import { canKeep, dropRecord, keepRecords, keepSetup, keepWho, ownAtFirst, recall } from './kept'
import { derivedOf, derivedWith, type FieldLog, type FieldLogStore, NO_NAME } from './logState'
import { type Keep, syncing } from './sending'

/** Records of this page, with those that the browser had kept before. */
function withKept(here: readonly Stored[], kept: readonly Stored[]): Stored[] {
  const all = new Map(here.map((stored) => [stored.record.id, stored]))
  for (const stored of kept) if (!all.has(stored.record.id)) all.set(stored.record.id, stored)
  return [...all.values()]
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

/** The same job in other windows of this browser: each hears at once what another made, with or without a server. */
function sharing(log: FieldLogStore) {
  const { jobId } = log.getState()
  // None after its end: an entry may still be on its way into the store then.
  let windows = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('burdock-field')
  windows?.addEventListener('message', ({ data }: MessageEvent<{ jobId: string; record: FieldRecord }>) => {
    const now = log.getState()
    if (data.jobId === jobId && !now.stored.some(({ record }) => record.id === data.record.id))
      log.setState(derivedWith(now, data.record))
  })
  return {
    tell: (record: FieldRecord) => windows?.postMessage({ jobId, record }),
    stop: () => {
      windows?.close()
      windows = null
    },
  }
}

/** A log that sends and hears. */
interface Running {
  /** Comes about when the log knows what this device has kept, and by which name the device goes. */
  readonly ready: Promise<void>
  readonly stop: () => void
}

export interface OpenLog {
  readonly log: FieldLogStore
  /** Whether it may be shown before it is ready: nothing was ever kept here, and the device has its name. */
  readonly isFirst: boolean
  readonly start: () => Running
}

/**
 * The log of one job on this device. A record is shown at once, kept here, and only then sent, in order; while the server
 * is away it waits and is counted. One that cannot be kept is not taken. What others have added comes with each answer.
 */
export function createFieldLog(jobId: string, isPhone = false): OpenLog {
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
  /** Keeps what was just made, and sends it; what cannot be kept is taken off the page again. */
  const keepNew = async (record: FieldRecord): Promise<void> => {
    try {
      await keepRecords(jobId, [{ record, receivedAt: null }])
    } catch {
      // A desk stands beside its server: what it cannot keep it sends at once.
      if (!isPhone) {
        log.setState({ keeps: false })
        return log.getState().sync()
      }
      const { stored, refused, lost } = log.getState()
      const others = stored.filter((each) => each.record.id !== record.id)
      log.setState({ ...derivedOf(others, refused), keeps: false, lost: lost + 1 })
      return
    }
    windows?.tell(record)
    await log.getState().sync()
  }
  const first = isPhone ? ownAtFirst() : null
  let sender: ReturnType<typeof syncing> | null = null
  let windows: ReturnType<typeof sharing> | null = null
  const log = createStore<FieldLog>((set, get) => ({
    jobId,
    ...derivedOf([], []),
    link: 'starting',
    lastTouch: null,
    keeps: true,
    lost: 0,
    aheadMs: null,
    isPhone,
    ...(first ?? { device: NO_NAME, who: '', setup: null }),
    shows: null,
    newest: null,
    add: (body, at) => {
      const { device, who, shows, keeps, lost } = get()
      const made = { id: newId(), at: at ?? new Date().toISOString(), device, who, planRevision: shows, body }
      const record: FieldRecord = { ...made, ...envelopeNow(get()) }
      if (isPhone && !keeps) {
        set({ lost: lost + 1 })
        return record
      }
      set(derivedWith(get(), record))
      void keepNew(record)
      return record
    },
    undo: (record) => {
      get().add({ kind: 'void', record })
    },
    leave: async () => (await sender?.leave()) ?? false,
    drop: (id) => {
      const { stored, refused } = get()
      set(
        derivedOf(
          stored.filter(({ record }) => record.id !== id),
          refused.filter((each) => each.id !== id),
        ),
      )
      keep(() => dropRecord(jobId, id))
    },
    setWho: (who) => {
      set({ who })
      keep(() => keepWho(who))
    },
    setSetup: (setup) => {
      set({ setup })
      keep(() => keepSetup(jobId, setup))
    },
    setShows: (shows) => {
      if (shows === get().shows) return
      set({ shows })
      // The office is told at once which plan this phone goes by.
      if (isPhone && shows !== null) void get().sync()
    },
    sync: async () => sender?.sync(),
  }))
  const recalled = async (): Promise<void> => {
    try {
      const { kept, aside, device, who, setup } = await recall(jobId, first?.device)
      const now = log.getState()
      // What was said here meanwhile stands.
      log.setState({ device, who: now.who || who, setup: now.setup ?? setup })
      if (kept.length > 0) log.setState(derivedOf(withKept(now.stored, kept), aside))
      void canKeep().then((keeps) => {
        if (!keeps) log.setState({ keeps })
      })
    } catch {
      // No store in this browser: nothing that is typed would be kept, and the page says so before it is.
      log.setState({ keeps: false })
    }
  }
  const start = (): Running => {
    const own = { sender: syncing(log, keep), windows: sharing(log) }
    ;({ sender, windows } = own)
    const online = () => void own.sender.sync()
    window.addEventListener('online', online)
    return {
      ready: recalled().then(online),
      stop: () => {
        own.sender.stop()
        own.windows.stop()
        window.removeEventListener('online', online)
      },
    }
  }
  return { log, isFirst: first !== null, start }
}

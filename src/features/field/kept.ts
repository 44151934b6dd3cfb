import type { DBSchema, IDBPDatabase } from 'idb'
import { type FieldPlan, isFieldPlan } from '@/core/derive'
import { type FieldRecord, type Moved, type Stored, upToDate } from '@/core/field'
import type { Issue } from '@/core/result'
import { afterFrame } from '@/devices/frame'
import { storeOf, write } from '@/devices/store'
import type { Sheet } from '@/formats/crewbook'
import { newId } from '@/formats/ids'
import type { Asking } from '../people'
import { isFirstEver, noteKept, notePlan } from './firstPlan'

/** A record on this device: waiting for the server, known to it, or set aside because the server did not take it. */
interface Kept {
  readonly key: string
  readonly jobId: string
  readonly record: FieldRecord
  readonly receivedAt: string | null
  readonly moved?: Moved | undefined
  readonly made: number
  readonly refused?: readonly Issue[]
}

interface Meta {
  readonly key: string
  readonly value: unknown
}
interface Store extends DBSchema {
  records: { key: string; value: Kept; indexes: { jobId: string } }
  meta: { key: string; value: Meta }
}

function makeParts(db: IDBPDatabase<Store>): void {
  db.createObjectStore('records', { keyPath: 'key' }).createIndex('jobId', 'jobId')
  db.createObjectStore('meta', { keyPath: 'key' })
}
/** As browsers count it. */
const STORE_VERSION = 10
const store = storeOf<Store>('burdock-field', STORE_VERSION, makeParts)

/** Has the stores opened, and made where there are none, before they are asked for. */
export const openStores = (): void => void store().catch(() => undefined)

const keyOf = (jobId: string, id: string): string => `${jobId}:${id}`
const keptOf = (jobId: string, { record, receivedAt, moved }: Stored): Kept => ({
  key: keyOf(jobId, record.id),
  jobId,
  record,
  receivedAt,
  moved,
  made: Date.parse(record.at),
})

/** Keeps records of a job in this browser: all of them or none. */
export const keepRecords = (jobId: string, stored: readonly Stored[]): Promise<void> =>
  write(store, 'records', (records) => stored.map((each) => records.put(keptOf(jobId, each))))

/** A record that the server did not take, and why. */
export interface SetAside {
  readonly id: string
  readonly issues: readonly Issue[]
}

/** Sets records aside, so that they are not sent again and not forgotten either. */
export const keepAside = (jobId: string, aside: readonly SetAside[]): Promise<void> =>
  write(store, 'records', async (records) => {
    const kept = await Promise.all(aside.map(({ id }) => records.get(keyOf(jobId, id))))
    return kept.flatMap((each, i) => (each ? [records.put({ ...each, refused: aside[i].issues })] : []))
  })

/** Drops a record from this device. */
export const dropRecord = (jobId: string, id: string): Promise<void> =>
  write(store, 'records', (records) => [records.delete(keyOf(jobId, id))])

const keepMeta = (key: string, value: unknown): Promise<void> =>
  write(store, 'meta', (meta) => [meta.put({ key, value })])
const metaOf = async (key: string): Promise<unknown> => (await (await store()).get('meta', key))?.value

/** Keeps who works with this device. */
export const keepWho = (who: string): Promise<void> => keepMeta('who', who)
/** Keeps which set-up this device reads from. */
export const keepSetup = (jobId: string, setup: string): Promise<void> => keepMeta(`setup:${jobId}`, setup)

const textOr = <T>(value: unknown, other: T): string | T => (typeof value === 'string' ? value : other)

/** What a device knows of itself: its own name, who works with it and the set-up that it reads from. */
interface Own {
  readonly device: string
  readonly who: string
  readonly setup: string | null
}

/** What a device that has kept nothing knows of itself; null where something may be kept. */
export const ownAtFirst = (): Own | null => (isFirstEver() ? { device: newDevice(), who: '', setup: null } : null)
const newDevice = (): string => `d-${newId(8)}`

/** What this browser has kept of a job, and what it knows of itself; `first` is its name where it has none yet. */
export async function recall(jobId: string, first = newDevice()) {
  // One transaction for all of it: each costs a slow phone ten milliseconds.
  const reading = (await store()).transaction(['records', 'meta'])
  const meta = reading.objectStore('meta')
  const [kept, device, who, setup] = await Promise.all([
    reading.objectStore('records').index('jobId').getAll(jobId),
    ...['device', 'who', `setup:${jobId}`].map(async (key) => (await meta.get(key))?.value),
  ])
  const name = textOr(device, first)
  // Not waited for: what is written after it is kept after it.
  if (device !== name) void keepMeta('device', name).catch(() => undefined)
  noteKept()
  return {
    kept: kept.map(({ record, receivedAt, moved }): Stored => ({ record: upToDate(record), receivedAt, moved })),
    aside: kept.flatMap(({ record, refused }): SetAside[] => (refused ? [{ id: record.id, issues: refused }] : [])),
    device: name,
    who: textOr(who, ''),
    setup: textOr(setup, null),
  }
}

/** A job's plan as this device last saw it. */
export interface KeptPlan {
  readonly plan: FieldPlan
  readonly revision: number
  /** When the office last said that it is the newest. */
  readonly asOf: string
}

const PLAN = 'field:'
const SEEN = 'seen-field:'
/** A plan as it was kept; null where another build kept it in its own form. */
const readable = (value: unknown): KeptPlan | null =>
  isFieldPlan((value as KeptPlan | undefined)?.plan) ? (value as KeptPlan) : null

/** What is being written of plans: it is waited for before one is read. */
let writingPlan: Promise<void> = Promise.resolve()

async function writePlan(jobId: string, plan: KeptPlan): Promise<void> {
  let newest = plan.revision
  await write(store, 'meta', async (meta) => {
    const had = readable((await meta.get(PLAN + jobId))?.value)
    newest = Math.max(had?.revision ?? 0, plan.revision)
    return newest === plan.revision ? [meta.put({ key: PLAN + jobId, value: plan })] : []
  })
  notePlan(jobId, newest)
}

/**
 * Keeps the plan of a job, for days without a signal. An older one never takes the place of a newer one; the same again
 * only says that it still holds.
 */
export function keepPlan(jobId: string, plan: KeptPlan): Promise<void> {
  const before = writingPlan.catch(() => undefined)
  // Writing one takes a slow phone a while.
  writingPlan = before.then(afterFrame).then(() => writePlan(jobId, plan))
  return writingPlan
}

/** The plan that was kept; null where none was that this build reads. */
export async function keptPlan(jobId: string): Promise<KeptPlan | null> {
  await writingPlan.catch(() => undefined)
  return readable(await metaOf(PLAN + jobId))
}

/** The plan that this device's people last said they have seen: what has changed since is told against it. */
export const keepSeen = (jobId: string, plan: KeptPlan | null): Promise<void> => keepMeta(SEEN + jobId, plan)
export const keptSeen = async (jobId: string): Promise<KeptPlan | null> => readable(await metaOf(SEEN + jobId))

/** The sheets of a job as the office drew them from one revision of its plan. */
export interface KeptSheets {
  readonly revision: number
  readonly sheets: readonly Sheet[]
}

const SHEETS = 'sheets:'
const sheetsKey = (jobId: string, revision: number | ''): string => `${SHEETS}${jobId}:${revision}`

/** Keeps the sheets of a job in the place of those of earlier plans. */
export const keepSheets = (jobId: string, sheets: KeptSheets): Promise<void> =>
  write(store, 'meta', (meta) => [
    meta.delete(ofSheets(jobId)),
    meta.put({ key: sheetsKey(jobId, sheets.revision), value: sheets }),
  ])
/** All that is kept of the sheets of a job. */
const ofSheets = (jobId: string): IDBKeyRange => {
  const from = sheetsKey(jobId, '')
  return IDBKeyRange.bound(from, `${from}\uffff`)
}

/** The sheets that were kept, of whatever revision; null where none were. */
export async function keptSheets(jobId: string): Promise<KeptSheets | null> {
  const [kept] = await (await store()).getAll('meta', ofSheets(jobId))
  return (kept?.value as KeptSheets | undefined) ?? null
}

/** Whether the sheets of this revision are kept; quicker than reading them. */
export const hasSheets = async (jobId: string, revision: number): Promise<boolean> =>
  (await (await store()).getKey('meta', sheetsKey(jobId, revision))) !== undefined

/** A job that is kept here, by its name. */
export interface KeptJob {
  readonly id: string
  readonly name: string
}

/** The jobs whose plans are kept here. */
export async function keptJobs(): Promise<readonly KeptJob[]> {
  const all = await (await store()).getAll('meta', IDBKeyRange.bound(PLAN, `${PLAN}\uffff`))
  return all.flatMap(({ key, value }): readonly KeptJob[] => {
    const kept = readable(value)
    return kept ? [{ id: key.slice(PLAN.length), name: kept.plan.job.name }] : []
  })
}

/** Room that must be left for a day's entries, bytes. */
const LEAST_ROOM = 5_000_000
/** What is written to find out whether it can be. */
const PROBE = 'x'.repeat(20_000)

/** Whether this browser can keep entries now: it is tried, since a private window or a full disk says nothing by itself. */
export async function canKeep(): Promise<boolean> {
  try {
    // Under a name of its own: two pages may look at once.
    const probe = `probe:${newId(8)}`
    await keepMeta(probe, PROBE)
    if ((await metaOf(probe)) !== PROBE) return false
    await write(store, 'meta', (meta) => [meta.delete(probe)])
    const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {}
    return quota === undefined || quota - (usage ?? 0) > LEAST_ROOM
  } catch {
    return false
  }
}

/** Who was signed in here when the office was last asked. */
export const keepMe = (me: Asking): Promise<void> => keepMeta('me', me)
export const keptMe = async (): Promise<Asking | null> => ((await metaOf('me')) as Asking | null | undefined) ?? null

import Dexie, { type EntityTable } from 'dexie'
import { type FieldRecord, type Stored, upToDate } from '@/core/field'
import type { Issue } from '@/core/result'
import { newId } from '@/formats/ids'
import type { Asking } from '../people'

/** A record on this device: waiting for the server, known to it, or set aside because the server did not take it. */
interface Kept {
  readonly key: string
  readonly jobId: string
  readonly record: FieldRecord
  readonly receivedAt: string | null
  readonly made: number
  readonly refused?: readonly Issue[]
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

const keyOf = (jobId: string, id: string): string => `${jobId}:${id}`
const keptOf = (jobId: string, { record, receivedAt }: Stored): Kept => ({
  key: keyOf(jobId, record.id),
  jobId,
  record,
  receivedAt,
  made: Date.parse(record.at),
})

/** Keeps records of a job in this browser. */
export const keepRecords = (jobId: string, stored: readonly Stored[]): Promise<unknown> =>
  store().records.bulkPut(stored.map((each) => keptOf(jobId, each)))

/** A record that the server did not take, and why. */
export interface SetAside {
  readonly id: string
  readonly issues: readonly Issue[]
}

/** Sets records aside, so that they are not sent again and not forgotten either. */
export const keepAside = (jobId: string, aside: readonly SetAside[]): Promise<unknown> =>
  store().transaction('rw', store().records, () =>
    Promise.all(aside.map(({ id, issues }) => store().records.update(keyOf(jobId, id), { refused: issues }))),
  )

/** Drops a record from this device. */
export const dropRecord = (jobId: string, id: string): Promise<unknown> => store().records.delete(keyOf(jobId, id))

const keepMeta = (key: string, value: unknown): Promise<unknown> => store().meta.put({ key, value })
const metaOf = async (key: string): Promise<unknown> => (await store().meta.get(key))?.value

/** Keeps who works with this device. */
export const keepWho = (who: string): Promise<unknown> => keepMeta('who', who)
/** Keeps which set-up this device reads from. */
export const keepSetup = (jobId: string, setup: string): Promise<unknown> => keepMeta(`setup:${jobId}`, setup)

const textOr = <T>(value: unknown, other: T): string | T => (typeof value === 'string' ? value : other)

/** What this browser has kept of a job, its own name, who works with it and the set-up that it reads from. */
export async function recall(jobId: string) {
  const [kept, device, who, setup] = await Promise.all([
    store().records.where('jobId').equals(jobId).toArray(),
    metaOf('device'),
    metaOf('who'),
    metaOf(`setup:${jobId}`),
  ])
  const name = textOr(device, `d-${newId(8)}`)
  if (device !== name) await keepMeta('device', name)
  return {
    kept: kept.map(({ record, receivedAt }): Stored => ({ record: upToDate(record), receivedAt })),
    aside: kept.flatMap(({ record, refused }): SetAside[] => (refused ? [{ id: record.id, issues: refused }] : [])),
    device: name,
    who: textOr(who, ''),
    setup: textOr(setup, null),
  }
}

/** A job's plan as this device last saw it. */
export interface KeptPlan {
  readonly doc: unknown
  /** Null where an older page kept it. */
  readonly revision: number | null
  /** When the office last said that it is the newest; null where that is not known. */
  readonly asOf: string | null
}

/**
 * Keeps the plan of a job, for days without a signal. An older one never takes the place of a newer one; the same again
 * only says that it still holds.
 */
export async function keepPlan(jobId: string, plan: KeptPlan): Promise<void> {
  await store().transaction('rw', store().meta, async () => {
    const had = await keptPlan(jobId)
    if (had !== null && (had.revision ?? 0) > (plan.revision ?? 0)) return
    await keepMeta(`plan:${jobId}`, plan)
  })
}

/** The plan that was kept; null where none was. */
export async function keptPlan(jobId: string): Promise<KeptPlan | null> {
  const plan = await metaOf(`plan:${jobId}`)
  if (plan) return plan as KeptPlan
  const [doc, revision] = await Promise.all([metaOf(`job:${jobId}`), metaOf(`revision:${jobId}`)])
  return doc ? { doc, revision: typeof revision === 'number' ? revision : null, asOf: null } : null
}

/** The plan that this device's people last said they have seen: what has changed since is told against it. */
export const keepSeen = (jobId: string, plan: KeptPlan | null): Promise<unknown> => keepMeta(`seen:${jobId}`, plan)
export const keptSeen = async (jobId: string): Promise<KeptPlan | null> =>
  ((await metaOf(`seen:${jobId}`)) as KeptPlan | null | undefined) ?? null

/** A job that is kept here, by its name. */
export interface KeptJob {
  readonly id: string
  readonly name: string
}
const PLAN = /^(?:plan|job):(.+)$/

/** The jobs whose plans are kept here. */
export async function keptJobs(): Promise<readonly KeptJob[]> {
  const found = new Map<string, string>()
  await store().meta.each(({ key, value }) => {
    const id = PLAN.exec(key)?.[1]
    if (id === undefined || typeof value !== 'object' || value === null) return
    const doc = (key.startsWith('plan:') ? (value as KeptPlan).doc : value) as { readonly name?: unknown } | null
    found.set(id, textOr(doc?.name, id))
  })
  return [...found].map(([id, name]) => ({ id, name }))
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
    await store().meta.delete(probe)
    const { quota, usage } = (await navigator.storage?.estimate?.()) ?? {}
    return quota === undefined || quota - (usage ?? 0) > LEAST_ROOM
  } catch {
    return false
  }
}

/** Who was signed in here when the office was last asked. */
export const keepMe = (me: Asking): Promise<unknown> => keepMeta('me', me)
export const keptMe = async (): Promise<Asking | null> => ((await metaOf('me')) as Asking | null | undefined) ?? null

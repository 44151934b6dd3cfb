import Dexie, { type EntityTable } from 'dexie'
import { type FieldRecord, type Stored, upToDate } from '@/core/field'
import { newId } from '@/formats/ids'

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

const keptOf = (jobId: string, { record, receivedAt }: Stored): Kept => ({
  key: `${jobId}:${record.id}`,
  jobId,
  record,
  receivedAt,
  made: Date.parse(record.at),
})

/** Keeps records of a job in this browser. */
export const keepRecords = (jobId: string, stored: readonly Stored[]): Promise<unknown> =>
  store().records.bulkPut(stored.map((each) => keptOf(jobId, each)))

/** Keeps who works with this device. */
export const keepWho = (who: string): Promise<unknown> => store().meta.put({ key: 'who', value: who })

/** What this browser has kept of a job, its own name, and who works with it. */
export async function recall(jobId: string): Promise<{ kept: readonly Stored[]; device: string; who: string }> {
  const [kept, device, who] = await Promise.all([
    store().records.where('jobId').equals(jobId).toArray(),
    store().meta.get('device'),
    store().meta.get('who'),
  ])
  const name = typeof device?.value === 'string' ? device.value : `d-${newId(8)}`
  if (!device) await store().meta.put({ key: 'device', value: name })
  return {
    kept: kept.map(({ record, receivedAt }) => ({ record: upToDate(record), receivedAt })),
    device: name,
    who: typeof who?.value === 'string' ? who.value : '',
  }
}

/** A job's plan as this device last saw it; the revision is null where an older page kept it. */
export interface KeptPlan {
  readonly doc: unknown
  readonly revision: number | null
}

/** The job as this device last saw it, for days without a signal. */
export async function keepJob(jobId: string, { doc, revision }: KeptPlan): Promise<void> {
  await store()
    .meta.bulkPut([
      { key: `job:${jobId}`, value: doc },
      { key: `revision:${jobId}`, value: revision },
    ])
    .catch(() => undefined)
}

/** The plan that was kept; null where none was. */
export async function keptJob(jobId: string): Promise<KeptPlan | null> {
  try {
    const [doc, revision] = await store().meta.bulkGet([`job:${jobId}`, `revision:${jobId}`])
    if (!doc?.value) return null
    return { doc: doc.value, revision: typeof revision?.value === 'number' ? revision.value : null }
  } catch {
    return null
  }
}

import 'server-only'
import { db } from '../db/client'
import { tooBusy } from '../http/answer'
import { type Arrived, listRecords, standOf } from '../repositories/records'

/** What a listener is told: where the job is now, and the records since the last news where they are few. */
interface News {
  readonly after: number
  readonly last: number
  readonly revision: number
  /** Null where they are too many to tell: they are asked for by the cursor. */
  readonly records: readonly Arrived[] | null
}

type Tell = (news: News) => void
type Stand = Pick<News, 'last' | 'revision'>

/** How often the database is asked while somebody listens, ms: what another server took in is told as soon. */
const TICK_MS = 700
/** Records that are told by themselves. */
const MOST_TOLD = 200

/**
 * Listeners of this process. The database alone says what is new, so that any number of servers tell the same, and one
 * question a tick serves all who listen.
 */
const listeners = new Map<string, Set<Tell>>()
const told = new Map<string, Stand>()
let timer: ReturnType<typeof setTimeout> | null = null

async function newsOf(jobId: string, now: Stand): Promise<News | null> {
  const before = told.get(jobId)
  told.set(jobId, now)
  if (before && before.last === now.last && before.revision === now.revision) return null
  const after = before?.last ?? now.last
  const many = now.last - after > MOST_TOLD
  const records = many ? null : await listRecords(db(), jobId, after, MOST_TOLD)
  const last = records?.at(-1)?.seq ?? now.last
  told.set(jobId, { ...now, last })
  return { after, ...now, last, records }
}

/** One who cannot be told any more is in nobody's way. */
function tellAll(jobId: string, news: News): void {
  for (const tell of [...(listeners.get(jobId) ?? [])])
    try {
      tell(news)
    } catch {
      listeners.get(jobId)?.delete(tell)
    }
}

async function tick(): Promise<void> {
  try {
    for (const [jobId, now] of await standOf(db(), [...listeners.keys()])) {
      const news = await newsOf(jobId, now)
      if (news) tellAll(jobId, news)
    }
  } catch {
    // The database is away: whoever listens has lost nothing, and is told when it is back.
  }
  timer = listeners.size > 0 ? setTimeout(() => void tick(), TICK_MS) : null
}

/** Streams that one process keeps open. */
const MOST_LISTENERS = 2000

/** The refusal of one listener too many; null where there is room. A page without a stream asks by itself. */
export const mayListen = (): Response | null => {
  let count = 0
  for (const own of listeners.values()) count += own.size
  return count < MOST_LISTENERS ? null : tooBusy()
}

/** Tells what happens to a job from now on; the first news says where it is. Gives the end of listening. */
export function listenTo(jobId: string, tell: Tell): () => void {
  const own = listeners.get(jobId) ?? new Set()
  own.add(tell)
  listeners.set(jobId, own)
  timer ??= setTimeout(() => void tick(), 0)
  return () => {
    own.delete(tell)
    if (own.size > 0) return
    listeners.delete(jobId)
    told.delete(jobId)
  }
}

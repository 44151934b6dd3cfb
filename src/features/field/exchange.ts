import type { RefusedRecord, Stored } from '@/core/field'
import type { PhoneSays } from '@/core/people'
import type { Issue } from '@/core/result'

/** Why nothing was taken: nobody answers, too much is asked at once, the office cannot write, or knows nobody here. */
export type NotTaken = 'away' | 'busy' | 'full' | 'signed-out'

/** What the server says to what was sent: what others have added, and which records it did not take. */
interface Taken {
  readonly records: readonly (Stored & { readonly seq: number })[]
  readonly last: number
  /** Whether more has arrived than this answer holds. */
  readonly more: boolean
  /** The plan's revision at the server; null from a server that does not say. */
  readonly revision: number | null
  readonly refused: readonly RefusedRecord[]
}

/** How far this phone's clock is ahead of the server's, ms; null where the server does not say the time. */
interface Clocked {
  readonly aheadMs: number | null
}

export type Answer =
  | { readonly kind: NotTaken; readonly againInMs: number }
  | ({ readonly kind: 'refused'; readonly issues: readonly Issue[] } & Clocked)
  | ({ readonly kind: 'taken' } & Taken & Clocked)

/** The header that it goes in, as text that headers allow. */
const PHONE_HEADER = 'x-burdock-phone'
const phoneText = (phone: PhoneSays): string => encodeURIComponent(JSON.stringify(phone))

/** Time until the next try where the server does not say, ms. */
export const RETRY_MS = 4000
const MS_PER_S = 1000
/** Records sent at once, and about how many characters of them: the server reads no more than so much at a time. */
const MOST_SENT = 500
const MOST_CHARS = 1_000_000

/** As many of the waiting as go in one request: one at least. */
export function batchOf(waiting: readonly Stored[]): readonly Stored[] {
  let chars = 0
  const within = waiting.slice(0, MOST_SENT).filter(({ record }) => {
    chars += JSON.stringify(record).length
    return chars <= MOST_CHARS
  })
  return within.length > 0 ? within : waiting.slice(0, 1)
}

/** How long a server that answers asks to be left alone; no less than a moment, no more than a minute. */
function againInMs(retryAfter: string | null): number {
  const seconds = Number(retryAfter)
  if (retryAfter === null || !Number.isFinite(seconds)) return RETRY_MS
  return Math.min(60, Math.max(0.25, seconds)) * MS_PER_S
}

const TROUBLE: Readonly<Record<number, NotTaken>> = {
  401: 'signed-out',
  403: 'signed-out',
  429: 'busy',
  503: 'busy',
  507: 'full',
}

/** A server's clock is said to the second. */
function aheadMs(response: Response): number | null {
  const said = Date.parse(response.headers.get('date') ?? '')
  return Number.isNaN(said) ? null : Date.now() - said
}

/** What an answer that is no 2xx means. */
async function notTaken(response: Response): Promise<Answer> {
  const said = (await response.json().catch(() => ({}))) as { error?: string; issues?: readonly Issue[] }
  if ([400, 413, 422].includes(response.status))
    return { kind: 'refused', issues: said.issues ?? [], aheadMs: aheadMs(response) }
  const kind = said.error === 'database-away' ? 'away' : (TROUBLE[response.status] ?? 'away')
  return { kind, againInMs: againInMs(response.headers.get('retry-after')) }
}

/** Sends what waits, or asks what is new when nothing does; a phone says how it stands. Every way of not reaching the server is ‘away’. */
export async function exchange(
  jobId: string,
  waiting: readonly Stored[],
  after: number,
  phone: PhoneSays | null,
): Promise<Answer> {
  const says: Record<string, string> = phone ? { [PHONE_HEADER]: phoneText(phone) } : {}
  const url = `/api/jobs/${encodeURIComponent(jobId)}/records`
  try {
    const response = waiting.length
      ? await fetch(url, {
          method: 'POST',
          headers: { 'content-type': 'application/json', ...says },
          body: JSON.stringify({ after, records: waiting.map((stored) => stored.record) }),
        })
      : await fetch(`${url}?after=${after}`, { cache: 'no-store', headers: says })
    if (!response.ok) return await notTaken(response)
    const {
      records,
      last,
      more = false,
      revision = null,
      refused = [],
    } = (await response.json()) as Pick<Taken, 'records' | 'last'> & Partial<Taken>
    return { kind: 'taken', records, last, more, revision, refused, aheadMs: aheadMs(response) }
  } catch {
    return { kind: 'away', againInMs: RETRY_MS }
  }
}

/** The log after an answer. What the server now has counts as received even when its answer held only later ones. */
export function absorb(stored: readonly Stored[], sent: readonly Stored[], told: readonly Stored[]): Stored[] {
  const now = new Map(stored.map((each) => [each.record.id, each]))
  const receivedAt = new Date().toISOString()
  for (const { record } of sent) now.set(record.id, { record, receivedAt })
  for (const { record, receivedAt, moved } of told) now.set(record.id, { record, receivedAt, moved })
  return [...now.values()]
}

/** Leaves entries with the office, from a device that is signed out; whether it has them. */
export async function leaveWithOffice(jobId: string, waiting: readonly Stored[]): Promise<boolean> {
  try {
    const { ok } = await fetch(`/api/jobs/${encodeURIComponent(jobId)}/left`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ records: waiting.map(({ record }) => record) }),
    })
    return ok
  } catch {
    return false
  }
}

import type { Job } from '@/core/model'
import type { UnitSystem } from '@/core/units'
import { cutText, type Issue } from '@/core/result'

/** Letters of the name of an edit. */
const MOST_LABEL = 200

interface JobHead {
  readonly id: string
  readonly revision: number
  readonly archived: boolean
  readonly deleted: boolean
  readonly createdAt: string
  readonly updatedAt: string
}

export interface StoredJob extends JobHead {
  readonly doc: Job
}

/** What a list shows of a job; measures are null where its document has none that read. */
export interface JobSummary extends JobHead {
  readonly name: string
  readonly note: string
  readonly units: UnitSystem
  readonly widthIn: number | null
  readonly lengthIn: number | null
  readonly heelIn: number | null
  readonly pitchPer12: number | null
}

export interface Edit {
  readonly revision: number
  readonly who: string
  readonly at: string
  readonly label: string
  readonly changes: readonly { readonly path: string; readonly before: unknown; readonly after: unknown }[]
}

/** Why the server did nothing though it was asked well: it is tried again later. */
export type Trouble = 'away' | 'busy' | 'full' | 'read-only' | 'signed-out' | 'not-allowed'

/**
 * What came of a request: the answer, a clash with a newer revision, a refusal, a stored document that does not read,
 * nothing there, or trouble.
 */
export type Reply<T> =
  | { readonly kind: 'ok'; readonly value: T }
  | { readonly kind: 'clash'; readonly current: StoredJob }
  | { readonly kind: 'refused' | 'unreadable'; readonly issues: readonly Issue[] }
  | { readonly kind: 'gone' }
  | { readonly kind: Trouble }

const TROUBLES: Readonly<Record<string, Trouble>> = {
  busy: 'busy',
  'disk-full': 'full',
  'read-only': 'read-only',
  'sign-in': 'signed-out',
  'not-allowed': 'not-allowed',
}
const REFUSED = [400, 413, 415, 422]
/** Times that a busy server is asked, and the longest pause that it is given in between, s. */
const MOST_TRIES = 5
const LONGEST_PAUSE_S = 5

/** What a server's answer says. */
async function replyOf<T>(response: Response): Promise<Reply<T>> {
  if (response.ok) return { kind: 'ok', value: (await response.json()) as T }
  return replySaid(response.status, await response.json().catch(() => ({})))
}

/** The same of an answer that was read: its status and what it holds. */
export function replySaid<T>(status: number, answer: unknown): Reply<T> {
  if (status >= 200 && status < 300) return { kind: 'ok', value: answer as T }
  const said = answer as { error?: string; issues?: readonly Issue[]; current?: StoredJob }
  if (status === 404) return { kind: 'gone' }
  if (status === 409 && said.current) return { kind: 'clash', current: said.current }
  if (said.error === 'unreadable') return { kind: 'unreadable', issues: said.issues ?? [] }
  if (REFUSED.includes(status)) return { kind: 'refused', issues: said.issues ?? [] }
  return { kind: status === 429 ? 'busy' : (TROUBLES[said.error ?? ''] ?? 'away') }
}

/** Asks the server, and a busy one again. */
export async function ask<T>(path: string, method = 'GET', body?: unknown): Promise<Reply<T>> {
  for (let tries = 1; ; tries++)
    try {
      const response = await fetch(path, {
        method,
        cache: 'no-store',
        ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
      })
      const reply = await replyOf<T>(response)
      if (reply.kind !== 'busy' || tries >= MOST_TRIES) return reply
      const pauseS = Math.min(LONGEST_PAUSE_S, Number(response.headers.get('retry-after')) || 1)
      await new Promise((resolve) => setTimeout(resolve, pauseS * 1000))
    } catch {
      return { kind: 'away' }
    }
}

/** What became of the jobs of a backup. */
export interface RestoreReport {
  readonly made: string
  readonly jobs: readonly {
    readonly name: string
    readonly outcome: 'added' | 'there' | 'newer-here' | 'brought-forward' | 'beside'
    readonly recordsAdded: number
    readonly refused: readonly { readonly id: string; readonly issues: readonly Issue[] }[]
  }[]
}

/** Sends a backup to be put into the database. It is not sent again by itself: it may be large. */
async function sendBackup(file: Blob): Promise<Reply<RestoreReport>> {
  try {
    const headers = { 'content-type': 'application/zip' }
    return await replyOf(await fetch('/api/restore', { method: 'POST', headers, body: file }))
  } catch {
    return { kind: 'away' }
  }
}

const at = (id: string) => `/api/jobs/${encodeURIComponent(id)}`
export const api = {
  list: () => ask<JobSummary[]>('/api/jobs'),
  get: (id: string) => ask<StoredJob>(at(id)),
  create: (name: string) => ask<StoredJob>('/api/jobs', 'POST', { name }),
  import: (doc: unknown) => ask<StoredJob>('/api/jobs', 'POST', { import: doc }),
  save: (
    id: string,
    edit: {
      readonly baseRevision: number
      readonly doc: Job
      readonly label: string
      /** The same each time that this edit is sent. */
      readonly saveId?: string
      /** Saves of this window whose answers never came. */
      readonly unanswered?: readonly string[]
    },
  ) => ask<StoredJob>(at(id), 'PUT', { ...edit, label: cutText(edit.label, MOST_LABEL) }),
  rename: (id: string, name: string) => ask<StoredJob>(at(id), 'PATCH', { name }),
  archive: (id: string, archived: boolean) => ask<JobSummary>(at(id), 'PATCH', { archived }),
  remove: (id: string, deleted: boolean) => ask<JobSummary>(at(id), 'PATCH', { deleted }),
  duplicate: (id: string, practice = false) => ask<StoredJob>(`${at(id)}/duplicate`, 'POST', { practice }),
  revision: (id: string, revision: number) => ask<Job>(`${at(id)}/history/${revision}`),
  restore: sendBackup,
  history: (id: string) => ask<Edit[]>(`${at(id)}/history`),
}

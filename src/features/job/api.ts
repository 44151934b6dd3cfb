import type { Job } from '@/core/model'
import type { Issue } from '@/core/result'

export interface StoredJob {
  readonly id: string
  readonly revision: number
  readonly doc: Job
  readonly archived: boolean
  readonly deleted: boolean
  readonly createdAt: string
  readonly updatedAt: string
}

export interface Edit {
  readonly revision: number
  readonly who: string
  readonly at: string
  readonly label: string
  readonly changes: readonly { readonly path: string; readonly before: unknown; readonly after: unknown }[]
}

/** What came of a request: the answer, a clash with a newer revision, a refusal, nothing there, or nobody home. */
export type Reply<T> =
  | { readonly kind: 'ok'; readonly value: T }
  | { readonly kind: 'clash'; readonly current: StoredJob }
  | { readonly kind: 'refused'; readonly issues: readonly Issue[] }
  | { readonly kind: 'gone' }
  | { readonly kind: 'away' }

async function ask<T>(path: string, method = 'GET', body?: unknown): Promise<Reply<T>> {
  try {
    const response = await fetch(path, {
      method,
      cache: 'no-store',
      ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    })
    if (response.ok) return { kind: 'ok', value: (await response.json()) as T }
    if (response.status === 404) return { kind: 'gone' }
    const said = (await response.json().catch(() => ({}))) as { issues?: readonly Issue[]; current?: StoredJob }
    if (response.status === 409 && said.current) return { kind: 'clash', current: said.current }
    if (response.status === 422 || response.status === 400) return { kind: 'refused', issues: said.issues ?? [] }
    return { kind: 'away' }
  } catch {
    return { kind: 'away' }
  }
}

const at = (id: string) => `/api/jobs/${encodeURIComponent(id)}`
export const api = {
  list: () => ask<StoredJob[]>('/api/jobs'),
  get: (id: string) => ask<StoredJob>(at(id)),
  create: (name: string) => ask<StoredJob>('/api/jobs', 'POST', { name }),
  import: (doc: unknown) => ask<StoredJob>('/api/jobs', 'POST', { import: doc }),
  save: (id: string, baseRevision: number, doc: Job, label: string) =>
    ask<StoredJob>(at(id), 'PUT', { baseRevision, label: label.slice(0, 200), doc }),
  rename: (id: string, name: string) => ask<StoredJob>(at(id), 'PATCH', { name }),
  archive: (id: string, archived: boolean) => ask<StoredJob>(at(id), 'PATCH', { archived }),
  remove: (id: string, deleted: boolean) => ask<StoredJob>(at(id), 'PATCH', { deleted }),
  duplicate: (id: string) => ask<StoredJob>(`${at(id)}/duplicate`, 'POST', {}),
  revision: (id: string, revision: number) => ask<Job>(`${at(id)}/history/${revision}`),
  history: (id: string) => ask<Edit[]>(`${at(id)}/history`),
}

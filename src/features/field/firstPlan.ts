import { FIELD_STORE } from './fieldStore'

/** What a browser notes under: the revision of the plan that it keeps of a job. */
const NOTE = 'burdock-plan:'

type Early = Window & {
  burdockPlan?: Promise<Response | null> | undefined
  burdockStore?: Promise<IDBDatabase | null> | undefined
}

/** Where a job's plan is asked for, by a device that has the one of revision `has`, or none. */
export const planPath = (jobId: string, has: number | undefined): string =>
  `/api/jobs/${encodeURIComponent(jobId)}/plan${has === undefined ? '' : `?has=${has}`}`

/** Notes the revision that is kept here where the head of the next page reads it at once. */
export function notePlan(jobId: string, revision: number): void {
  try {
    localStorage.setItem(NOTE + jobId, String(revision))
  } catch {
    /* Then the head of a page asks for the whole plan. */
  }
}

/**
 * Runs in a page's head, before any script of ours has come. The plan is on its way while they are, and the stores are
 * opened, and made where there are none: a slow phone takes a quarter of a second for that. A page that is left before
 * it stands lets go of them, since a browser may put it aside as it is.
 */
export const ASK_PLAN = `(() => {
  const id = /^\\/field\\/([^/]+)/.exec(location.pathname)
  if (!id) return
  let has = null
  try { has = localStorage.getItem('${NOTE}' + decodeURIComponent(id[1])) } catch {}
  const path = '/api/jobs/' + id[1] + '/plan' + (has ? '?has=' + has : '')
  window.burdockPlan = fetch(path, { cache: 'no-store' }).catch(() => null)
  const { name, version, parts } = ${JSON.stringify(FIELD_STORE)}
  try {
    const opening = indexedDB.open(name, version)
    opening.onupgradeneeded = () => parts.forEach(({ part, index }) => {
      const made = opening.result.createObjectStore(part, { keyPath: 'key' })
      if (index) made.createIndex(index, index)
    })
    let db = null
    let left = false
    addEventListener('pagehide', () => { left = true; if (db) db.close() })
    window.burdockStore = new Promise((resolve) => {
      opening.onsuccess = () => { db = opening.result; if (left) db.close(); resolve(left ? null : db) }
      opening.onerror = (event) => { event.preventDefault(); resolve(null) }
    })
  } catch {}
})()`

/** The answer that the head of this page has asked for; null where there is none, or it was taken before. */
export async function earlyPlan(): Promise<Response | null> {
  const early = window as Early
  const answer = early.burdockPlan
  early.burdockPlan = undefined
  return (await answer) ?? null
}

/** The store that the head of this page has begun to open; null where there is none, or it was taken before. */
export async function earlyStore(): Promise<IDBDatabase | null> {
  if (typeof window === 'undefined') return null
  const early = window as Early
  const opening = early.burdockStore
  early.burdockStore = undefined
  return (await opening) ?? null
}

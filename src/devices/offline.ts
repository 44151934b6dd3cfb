import { useSyncExternalStore } from 'react'

/** What a page asks of the worker that keeps it. */
export type AskedOfWorker = 'check' | 'mend' | 'take over'
/** What the worker keeps of its build. */
export interface KeptFiles {
  readonly files: number
  readonly missing: readonly string[]
}

/**
 * Whether the pages are kept on this device: not asked yet, being fetched, all there, some gone, or never, in a browser
 * that keeps none or at an address where it may not.
 */
export type Files = 'asking' | 'fetching' | 'kept' | 'missing' | 'never'

export interface Offline {
  readonly files: Files
  /** Why nothing is kept: an address that is not secure, or a browser without the means. */
  readonly why: 'insecure' | 'browser' | null
  /** Whether a newer build lies ready; it takes over whole when it is asked to. */
  readonly newer: boolean
}

/** Time between two looks at what is kept, ms: a browser clears without a word. */
const LOOK_MS = 60_000
/** Longest that the worker is waited for, ms. */
const ANSWER_MS = 8000

let now: Offline = { files: 'asking', why: null, newer: false }
const watchers = new Set<() => void>()
function say(next: Partial<Offline>): void {
  now = { ...now, ...next }
  watchers.forEach((changed) => changed())
}

/** Asks the worker; null where it does not answer. */
function ask(worker: ServiceWorker, asked: AskedOfWorker): Promise<KeptFiles | null> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel()
    const late = setTimeout(() => resolve(null), ANSWER_MS)
    port1.onmessage = ({ data }: MessageEvent<KeptFiles>) => {
      clearTimeout(late)
      resolve(data)
    }
    worker.postMessage(asked, [port2])
  })
}

let registration: ServiceWorkerRegistration | null = null

/** Looks whether every file is there, and has the worker fetch what is not. */
async function look(): Promise<void> {
  const worker = registration?.active
  if (!worker) return
  const kept = await ask(worker, 'check')
  if (kept?.missing.length === 0) return say({ files: 'kept' })
  say({ files: 'missing' })
  if (!navigator.onLine) return
  const mended = await ask(worker, 'mend')
  if (mended?.missing.length === 0) say({ files: 'kept' })
}

/** Says when a newer build has come; a page that has only just opened takes it at once. */
function watchNewer(found: ServiceWorkerRegistration): void {
  const seen = () => {
    // The first worker of all takes its place by itself.
    if (found.waiting && found.active) say({ newer: true })
  }
  seen()
  found.addEventListener('updatefound', () => found.installing?.addEventListener('statechange', seen))
}

/** The pocket had a worker of its own before. */
async function dropEarlier(): Promise<void> {
  for (const each of await navigator.serviceWorker.getRegistrations())
    if (new URL(each.scope).pathname !== '/') await each.unregister()
}

async function register(): Promise<void> {
  registration = await navigator.serviceWorker.register('/worker.js', { scope: '/', updateViaCache: 'none' })
  await dropEarlier()
  watchNewer(registration)
  if (!registration.active) say({ files: 'fetching' })
  const first = registration.installing
  first?.addEventListener('statechange', () => {
    if (first.state === 'activated') void look()
    if (first.state === 'redundant' && !registration?.active) say({ files: 'missing' })
  })
  await look()
}

function start(): void {
  if (now.files !== 'asking') return
  if (!('serviceWorker' in navigator)) {
    say({ files: 'never', why: window.isSecureContext ? 'browser' : 'insecure' })
    return
  }
  say({ files: 'fetching' })
  register().catch(() => say({ files: 'never', why: 'browser' }))
  const again = () => void look()
  window.addEventListener('online', again)
  document.addEventListener('visibilitychange', again)
  setInterval(again, LOOK_MS)
}

const watch = (changed: () => void) => {
  watchers.add(changed)
  start()
  return () => watchers.delete(changed)
}

const BEFORE: Offline = { files: 'asking', why: null, newer: false }
/** What of the pages is kept on this device, looked at again and again. */
export const useOffline = (): Offline =>
  useSyncExternalStore(
    watch,
    () => now,
    () => BEFORE,
  )

/** Lets the newer build take over, and opens this page again from it: never a page of one with scripts of another. */
export function takeNewer(): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), { once: true })
  registration?.waiting?.postMessage('take over' satisfies AskedOfWorker)
}

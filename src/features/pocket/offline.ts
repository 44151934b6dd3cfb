'use client'
import { useSyncExternalStore } from 'react'

/** Whether the pocket works here without a server: not asked yet, being fetched, ready, or never in this browser. */
export type Away = 'asking' | 'fetching' | 'ready' | 'never'

let now: Away = 'asking'
const watchers = new Set<() => void>()
const say = (next: Away): void => {
  now = next
  watchers.forEach((changed) => changed())
}

/** Lets the browser keep the whole pocket, once. */
function start(): void {
  if (now !== 'asking') return
  // Browsers allow this only where nobody can have changed the page on its way.
  if (!('serviceWorker' in navigator)) return say('never')
  say('fetching')
  navigator.serviceWorker
    .register('/pocket/worker.js', { scope: '/pocket' })
    .then((registration) => {
      if (registration.active) return say('ready')
      const worker = registration.installing ?? registration.waiting
      worker?.addEventListener('statechange', () => {
        if (worker.state === 'activated') say('ready')
        if (worker.state === 'redundant') say('never')
      })
    })
    .catch(() => say('never'))
}

const watch = (changed: () => void) => {
  watchers.add(changed)
  start()
  return () => watchers.delete(changed)
}

/** Whether the pocket works here without a signal. */
export const useAway = (): Away =>
  useSyncExternalStore(
    watch,
    () => now,
    () => 'asking',
  )

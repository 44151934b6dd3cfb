import { cacheNames, clientsClaim } from 'workbox-core'
import {
  cleanupOutdatedCaches,
  createHandlerBoundToURL,
  getCacheKeyForURL,
  precacheAndRoute,
  type PrecacheEntry,
} from 'workbox-precaching'
import { NavigationRoute, registerRoute } from 'workbox-routing'
import type { AskedOfWorker, KeptFiles } from '@/devices/offline'

/**
 * The worker that keeps the field pages and the pocket for when there is no signal. What it keeps is written in when the
 * application is built: all of one build or nothing, each file by its hash, so that no other answer takes its place.
 * Nothing else is kept: plans and records lie in the pages' own store.
 */
interface WorkerScope {
  readonly __WB_MANIFEST: readonly PrecacheEntry[]
  skipWaiting(): Promise<void>
  addEventListener(type: 'message', heard: (event: ExtendableMessage) => void): void
  addEventListener(type: 'activate', heard: (event: Lasting) => void): void
}
interface Lasting {
  waitUntil(work: Promise<unknown>): void
}
interface ExtendableMessage extends Lasting {
  readonly data: AskedOfWorker
  readonly ports: readonly MessagePort[]
}
declare const self: WorkerScope & { readonly location: Location }

const entries = [...self.__WB_MANIFEST]
/** The page that every address of the field opens: it reads the address itself. */
const FIELD_PAGE = '/field-page'
/** Where earlier builds kept their pages. */
const EARLIER = /^burdock-field-1$|^workbox-precache-v2-.*\/pocket$/

precacheAndRoute(entries)
registerRoute(new NavigationRoute(createHandlerBoundToURL(FIELD_PAGE), { allowlist: [/^\/field(\/|$)/] }))
cleanupOutdatedCaches()
clientsClaim()

self.addEventListener('activate', (event) =>
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys()) if (EARLIER.test(name)) await caches.delete(name)
    })(),
  ),
)

/** Files of this build that are not kept, whatever took them away. */
async function missing(): Promise<readonly PrecacheEntry[]> {
  const cache = await caches.open(cacheNames.precache)
  const has = new Set((await cache.keys()).map(({ url }) => url))
  return entries.filter(({ url }) => {
    const key = getCacheKeyForURL(url)
    return key === undefined || !has.has(new URL(key, self.location.href).href)
  })
}

/** Fetches again what is not there; what is no file of this build is not taken. */
async function mend(): Promise<void> {
  const cache = await caches.open(cacheNames.precache)
  for (const { url, integrity } of await missing()) {
    const key = getCacheKeyForURL(url)
    if (key === undefined) continue
    const answer = await fetch(key, { cache: 'reload', ...(integrity ? { integrity } : {}) }).catch(() => null)
    if (answer?.ok) await cache.put(key, answer)
  }
}

async function answer(asked: AskedOfWorker): Promise<KeptFiles> {
  if (asked === 'mend') await mend()
  return { files: entries.length, missing: (await missing()).map(({ url }) => url) }
}

self.addEventListener('message', (event) => {
  const { data, ports } = event
  if (data === 'take over') return event.waitUntil(self.skipWaiting())
  event.waitUntil(
    (async () => {
      ports[0]?.postMessage(await answer(data))
    })(),
  )
})

import { clientsClaim } from 'workbox-core'
import { cleanupOutdatedCaches, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching'

/** The worker that keeps the pocket for when there is no signal. What it keeps is written in when the application is built. */
declare const self: Window & { readonly __WB_MANIFEST: readonly PrecacheEntry[]; skipWaiting(): Promise<void> }

void self.skipWaiting()
clientsClaim()
cleanupOutdatedCaches()
precacheAndRoute([...self.__WB_MANIFEST])

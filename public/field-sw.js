// Keeps the field pages usable without a server: newest from the network, else what was last seen here.
const NAME = 'burdock-field-1'
self.addEventListener('install', () => self.skipWaiting())
self.addEventListener('activate', (e) => e.waitUntil(self.clients.claim()))
self.addEventListener('fetch', (e) => {
  const url = new URL(e.request.url)
  const ours = url.pathname.startsWith('/field') || url.pathname.startsWith('/_next/static')
  if (e.request.method !== 'GET' || url.origin !== self.location.origin || !ours) return
  e.respondWith(
    (async () => {
      const cache = await caches.open(NAME)
      try {
        const fresh = await fetch(e.request)
        if (fresh.ok) await cache.put(e.request, fresh.clone())
        return fresh
      } catch {
        return (
          (await cache.match(e.request)) ??
          (await cache.match(url.pathname.split('/').slice(0, 3).join('/'))) ??
          Response.error()
        )
      }
    })(),
  )
})

import { createHash } from 'node:crypto'
import { existsSync, readFileSync } from 'node:fs'
import type { IncomingMessage, ServerResponse } from 'node:http'
import path from 'node:path'
import helmet from 'helmet'

type Directives = Readonly<Record<string, readonly string[]>>

/** What pages may load: only what we serve. Styles set on elements are how the drawings are written. */
const policy = (scripts: readonly string[], dev: boolean): Directives => ({
  'default-src': ["'self'"],
  'script-src': ["'self'", ...scripts, "'wasm-unsafe-eval'", ...(dev ? ["'unsafe-eval'"] : [])],
  'style-src': ["'self'", "'unsafe-inline'"],
  'img-src': ["'self'", 'data:', 'blob:'],
  'font-src': ["'self'", 'data:'],
  'connect-src': ["'self'", ...(dev ? ['ws:'] : [])],
  'worker-src': ["'self'", 'blob:'],
  // A paper to be printed is shown to the browser's own viewer, from memory.
  'frame-src': ['blob:'],
  'manifest-src': ["'self'"],
  'object-src': ["'none'"],
  'base-uri': ["'none'"],
  'form-action': ["'self'"],
  'frame-ancestors': ["'none'"],
})

const written = (directives: Directives): string =>
  Object.entries(directives)
    .map(([name, sources]) => `${name} ${sources.join(' ')}`)
    .join('; ')

const INLINE = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g

/** The scripts that stand in a page made by the build, by their hashes: such a page can have no word of the day. */
export const hashesOf = (html: string): string[] =>
  [...html.matchAll(INLINE)].map(([, code]) => `'sha256-${createHash('sha256').update(code).digest('base64')}'`)

/** The scripts that stand in a page which the build has made; none where it is made when it is asked for. */
function hashesIn(dist: string, page: string): string[] {
  const file = path.join(dist, 'server/app', `${page}.html`)
  return existsSync(file) ? hashesOf(readFileSync(file, 'utf8')) : []
}

const rest = helmet({
  contentSecurityPolicy: false,
  // TLS is the proxy's; it says so itself.
  strictTransportSecurity: false,
  referrerPolicy: { policy: 'no-referrer' },
  crossOriginEmbedderPolicy: false,
  xFrameOptions: { action: 'deny' },
})
const PERMISSIONS = 'camera=(self), microphone=(), geolocation=(), payment=(), usb=()'

/** Puts the headers of every answer: what browsers must not do with it. Gives the request its nonce for Next to use. */
export function securityHeaders({ dist, dev }: { readonly dist: string; readonly dev: boolean }) {
  const built: readonly (readonly [RegExp, readonly string[]])[] = [
    [/^\/pocket$/, hashesIn(dist, 'pocket')],
    [/^\/field(-page$|\/|$)/, hashesIn(dist, 'field-page')],
  ]
  // Any address may turn out to be none.
  const notFound = hashesIn(dist, '_not-found')
  return (request: IncomingMessage, response: ServerResponse, nonce: string): void => {
    rest(request, response, () => undefined)
    response.setHeader('permissions-policy', PERMISSIONS)
    const page = (request.url ?? '').split('?')[0]
    const own = built.find(([address]) => address.test(page))?.[1] ?? []
    const csp = written(policy(own.length > 0 ? own : [`'nonce-${nonce}'`, ...notFound], dev))
    request.headers['content-security-policy'] = csp
    response.setHeader('content-security-policy', csp)
  }
}

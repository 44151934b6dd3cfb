// The application's own server: what comes in is looked at here before Next reads it.
import { randomBytes } from 'node:crypto'
import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http'
import { createServer as createTlsServer } from 'node:https'
import path from 'node:path'
import { constants } from 'node:zlib'
import compression from 'compression'
import next from 'next'
import { RateLimiterMemory } from 'rate-limiter-flexible'
import sirv from 'sirv'
import { warmPapers } from '../heavy/pool'
import { log } from '../http/log'
import { gate } from './gate'
import { addressesOf, isBeyond, type Wrong, wrongWith } from './guard'
import { securityHeaders } from './headers'
import { metrics } from './metrics'
import { serveHelp } from './helpPage'
import { plainPage } from './plainPage'
import { tlsOf } from './tls'

const dev = process.env.NODE_ENV === 'development'
const hostname = process.env.HOST ?? '127.0.0.1'
const port = Number(process.env.PORT ?? 3000)
const dist = process.env.BURDOCK_DIST ?? '.next'
/** Requests that one address may send in ten seconds; a yard of phones behind one address fits in it. */
const RATE = Number(process.env.BURDOCK_RATE ?? 6000)
const RATE_S = 10
/** Longest that a request may take to come in, and its head, ms: a slow sender holds a place from others. */
const REQUEST_MS = 30_000
const HEAD_MS = 10_000

/** Longest that a server which ends waits for its last answers, ms; and how long it keeps a connection that rests. */
const LAST_MS = 2000
const REST_MS = 65_000

const addresses = addressesOf(port, process.env.PUBLIC_URL)
const letIn = gate({
  beyond: isBeyond(hostname, process.env.PUBLIC_URL),
  proxied: process.env.BURDOCK_PROXY === '1',
})
const limiter = new RateLimiterMemory({ points: RATE, duration: RATE_S })
const metricsPort = process.env.BURDOCK_METRICS_PORT
const figures = metrics(metricsPort ? Number(metricsPort) : null)
const secure = securityHeaders({ dist, dev })

type TurnedAway = Wrong | 'rate'
const REFUSALS: Readonly<
  Record<TurnedAway, { readonly status: number; readonly title: string; readonly text: string }>
> = {
  host: {
    status: 421,
    title: 'This is not the address of this office',
    text: 'Burdock answers only under its own address. Open it by the address that it printed when it started.',
  },
  origin: { status: 403, title: 'Not from here', text: 'A page of another site may not change anything here.' },
  address: { status: 400, title: 'No such address', text: 'The address cannot be read. It may have been cut off.' },
  rate: { status: 429, title: 'Too much at once', text: 'Too many requests came from here. Wait a moment.' },
}
const CODES: Readonly<Record<TurnedAway, string>> = {
  host: 'refused',
  origin: 'refused',
  address: 'gone',
  rate: 'busy',
}

function turnAway(request: IncomingMessage, response: ServerResponse, why: TurnedAway): void {
  const { status, title, text } = REFUSALS[why]
  response.statusCode = status
  if (why === 'rate') response.setHeader('retry-after', '2')
  const asJson = (request.url ?? '').startsWith('/api/')
  response.setHeader('content-type', asJson ? 'application/json' : 'text/html; charset=utf-8')
  response.end(asJson ? JSON.stringify({ error: CODES[why] }) : plainPage(title, text))
}

/** How long what was not read goes on being thrown away, ms: cut off at once, a sender would never see why. */
const LINGER_MS = 2000

/** A request that was answered before its end: what still comes is thrown away, and soon the connection with it. */
function letGo(request: IncomingMessage): void {
  if (request.complete) return
  request.resume()
  setTimeout(() => request.destroy(), LINGER_MS).unref()
}

async function overRate(request: IncomingMessage): Promise<boolean> {
  try {
    await limiter.consume(request.socket.remoteAddress ?? 'unknown')
    return false
  } catch {
    return true
  }
}

/** Addresses that open something by themselves stand in no log. */
const loggedPath = (url: string): string => url.split('?')[0].replace(/^(\/(?:guest|join|api\/invitations)\/).+/, '$1…')

/** Every request leaves one line: which, how it ended and how long it took; never what it held. */
function watched(request: IncomingMessage, response: ServerResponse, id: string) {
  const began = performance.now()
  const { method = 'GET', url = '/' } = request
  let why: TurnedAway | null = null
  response.on('finish', () => letGo(request))
  response.on('close', () => {
    const tookMs = performance.now() - began
    const status = response.statusCode
    figures.seen(method, url, { status, tookS: tookMs / 1000, why })
    if (url.startsWith('/_next/')) return
    const level = status >= 500 ? 'error' : 'info'
    log()[level]({
      request: id,
      method,
      path: loggedPath(url),
      status,
      ms: Math.round(tookMs),
      why: why ?? undefined,
    })
  })
  return (reason: TurnedAway) => {
    why = reason
    turnAway(request, response, reason)
  }
}

/** Whoever starts wants to see the first page first, ms. */
const WARM_AFTER_MS = 2500

/** A server without the demo jobs, or without a thread yet, is no worse for it. */
function warm(): void {
  warmPapers(new AbortController().signal).catch((error: unknown) => {
    log().info({ name: error instanceof Error ? error.name : typeof error }, 'papers were not warmed')
  })
}

/** A server that waits for slow senders so long and no longer. */
function patient<S extends Server>(server: S): S {
  server.requestTimeout = REQUEST_MS
  server.headersTimeout = HEAD_MS
  // Longer than a proxy keeps its own: it never sends into a connection that is just being closed.
  server.keepAliveTimeout = REST_MS
  server.on('clientError', (_, socket) => {
    if (socket.writable) socket.end('HTTP/1.1 400 Bad Request\r\nconnection: close\r\ncontent-length: 0\r\n\r\n')
  })
  return server
}

const STATIC = '/_next/static/'
const YEAR_S = 31_536_000

/** Serves scripts and styles as the build has compressed them, smaller than on the way; false for anything else. */
function assets(): (request: IncomingMessage, response: ServerResponse) => Promise<boolean> {
  if (dev) return () => Promise.resolve(false)
  const files = sirv(path.resolve(dist, 'static'), { brotli: true, etag: true, immutable: true, maxAge: YEAR_S })
  return (request, response) => {
    const { url = '/' } = request
    if (!url.startsWith(STATIC)) return Promise.resolve(false)
    return new Promise((resolve) => {
      response.once('close', () => resolve(true))
      request.url = url.slice(STATIC.length - 1)
      files(request, response, () => {
        request.url = url
        resolve(false)
      })
    })
  }
}

type Middleware = (request: IncomingMessage, response: ServerResponse, next: () => void) => void
/** Of what is compressed on the way: a third less than gzip of a plan, in as little time. */
const QUALITY = 5

/** Compresses what Next answers, as the browser takes it. Its types are written for Express, and it asks for less. */
const compressed = compression({
  brotli: { params: { [constants.BROTLI_PARAM_QUALITY]: QUALITY } },
}) as unknown as Middleware

async function main(): Promise<void> {
  const app = next({ dev, dir: process.cwd(), hostname, port })
  await app.prepare()
  const handle = app.getRequestHandler()
  const asset = assets()
  const serve = (request: IncomingMessage, response: ServerResponse): void => {
    const id = randomBytes(9).toString('base64url')
    const away = watched(request, response, id)
    request.headers['x-request-id'] = id
    response.setHeader('x-request-id', id)
    secure(request, response, randomBytes(16).toString('base64'))
    void (async () => {
      const wrong = wrongWith(request, addresses)
      if (wrong) return away(wrong)
      if (await overRate(request)) return away('rate')
      if (!(await letIn(request, response))) return
      if (await asset(request, response)) return
      await new Promise<void>((resolve) => compressed(request, response, resolve))
      await handle(request, response)
    })().catch((error: unknown) => {
      log().error({ request: id, name: error instanceof Error ? error.name : typeof error }, 'not handled')
      if (!response.headersSent) response.statusCode = 500
      response.end()
    })
  }
  const tls = tlsOf(process.env)
  const server = patient(createServer(serve))
  const yard = tls ? patient(createTlsServer({ cert: tls.cert, key: tls.key, minVersion: 'TLSv1.2' }, serve)) : null
  const upgrade = app.getUpgradeHandler()
  if (dev) server.on('upgrade', (...asked) => void upgrade(...asked))
  // What is being answered is answered; streams of news would never end by themselves.
  const end = () => {
    yard?.close()
    yard?.closeIdleConnections()
    server.close(() => process.exit(0))
    server.closeIdleConnections()
    setTimeout(() => process.exit(0), LAST_MS)
  }
  process.on('SIGTERM', end)
  process.on('SIGINT', end)
  // The starter is gone: nobody would end this server any more.
  process.on('disconnect', end)
  server.listen(port, hostname, () => {
    log().info({ port, hostname }, 'serving')
    if (!dev) setTimeout(warm, WARM_AFTER_MS).unref()
  })
  if (yard && tls) {
    const { BURDOCK_TLS_HOST: host = '0.0.0.0', BURDOCK_AUTHORITY: authority, BURDOCK_HELP_PORT: help } = process.env
    yard.listen(tls.port, host, () => log().info({ port: tls.port, host }, 'serving the yard'))
    if (authority && help) serveHelp(Number(help), host, authority, process.env.PUBLIC_URL ?? '')
  }
}

main().catch((error: unknown) => {
  log().fatal({ name: error instanceof Error ? error.message : typeof error }, 'could not serve')
  process.exit(1)
})

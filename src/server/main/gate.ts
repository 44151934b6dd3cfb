import type { IncomingMessage, ServerResponse } from 'node:http'
import { homeOf, mayAsk, type Role } from '@/core/people'
import { cookieOf, SESSION_COOKIE, setCookie } from '../auth/cookies'
import { ADDRESS_HEADER, TLS_HEADER, type Visitor, VISITOR_HEADER, visitorText } from '../auth/visitor'
import { db } from '../db/client'
import { hasOwner, sessionOf, turnToken } from '../repositories/people'
import { plainPage } from './plainPage'

/** How long it stands that an office has no owner, ms; one that has an owner keeps one. */
const STANDS_MS = 1000

interface GateOf {
  /** Whether it is asked from beyond this machine: there nobody comes in without an account. */
  readonly beyond: boolean
  /** Whether the address of whoever asks is told by the proxy in front. */
  readonly proxied: boolean
}

/** Whether this office has an owner, from the database now and then; null where it was never reached. */
function ownerWatch(): (now: boolean) => Promise<boolean | null> {
  let known: boolean | null = null
  let askedMs = -Infinity
  let asking: Promise<void> | null = null
  let away = false
  const ask = async (): Promise<void> => {
    try {
      known = await hasOwner(db())
      away = false
    } catch {
      // What was known stands, and there is nothing to be read meanwhile.
      away = true
    }
    askedMs = performance.now()
    asking = null
  }
  return async (now) => {
    if (known !== true && (now || performance.now() - askedMs > STANDS_MS)) {
      asking ??= ask()
      // A database that is away is asked beside the requests: it would hold every one of them up.
      if (known === null || !away) await asking
    }
    return known
  }
}

/** Whether a request came over TLS, to this server or to the proxy before it. */
const isTls = ({ socket, headers }: IncomingMessage, proxied: boolean): boolean =>
  ('encrypted' in socket && socket.encrypted === true) || (proxied && headers['x-forwarded-proto'] === 'https')

const isPage = ({ method, headers, url = '/' }: IncomingMessage): boolean =>
  method === 'GET' && !url.startsWith('/api/') && (headers.accept ?? '').includes('text/html')

function refuse(request: IncomingMessage, response: ServerResponse, status: number, error: string): void {
  response.statusCode = status
  if ((request.url ?? '').startsWith('/api/')) {
    response.setHeader('content-type', 'application/json')
    response.end(JSON.stringify({ error }))
    return
  }
  response.setHeader('content-type', 'text/html; charset=utf-8')
  const [title, text] =
    error === 'database-away'
      ? ['The database is away', 'Nobody can be let in without it. Try again in a moment.']
      : ['Not yours to open', 'Your part of this office is elsewhere.']
  response.end(plainPage(title, text))
}

/** A page for somebody who has not signed in leads to where they do; one for another role to where theirs begins. */
function leadAway(request: IncomingMessage, response: ServerResponse, role: Role | null): void {
  const { url = '/' } = request
  const to = role === null ? `/sign-in?to=${encodeURIComponent(url)}` : homeOf(role)
  if (!isPage(request) || (role !== null && url === to)) {
    refuse(request, response, role === null ? 401 : 403, role === null ? 'sign-in' : 'not-allowed')
    return
  }
  response.statusCode = 302
  response.setHeader('location', to)
  response.setHeader('cache-control', 'no-store')
  response.end()
}

/** What the database is not needed for. */
const NEEDS_NOBODY = /^\/(_next\/static\/|api\/(health|ready)$)/

/** Lets requests in by who asks: gives true where one may go on. */
export function gate({ beyond, proxied }: GateOf) {
  const owned = ownerWatch()
  const visitorAt = async (request: IncomingMessage, response: ServerResponse): Promise<Visitor | null> => {
    const token = cookieOf(request.headers.cookie, SESSION_COOKIE)
    // A browser with a session is of an office with an owner, made a moment ago perhaps, by another server.
    const has = await owned(token !== null)
    if (has === null) return null
    if (!has) return beyond ? { kind: 'stranger' } : { kind: 'open' }
    if (token === null) return { kind: 'stranger' }
    const now = new Date()
    const found = await sessionOf(db(), token, now)
    if (!found) return { kind: 'stranger' }
    const { turn, ...person } = found
    if (turn && isPage(request))
      response.appendHeader(
        'set-cookie',
        setCookie(SESSION_COOKIE, await turnToken(db(), person.session, now), isTls(request, proxied)),
      )
    return { kind: 'person', ...person }
  }
  return async (request: IncomingMessage, response: ServerResponse): Promise<boolean> => {
    const forwarded = request.headers['x-forwarded-for']
    const first = (Array.isArray(forwarded) ? forwarded[0] : forwarded)?.split(',')[0].trim()
    const own = request.socket.remoteAddress ?? 'unknown'
    request.headers[ADDRESS_HEADER] = proxied && first ? first : own
    request.headers[TLS_HEADER] = isTls(request, proxied) ? '1' : '0'
    Reflect.deleteProperty(request.headers, VISITOR_HEADER)
    const path = (request.url ?? '/').split('?')[0]
    if (NEEDS_NOBODY.test(path)) return true
    const visitor = await visitorAt(request, response).catch(() => null)
    if (!visitor) {
      refuse(request, response, 503, 'database-away')
      return false
    }
    request.headers[VISITOR_HEADER] = visitorText(visitor)
    const role = visitor.kind === 'person' ? visitor.role : null
    if (visitor.kind === 'open' || mayAsk(role, { method: request.method ?? 'GET', path })) return true
    leadAway(request, response, role)
    return false
  }
}

import 'server-only'
import { parseCookie, stringifySetCookie } from 'cookie'

export const SESSION_COOKIE = 'burdock'
export const DEVICE_COOKIE = 'burdock-device'

const DAY_S = 86_400
/** How long a browser keeps each, s: a session that is not used ends earlier, in the database. */
const KEPT_S = { [SESSION_COOKIE]: 400 * DAY_S, [DEVICE_COOKIE]: 400 * DAY_S } as const

/** A header that sets a cookie no script can read; `null` takes it away. One that was set over TLS goes over nothing else. */
export const setCookie = (name: keyof typeof KEPT_S, value: string | null, secure: boolean): string =>
  stringifySetCookie({
    name,
    value: value ?? '',
    path: '/',
    httpOnly: true,
    sameSite: 'lax',
    secure,
    maxAge: value === null ? 0 : KEPT_S[name],
  })

/** A cookie of a request; null where it has none of this name. */
export const cookieOf = (header: string | null | undefined, name: keyof typeof KEPT_S): string | null =>
  (header ? parseCookie(header)[name] : undefined) ?? null

import type { z } from 'zod'
import { homeOf } from '@/core/people'
import type { Result } from '@/core/result'
import {
  answer,
  DEVICE_COOKIE,
  type Entered,
  type From,
  fromOf,
  overTls,
  bodyOf,
  refused,
  SESSION_COOKIE,
  setCookie,
} from '@/server'

/** The answer to somebody who has come in: their cookies, and where their work begins. */
function entered({ session, device, role }: Entered, secure: boolean): Response {
  const headers = new Headers({ 'content-type': 'application/json', 'cache-control': 'no-store' })
  headers.append('set-cookie', setCookie(SESSION_COOKIE, session, secure))
  if (device !== null) headers.append('set-cookie', setCookie(DEVICE_COOKIE, device, secure))
  return new Response(JSON.stringify({ home: homeOf(role) }), { headers })
}

/** A route by which somebody comes in, by whatever they show. */
export const wayIn =
  <T extends { readonly label: string }>(
    schema: z.ZodType<T>,
    enter: (shown: T, from: From) => Promise<Result<Entered>>,
  ) =>
  (request: Request): Promise<Response> =>
    answer(request, async () => {
      const shown = await bodyOf(request, schema)
      if (!shown.ok) return shown.response
      const result = await enter(shown.value, fromOf(request.headers, shown.value.label))
      return result.ok ? entered(result.value, overTls(request.headers)) : refused(result.issues)
    })

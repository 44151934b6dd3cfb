import type { z } from 'zod'
import { homeOf } from '@/core/people'
import { issuesOf, type Result } from '@/core/result'
import {
  answer,
  DEVICE_COOKIE,
  type Entered,
  type From,
  fromOf,
  overTls,
  readBody,
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
      const read = await readBody(request)
      if (!read.ok) return read.response
      const shown = schema.safeParse(read.value)
      if (!shown.success) return refused(issuesOf(shown.error))
      const result = await enter(shown.data, fromOf(request.headers, shown.data.label))
      return result.ok ? entered(result.value, overTls(request.headers)) : refused(result.issues)
    })

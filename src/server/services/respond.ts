import 'server-only'
import { issue, type Issue } from '@/core/result'
import { MAX_FILE_CHARS } from '@/core/files'
import { isAway } from '../db/client'
import type { SaveResult } from './jobService'

/** Body of every refused request: coded issues, worded in the interface. */
interface Refusal {
  readonly error: 'refused' | 'gone' | 'conflict' | 'database-away' | 'fault'
  readonly issues?: readonly Issue[]
  readonly current?: unknown
}

const reply = (status: number, body: Refusal): Response => Response.json(body, { status })

/** Answers a request, turning "the database is away" into 503 and any fault into 500 without its stack. */
export async function answer(work: () => Promise<Response>): Promise<Response> {
  try {
    return await work()
  } catch (error) {
    if (isAway(error)) return reply(503, { error: 'database-away' })
    console.error('request failed:', error instanceof Error ? error.message : error)
    return reply(500, { error: 'fault' })
  }
}

/** Reads a request's JSON with a limit on its size, or gives the refusal to send back. */
export async function readBody(
  request: Request,
): Promise<{ ok: true; value: unknown } | { ok: false; response: Response }> {
  const refuse = (issue: Issue) => ({ ok: false as const, response: reply(400, { error: 'refused', issues: [issue] }) })
  if (Number(request.headers.get('content-length') ?? 0) > MAX_FILE_CHARS * 2) return refuse(issue('file-too-large'))
  const text = await request.text()
  if (text.length > MAX_FILE_CHARS * 2) return refuse(issue('file-too-large'))
  try {
    return { ok: true, value: JSON.parse(text) }
  } catch {
    return refuse(issue('not-json'))
  }
}

/** Turns what a service did into a response. */
export function fromSave(saveResult: SaveResult): Response {
  switch (saveResult.kind) {
    case 'saved':
      return Response.json(saveResult.job)
    case 'conflict':
      return reply(409, { error: 'conflict', current: saveResult.current })
    case 'refused':
      return reply(422, { error: 'refused', issues: saveResult.issues })
    case 'gone':
      return reply(404, { error: 'gone' })
  }
}

/** Refuses a request with coded issues. */
export const refused = (issues: readonly Issue[]): Response => reply(422, { error: 'refused', issues })

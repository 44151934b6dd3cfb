import 'server-only'
import type { z } from 'zod'
import { PHOTO_MOST_BYTES } from '@/core/field'
import { type Issue, issuesOf, type Result } from '@/core/result'
import { type DbFault, dbFault } from '../db/faults'
import { UnreadableJob } from '../repositories/jobs'
import type { SaveResult } from '../services/jobService'
import { readBinary, readBody as readBytes } from './body'
import { faultFacts, log } from './log'
import { roomToWrite } from './room'

/** Body of every request that was not done: coded issues, worded in the interface. */
interface Refusal {
  readonly error:
    'refused' | 'gone' | 'conflict' | 'unreadable' | 'busy' | 'database-away' | 'disk-full' | 'read-only' | 'fault'
  readonly issues?: readonly Issue[]
  readonly current?: unknown
  /** How the log calls this request, for somebody who asks for help. */
  readonly request?: string
}

const reply = (status: number, body: Refusal, headers: Readonly<Record<string, string>> = {}): Response =>
  Response.json(body, { status, headers })

/** When to come again, seconds. */
const SOON = { 'retry-after': '1' }
const LATER = { 'retry-after': '5' }
const TROUBLE: Readonly<Record<DbFault, () => Response>> = {
  busy: () => reply(503, { error: 'busy' }, SOON),
  away: () => reply(503, { error: 'database-away' }, LATER),
  full: () => reply(507, { error: 'disk-full' }, LATER),
  'read-only': () => reply(507, { error: 'read-only' }, LATER),
}
/** The answer of a server that has no room for more work now. */
export const tooBusy = (): Response => TROUBLE.busy()

/** Requests at work in this process at once; more are told to come again. */
const MOST_AT_WORK = 400
let atWork = 0

const READS = ['GET', 'HEAD']

async function guarded(request: Request, work: () => Promise<Response>): Promise<Response> {
  try {
    if (!READS.includes(request.method) && !(await roomToWrite())) return TROUBLE.full()
    return await work()
  } catch (error) {
    if (error instanceof UnreadableJob) return reply(422, { error: 'unreadable', issues: error.issues })
    const fault = dbFault(error)
    if (fault) return TROUBLE[fault]()
    const id = request.headers.get('x-request-id') ?? undefined
    log().error({ request: id, ...faultFacts(error) }, 'request failed')
    return reply(500, { error: 'fault', request: id })
  }
}

/**
 * Answers a request: overload, a database that is away, a full disk and a document that does not read are each said as
 * what they are, and a fault of ours without its stack. What writes is refused before it begins where there is no room.
 */
export async function answer(request: Request, work: () => Promise<Response>): Promise<Response> {
  if (atWork >= MOST_AT_WORK) return tooBusy()
  atWork++
  try {
    return await guarded(request, work)
  } finally {
    atWork--
  }
}

/** Reads a request's JSON with a limit on its size, or gives the refusal to send back. */
async function readBody(request: Request): Promise<{ ok: true; value: unknown } | { ok: false; response: Response }> {
  const read = await readBytes(request)
  if (read.ok) return read
  return { ok: false, response: reply(read.status, { error: 'refused', issues: read.issues }) }
}

/** Reads a picture, or gives the refusal to send back. */
export async function bytesOf(
  request: Request,
): Promise<{ ok: true; value: Buffer } | { ok: false; response: Response }> {
  const read = await readBinary(request, 'image/jpeg', PHOTO_MOST_BYTES)
  if (read.ok) return read
  return { ok: false, response: reply(read.status, { error: 'refused', issues: read.issues }) }
}

/** Reads a request's JSON in the form that is asked for, or gives the refusal to send back. */
export async function bodyOf<T>(
  request: Request,
  schema: z.ZodType<T>,
): Promise<{ ok: true; value: T } | { ok: false; response: Response }> {
  const read = await readBody(request)
  if (!read.ok) return read
  const parsed = schema.safeParse(read.value)
  return parsed.success ? { ok: true, value: parsed.data } : { ok: false, response: refused(issuesOf(parsed.error)) }
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

/** Turns what was done, or why it was not, into a response. */
export const fromResult = (result: Result<unknown>): Response =>
  result.ok ? Response.json({ ok: true }) : refused(result.issues)

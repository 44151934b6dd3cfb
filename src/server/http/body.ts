import { MAX_FILE_CHARS } from '@/core/files'
import { issue, type Issue, wellFormed } from '@/core/result'

/** Longest body that is read, bytes. */
const MOST_BYTES = MAX_FILE_CHARS * 2

type Read<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly status: number; readonly issues: readonly Issue[] }

const refuse = (status: number, problem: Issue): Read<never> => ({ ok: false, status, issues: [problem] })

/** The bytes of a body, or null where there are more than are read; whatever it says of its length, no more are taken in. */
async function takeBytes(request: Request, most: number): Promise<Buffer | null> {
  if (Number(request.headers.get('content-length') ?? 0) > most) return null
  const parts: Uint8Array[] = []
  let bytes = 0
  const reader = request.body?.getReader()
  for (;;) {
    const part = await reader?.read()
    if (!part || part.done) return Buffer.concat(parts)
    bytes += part.value.byteLength
    if (bytes > most) {
      await reader?.cancel().catch(() => undefined)
      return null
    }
    parts.push(part.value)
  }
}

/** Half a character, written as JSON writes it: only such a body has texts that are not well formed. */
const HALF = /\\u[dD][89a-fA-F]/

/** JSON with its texts made well formed: what was cut inside an emoji would not be stored as it was sent. */
const readJson = (text: string): unknown =>
  HALF.test(text)
    ? JSON.parse(text, (_, value: unknown) => (typeof value === 'string' ? wellFormed(value) : value))
    : JSON.parse(text)

/** Reads a request's JSON with a limit on its size, or says what is wrong with it. */
export async function readBody(request: Request): Promise<Read<unknown>> {
  const type = request.headers.get('content-type')?.split(';')[0].trim().toLowerCase()
  if (type !== 'application/json') return refuse(415, issue('not-json'))
  const bytes = await takeBytes(request, MOST_BYTES)
  if (!bytes) return refuse(413, issue('file-too-large', [], { maximum: MOST_BYTES }))
  try {
    return { ok: true, value: readJson(bytes.toString('utf8')) }
  } catch {
    return refuse(400, issue('not-json'))
  }
}

/** Reads a request's bytes of one type, of so many at most, or says what is wrong with them. */
export async function readBinary(request: Request, type: string, most: number): Promise<Read<Buffer>> {
  if (request.headers.get('content-type') !== type) return refuse(415, issue('not-a-picture'))
  const bytes = await takeBytes(request, most)
  return bytes ? { ok: true, value: bytes } : refuse(413, issue('file-too-large', [], { maximum: most }))
}

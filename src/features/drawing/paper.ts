import type { Issue } from '@/core/result'

/** What came of a paper that the server was asked for. */
export type Paper =
  | { readonly kind: 'made'; readonly pdf: Blob }
  | { readonly kind: 'refused'; readonly issues: readonly Issue[] }
  | { readonly kind: 'busy' | 'away' }
  | { readonly kind: 'cancelled' }

interface Word {
  readonly drawn?: number
  readonly pdf?: string
  readonly status?: number
  readonly issues?: readonly Issue[]
}

/** The lines of an answer as they come. */
async function* wordsOf(response: Response): AsyncGenerator<Word> {
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader()
  let rest = ''
  for (;;) {
    const part = await reader?.read()
    const lines = (rest + (part?.value ?? '')).split('\n')
    rest = lines.pop() ?? ''
    for (const line of lines) if (line !== '') yield JSON.parse(line) as Word
    if (!part || part.done) return
  }
}

const bytesOf = (base64: string): Uint8Array<ArrayBuffer> => Uint8Array.from(atob(base64), (c) => c.charCodeAt(0))

const ended = ({ status, issues }: Word): Paper => {
  if (status === 422 || status === 400 || status === 413) return { kind: 'refused', issues: issues ?? [] }
  return { kind: status === 503 || status === 429 ? 'busy' : 'away' }
}

/** Asks the server for a paper and tells how much of it is drawn, 0 to 1; leaving gives the server its thread back. */
export async function paper(
  url: string,
  body: object,
  { signal, drawn }: { readonly signal: AbortSignal; readonly drawn: (share: number) => void },
): Promise<Paper> {
  try {
    const headers = { 'content-type': 'application/json', accept: 'application/x-ndjson' }
    const response = await fetch(url, { method: 'POST', headers, body: JSON.stringify(body), signal })
    if (!response.ok) return ended({ status: response.status, ...((await response.json().catch(() => ({}))) as Word) })
    for await (const word of wordsOf(response)) {
      if (word.drawn !== undefined) drawn(word.drawn)
      else if (word.pdf !== undefined) return { kind: 'made', pdf: new Blob([bytesOf(word.pdf)]) }
      else return ended(word)
    }
    return { kind: 'away' }
  } catch {
    return { kind: signal.aborted ? 'cancelled' : 'away' }
  }
}

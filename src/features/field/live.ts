import type { Stored } from '@/core/field'

/** What is new of a job since a place of the cursor; no records where they are too many to tell. */
export interface News {
  readonly after: number
  readonly last: number
  readonly revision: number
  readonly records: readonly (Stored & { readonly seq: number })[] | null
}

/**
 * News of a job as it comes: server-sent events while the page is looked at. The cursor is the truth: whoever stands at
 * another place than the news, or has no stream, asks by it.
 */
export interface Live {
  /** Whether news comes by itself now. */
  readonly on: () => boolean
  readonly stop: () => void
}

/** Listens for a job's news. A hidden page lets go: a browser keeps only a few connections to one server. */
export function listen(jobId: string, tell: (news: News | null) => void): Live {
  if (typeof EventSource === 'undefined') return { on: () => false, stop: () => undefined }
  let source: EventSource | null = null
  let open = false
  const close = () => {
    source?.close()
    source = null
    open = false
  }
  const start = () => {
    if (source || document.visibilityState === 'hidden') return
    source = new EventSource(`/api/jobs/${encodeURIComponent(jobId)}/events`)
    source.addEventListener('open', () => {
      open = true
      // What came between the last question and this stream is nobody's news.
      tell(null)
    })
    source.addEventListener('error', () => {
      open = false
      // A server that refuses the stream closes it for good; the page asks by itself, at once and from now on.
      if (source?.readyState !== EventSource.CLOSED) return
      close()
      tell(null)
    })
    source.addEventListener('news', ({ data }: MessageEvent<string>) => tell(JSON.parse(data) as News))
  }
  const seen = () => {
    if (document.visibilityState === 'hidden') close()
    else start()
  }
  document.addEventListener('visibilitychange', seen)
  // A page that a browser puts aside keeps no connection either.
  addEventListener('pagehide', close)
  addEventListener('pageshow', seen)
  start()
  return {
    on: () => open,
    stop: () => {
      document.removeEventListener('visibilitychange', seen)
      removeEventListener('pagehide', close)
      removeEventListener('pageshow', seen)
      close()
    },
  }
}

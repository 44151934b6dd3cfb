/**
 * News of a job as it comes: server-sent events while the page is looked at. They only say that there is something new;
 * what it is comes by the cursor, which is also how a page without events asks.
 */
export interface Live {
  /** Whether news comes by itself now. */
  readonly on: () => boolean
  readonly stop: () => void
}

/** Listens for a job's news. A hidden page lets go: a browser keeps only a few connections to one server. */
export function listen(jobId: string, news: () => void): Live {
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
    })
    source.addEventListener('error', () => {
      open = false
      // A server that refuses the stream closes it for good; the page goes on asking by itself.
      if (source?.readyState === EventSource.CLOSED) close()
    })
    source.addEventListener('news', news)
  }
  const seen = () => {
    if (document.visibilityState === 'hidden') close()
    else {
      start()
      news()
    }
  }
  document.addEventListener('visibilitychange', seen)
  start()
  return {
    on: () => open,
    stop: () => {
      document.removeEventListener('visibilitychange', seen)
      close()
    },
  }
}

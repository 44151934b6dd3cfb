import { createServer } from 'node:http'
import { collectDefaultMetrics, Counter, Gauge, Histogram, register } from 'prom-client'
import { papersNow } from '../heavy/pool'
import { log } from '../http/log'

const BUCKETS_S = [0.005, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10, 30]

/** Kinds of addresses, not addresses: a metric of each job would be one of each job. */
export function kindOf(url: string): string {
  const parts = url.split('?')[0].split('/').filter(Boolean)
  if (parts[0] === '_next') return 'build'
  const known = parts.slice(0, 5).map((part, i) => (i > 0 && !/^[a-z-]{2,16}$/.test(part) ? ':id' : part))
  return `/${known.join('/')}`
}

/** The figures of one process in the Prometheus text format, on a loopback port of their own. */
export function metrics(port: number | null) {
  if (port === null) return { seen: () => undefined }
  collectDefaultMetrics()
  const seconds = new Histogram({
    name: 'burdock_request_seconds',
    help: 'Time of requests',
    labelNames: ['method', 'kind', 'status'],
    buckets: BUCKETS_S,
  })
  const refused = new Counter({
    name: 'burdock_turned_away_total',
    help: 'Requests turned away unread',
    labelNames: ['why'],
  })
  new Gauge({
    name: 'burdock_papers_waiting',
    help: 'Papers that wait for a thread',
    collect() {
      this.set(papersNow().waiting)
    },
  })
  createServer((_, response) => {
    void register.metrics().then((text) => response.setHeader('content-type', register.contentType).end(text))
  })
    .on('error', (error: NodeJS.ErrnoException) => log().warn({ port, code: error.code }, 'no metrics'))
    .listen(port, '127.0.0.1')
  return {
    seen: (
      method: string,
      url: string,
      { status, tookS, why }: { status: number; tookS: number; why: string | null },
    ) => {
      seconds.observe({ method, kind: why === null ? kindOf(url) : 'turned away', status: String(status) }, tookS)
      if (why !== null) refused.inc({ why })
    },
  }
}

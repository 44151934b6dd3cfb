import { request as ask } from 'node:http'
import { JSON_TYPE, line, seconds, wait } from './common.mjs'

const PATHS = [
  '/',
  '/api/jobs',
  '/api/jobs/x',
  '/api/jobs/x/records',
  '/api/jobs/x/history/1',
  '/api/restore',
  '/pocket',
  '/field/x',
]
const MORE = [
  '/api/crew-book',
  '/api/pole-strips',
  '/api/jobs/%00',
  '/api/jobs/..%2f..%2fetc',
  '/_next/static/../../x',
  '/%',
]
const BODIES = [
  '',
  '{',
  'null',
  '[]',
  '7',
  '"\\ud83d"',
  '{"name":""}',
  `{"name":"${'x'.repeat(5000)}"}`,
  '{"import":{"format":"burdock-job","version":1e308}}',
  '{"import":{"format":"burdock-job","version":10,"building":{"posts":[null]}}}',
  '{"after":-1,"records":[]}',
  '{"after":0,"records":[null,7,{"id":"\\u0000"},{"id":"a","at":"x"}]}',
  '{"after":9007199254740993,"records":{}}',
  '{"__proto__":{"x":1},"constructor":{"prototype":{}}}',
  '{"doc":{"format":"burdock-job"},"date":"","revision":"","records":[]}',
  '['.repeat(2000),
]
const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS', 'PROPFIND']
const HEADERS = [
  {},
  { 'content-type': 'text/plain' },
  { 'content-type': 'application/json; charset=utf-16' },
  { origin: 'https://evil.test' },
  { host: 'evil.test' },
  { 'content-length': '99999999999' },
  { 'accept-encoding': 'x'.repeat(3000) },
  { cookie: 'a='.repeat(1000) },
  { 'x-forwarded-host': 'evil.test', 'x-middleware-subrequest': 'proxy' },
  { range: 'bytes=0-,0-,0-' },
  { rsc: '1', 'next-router-state-tree': '%7B' },
]
const pick = (list, seed) => list[seed % list.length]

/** Whether a server answers that it can work, within two seconds. */
async function ready(site) {
  for (let i = 0; i < 20; i++) {
    const reply = await fetch(`${site.servers()[0].base}/api/ready`).catch(() => null)
    if (reply?.ok) return true
    if (reply) console.log(`          ready: ${reply.status} ${await reply.text()}`)
    await wait(100)
  }
  return false
}

/** Requests that nobody of good will sends: all are answered in words or let go, none is a fault of ours. */
export async function hostile(site, count = 30_000) {
  const statuses = new Map()
  const { hostname, port } = new URL(site.servers()[0].base)
  const one = (i) =>
    new Promise((resolve) => {
      const seed = Math.imul(i + 1, 2654435761) >>> 0
      const path = pick([...PATHS, ...MORE], seed >>> 3)
      const headers = { ...JSON_TYPE, ...pick(HEADERS, seed >>> 7) }
      const sent = ask(
        { hostname, port, path, method: pick(METHODS, seed >>> 12), headers, timeout: 20_000 },
        (answer) => {
          answer.resume()
          answer.on('end', () => resolve(answer.statusCode))
          answer.on('error', () => resolve('let go'))
        },
      )
      sent.on('timeout', () => sent.destroy())
      sent.on('error', () => resolve('let go'))
      sent.end(pick(BODIES, seed >>> 17))
    })
  let next = 0
  const from = performance.now()
  const worker = async () => {
    while (next < count) {
      const status = await one(next++)
      statuses.set(status, (statuses.get(status) ?? 0) + 1)
    }
  }
  await Promise.all(Array.from({ length: 48 }, worker))
  const said = [...statuses]
    .sort(([a], [b]) => String(a).localeCompare(String(b)))
    .map(([status, n]) => `${status}: ${n}`)
  const faults = [...statuses].filter(([status]) => status === 500).reduce((sum, [, n]) => sum + n, 0)
  // The balancer may hold a connection that the server has just let go: asked anew, it must answer.
  const alive = await ready(site)
  line('hostile', `${count} in ${seconds(performance.now() - from)}: ${said.join(', ')}`, {
    [`${faults} answered 500`]: faults > 0,
    'the server did not live through it': !alive,
  })
}

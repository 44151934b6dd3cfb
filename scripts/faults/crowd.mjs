import { readFileSync } from 'node:fs'
import { freshSite } from '../lib/site.mjs'
import { line, newJob, readAll, record, seconds, send, sendUntilTaken, wait } from './common.mjs'

/** 500 phones with 20 records each at one moment. */
export async function devices(site, count = 500) {
  const job = await newJob(site.base, 'Crowd')
  const from = performance.now()
  const replies = await Promise.all(
    Array.from({ length: count }, (_, d) =>
      sendUntilTaken(
        site.base,
        job,
        Array.from({ length: 20 }, (_, k) => record(`d${d}-${k}`, `device-${d}`)),
      ),
    ),
  )
  const tookMs = performance.now() - from
  const kept = await readAll(site.base, job)
  const errors = replies.filter(({ taken, refused }) => !taken || refused.length > 0).length
  const tries = replies.reduce((sum, reply) => sum + reply.tries, 0)
  line(
    'devices',
    `${count} × 20 records in ${seconds(tookMs)}, ${tries - count} tried again, ${errors} errors`,
    { errors: errors > 0, 'not all kept': kept.length !== count * 20 },
    { 'over 10 s': tookMs > 10_000 },
  )
}

/** One address that sends too much is told so, with when to come again; the others are served. */
export async function rate() {
  const site = await freshSite({ servers: 1, env: { BURDOCK_RATE: '100' } })
  try {
    const replies = await Promise.all(Array.from({ length: 300 }, () => fetch(`${site.base}/api/health`)))
    const told = replies.filter(({ status }) => status === 429)
    const when = told.filter(({ headers }) => Number(headers.get('retry-after')) > 0).length
    line('rate', `300 at a limit of 100: ${told.length} told to wait, ${when} of them told how long`, {
      'nobody was told': told.length < 150,
      'not told how long': when !== told.length,
    })
  } finally {
    await site.stop()
  }
}

/** Health and readiness while five books are made at once. */
export async function books(site) {
  const { building, ...rest } = JSON.parse(readFileSync('scripts/bench/barn-60x200.json', 'utf8'))
  const large = {
    ...rest,
    building: { ...building, openings: [], lengthIn: 96 * 60, bays: { mode: 'count', count: 60 } },
  }
  const page = `${site.base}/field/x`
  const stamp = { doc: large, date: 'd', revision: 'r' }
  const making = Array.from({ length: 5 }, async () => {
    const from = performance.now()
    const reply = await send(`${site.servers()[0].base}/api/field-sheets`, 'POST', {
      ...stamp,
      records: [],
      page,
      perSheet: 2,
    })
    await reply.arrayBuffer()
    return { status: reply.status, tookMs: performance.now() - from }
  })
  let done = false
  const all = Promise.all(making).finally(() => (done = true))
  const times = []
  while (!done) {
    const from = performance.now()
    await fetch(`${site.servers()[0].base}/api/health`)
    times.push(performance.now() - from)
    await wait(20)
  }
  const made = await all
  const worst = Math.max(...times)
  const p99 = times.sort((a, b) => a - b)[Math.floor(times.length * 0.99)]
  const health = `99 % in ${p99.toFixed(0)} ms, worst ${worst.toFixed(0)} ms`
  const last = Math.max(...made.map(({ tookMs }) => tookMs))
  line(
    'books',
    `5 × the sheets of 60 bays in ${seconds(last)}; health asked ${times.length} times: ${health}`,
    { 'a book was not made': made.some(({ status }) => status !== 200) },
    { 'health over 100 ms': p99 > 100 },
  )
}

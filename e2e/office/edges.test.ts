import { request as ask } from 'node:http'
import { connect } from 'node:net'
import { openBrowser } from '../../scripts/lib/browser.mjs'
import { BASE, desk } from '../testing/desk'
import { call, demoDoc, newJob, note } from '../testing/office'

// What stands at the door: who may ask, what may come in, and what is said to the rest. The servers are asked without
// the balancer before them where a socket matters.
const { hostname, port } = new URL(BASE)
const DOCUMENT = 'a note that no log may hold'

/** A request as it is written, without a browser's or fetch's own manners. */
const raw = (options: {
  readonly method?: string
  readonly path?: string
  readonly headers?: Record<string, string>
  readonly body?: string
}): Promise<{ status: number; headers: Record<string, unknown>; text: string }> =>
  new Promise((resolve, reject) => {
    const { method = 'GET', path = '/', headers = {}, body } = options
    const sent = ask({ host: hostname, port, method, path, headers }, (answer) => {
      let text = ''
      answer.on('data', (part) => (text += part))
      answer.on('end', () => resolve({ status: answer.statusCode ?? 0, headers: answer.headers, text }))
    })
    sent.on('error', reject)
    sent.end(body)
  })
const json = { 'content-type': 'application/json' }

describe('who may ask', () => {
  test.each([
    ['another host', { host: 'evil.test' }, 421],
    ['our own', {}, 200],
  ])('a page under %s', async (_, headers: Record<string, string>, status) =>
    expect((await raw({ headers })).status).toBe(status),
  )
  test.each([
    ['of another site', { origin: 'https://evil.test' }, 403],
    ['of a page that hides its site', { origin: 'null' }, 403],
    ['that a browser calls cross-site', { 'sec-fetch-site': 'cross-site' }, 403],
    ['of our own page', { origin: BASE }, 200],
    ['of a program', {}, 200],
  ])('a write %s', async (_, headers: Record<string, string>, status) => {
    const body = JSON.stringify({ name: 'From the door' })
    expect((await raw({ method: 'POST', path: '/api/jobs', headers: { ...json, ...headers }, body })).status).toBe(
      status,
    )
  })
  test.each(['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data', ''])(
    'a body of type “%s” is not read: a form of another site could send it',
    async (type) => {
      const headers: Record<string, string> = type ? { 'content-type': type } : {}
      const sent = await raw({ method: 'POST', path: '/api/jobs', headers, body: '{"name":"x"}' })
      expect(sent.status).toBe(415)
    },
  )
})

test('every answer forbids what a browser must not do with it, and each page has a nonce of its own', async () => {
  const [one, other, data] = [await raw({}), await raw({}), await raw({ path: '/api/jobs' })]
  for (const { headers } of [one, data, await raw({ path: '/no/such/page' })])
    expect(headers).toMatchObject({
      'x-content-type-options': 'nosniff',
      'referrer-policy': 'no-referrer',
      'permissions-policy': expect.stringContaining('geolocation=()'),
      'content-security-policy': expect.stringContaining("frame-ancestors 'none'"),
      'x-request-id': expect.stringMatching(/^[\w-]{12}$/),
    })
  const nonceOf = ({ headers }: typeof one) => /'nonce-([^']+)'/.exec(String(headers['content-security-policy']))?.[1]
  expect(nonceOf(one)).not.toBe(nonceOf(other))
  expect(one.text).toContain(`nonce="${nonceOf(one)}"`)
  expect(String(one.headers['content-security-policy'])).not.toMatch(/script-src[^;]*'unsafe-(inline|eval)'/)
  expect(one.headers['x-powered-by']).toBeUndefined()
})

describe('addresses that lead nowhere are pages of ours', () => {
  test.each([
    ['/no/such/page', 404, 'There is no such page'],
    ['/jobs/no-such-job/and/more', 404, 'There is no such page'],
    ['/%E0%A4%A', 400, 'No such address'],
  ])('%s', async (path, status, words) => {
    const { status: got, text } = await raw({ path })
    expect([got, text]).toEqual([status, expect.stringContaining(words)])
  })
  test('one of the interface for programs answers in JSON', async () => {
    const { status, text } = await raw({ path: '/api/no/such' })
    expect([status, JSON.parse(text)]).toEqual([404, { error: 'gone' }])
  })
})

describe('what comes in', () => {
  test('a body that never says how long it is stops at the limit', async () => {
    const MB = 1_000_000
    const { status, taken } = await new Promise<{ status: number; taken: number }>((resolve, reject) => {
      let taken = 0
      const headers = { ...json, 'transfer-encoding': 'chunked' }
      const sent = ask({ host: hostname, port, method: 'POST', path: '/api/jobs', headers }, (answer) => {
        clearInterval(more)
        answer.resume()
        resolve({ status: answer.statusCode ?? 0, taken })
      })
      sent.on('error', reject)
      const more = setInterval(() => {
        taken += MB
        sent.write('x'.repeat(MB))
      }, 2)
    })
    expect(status).toBe(413)
    expect(taken).toBeLessThan(100 * MB)
  }, 30_000)
  test('a sender that says nothing more is let go, and others are served meanwhile', async () => {
    const socket = connect(Number(process.env.BURDOCK_SERVER_PORT), '127.0.0.1')
    const began = performance.now()
    socket.write(`POST /api/jobs HTTP/1.1\r\nhost: ${hostname}:${process.env.BURDOCK_SERVER_PORT}\r\nconte`)
    const closed = new Promise<number>((resolve) => {
      socket.on('close', () => resolve(performance.now() - began))
      socket.on('error', () => undefined)
      socket.resume()
    })
    expect((await raw({ path: '/api/health' })).status).toBe(200)
    expect(await closed).toBeLessThan(45_000)
  }, 60_000)
  test.each([
    ['not JSON', '{', 400],
    ['the wrong shape', '[]', 422],
    ['a name that is no text', '{"name":7}', 422],
    ['a job that is none', '{"import":{"format":"burdock-job","version":999}}', 422],
    ['a name of a prototype', '{"__proto__":{"name":"x"}}', 422],
  ])('%s is refused in words, never a fault', async (_, body, status) => {
    const sent = await raw({ method: 'POST', path: '/api/jobs', headers: json, body })
    expect([sent.status, JSON.parse(sent.text)]).toMatchObject([status, { error: 'refused' }])
  })
})

test('the log has a line for each request, with no document, no name and no SQL in it', async () => {
  const { readFileSync } = await import('node:fs')
  const id = await newJob('A name that no log may hold', { ...demoDoc('marl-road'), note: DOCUMENT })
  await call(`/api/jobs/${id}/records`, 'POST', { after: 0, records: [note('logged')] })
  const answered = await call(`/api/jobs/${id}`)
  const request = answered.headers.get('x-request-id')
  let lines: string[] = []
  for (let i = 0; i < 40 && !lines.some((line) => line.includes(String(request))); i++) {
    await new Promise((resolve) => setTimeout(resolve, 50))
    lines = readFileSync(String(process.env.BURDOCK_LOGFILE), 'utf8').trim().split('\n')
  }
  const own = lines
    .filter((line) => line.startsWith('{'))
    .map((line) => JSON.parse(line) as { request?: string })
    .find((line) => line.request === request)
  expect(own).toMatchObject({ method: 'GET', path: `/api/jobs/${id}`, status: 200 })
  const all = lines.join('\n')
  for (const secret of [DOCUMENT, 'A name that no log may hold', 'select ', 'insert ', 'update '])
    expect(all.toLowerCase()).not.toContain(secret.toLowerCase())
})

test('a page of another site in a browser can neither write here nor frame us', async () => {
  const { createServer } = await import('node:http')
  const evil = createServer((_, response) => {
    response.setHeader('content-type', 'text/html')
    response.end(`<iframe id=f src="${BASE}/"></iframe><form id=g method=post action="${BASE}/api/jobs" enctype="text/plain">
      <input name='{"name":"forged","x":"' value='"}'></form>`)
  })
  await new Promise<void>((resolve) => evil.listen(0, '127.0.0.1', resolve))
  const address = evil.address()
  const before = ((await (await call('/api/jobs')).json()) as unknown[]).length
  const browser = await openBrowser()
  const at = desk(browser.driver, browser.downloads)
  try {
    await browser.driver.get(`http://127.0.0.1:${typeof address === 'object' ? address?.port : 0}/`)
    const sent = await browser.driver.executeAsyncScript<string>(
      `const done = arguments[arguments.length - 1];
       fetch('${BASE}/api/jobs', { method: 'POST', mode: 'no-cors', body: '{"name":"forged"}' }).then((r) => done(r.type), () => done('refused'))`,
    )
    expect(['opaque', 'refused']).toContain(sent)
    await browser.driver.executeScript('document.getElementById("g").submit()')
    await at.waitText('body', /"error":"refused"/)
    expect(((await (await call('/api/jobs')).json()) as unknown[]).length).toBe(before)
  } finally {
    await browser.driver.quit()
    evil.close()
  }
})

describe('watching', () => {
  test('alive asks nobody; ready says what is there', async () => {
    expect(await (await call('/api/health')).json()).toEqual({ ok: true })
    expect(await (await call('/api/ready')).json()).toEqual({ ready: true, database: 'here', room: true })
  })
  test('figures in the Prometheus format, on a port that is not the public one, by kinds of addresses', async () => {
    const id = await newJob('Counted')
    for (let i = 0; i < 4; i++) await call(`/api/jobs/${id}`)
    await raw({ headers: { host: 'evil.test' } })
    await raw({ headers: { host: 'evil.test' } })
    const reply = await fetch(String(process.env.BURDOCK_METRICS))
    const text = await reply.text()
    expect(reply.headers.get('content-type')).toContain('text/plain')
    expect(text).toMatch(/burdock_request_seconds_count\{method="GET",kind="\/api\/jobs\/:id",status="200"\} [1-9]/)
    expect(text).toMatch(/burdock_turned_away_total\{why="host"\} [1-9]/)
    expect(text).toContain('process_resident_memory_bytes')
    expect(text).not.toContain(id)
    expect((await raw({ path: '/metrics' })).status).toBe(404)
  })
})

describe('papers', () => {
  const large = {
    doc: demoDoc('quillback-hill'),
    date: 'd',
    revision: 'r',
    records: [],
    page: `${BASE}/field/x`,
  }
  test('told as they are made, the paper in the last word', async () => {
    const headers = { ...json, accept: 'application/x-ndjson' }
    const reply = await fetch(`${BASE}/api/field-sheets`, { method: 'POST', headers, body: JSON.stringify(large) })
    const words = (await reply.text())
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as { drawn?: number; pdf?: string })
    const shares = words.flatMap(({ drawn }) => (drawn === undefined ? [] : [drawn]))
    expect(shares[0]).toBe(0)
    expect([...shares].sort((one, other) => one - other)).toEqual(shares)
    expect(
      Buffer.from(words.at(-1)?.pdf ?? '', 'base64')
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-')
  })
  test('one that nobody waits for gives its thread back at once', async () => {
    const began = performance.now()
    const leaving = Array.from({ length: 12 }, async () => {
      const leave = new AbortController()
      setTimeout(() => leave.abort(), 150)
      const { signal } = leave
      await fetch(`${BASE}/api/field-sheets`, {
        method: 'POST',
        headers: json,
        body: JSON.stringify(large),
        signal,
      }).catch(() => undefined)
    })
    await Promise.all(leaving)
    const { doc } = large
    const strip = await call('/api/pole-strips', 'POST', {
      doc,
      date: 'Nov 25, 2026',
      revision: 'revision 1',
      post: 'building',
    })
    expect(strip.status).toBe(200)
    // Twelve at about a second each would keep the two threads for six.
    expect(performance.now() - began).toBeLessThan(4500)
  })
  test('a document that is none is refused in words', async () => {
    const reply = await call('/api/crew-book', 'POST', { doc: { format: 'x' }, date: 'd', revision: 'r' })
    expect([reply.status, await reply.json()]).toMatchObject([
      422,
      { error: 'refused', issues: [{ code: 'wrong-format' }] },
    ])
  })
})

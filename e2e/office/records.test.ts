import knex, { type Knex } from 'knex'
import { type FieldRecord, postsOf, type PostState, setUpOf, type RecordBody } from '@/core/field'
import { BASE } from '../testing/desk'
import { call, demoDoc, newJob, note, readAfter, sendRecords, type Told } from '../testing/office'

// What the office says it has, it has: each record is stored or turned away by itself, and whoever reads by the cursor
// misses none, however many write at once, on two servers.
let job = ''
let db: Knex
const hole = (text: string): RecordBody => ({
  kind: 'hole',
  post: 'A1',
  depthIn: 60,
  setup: null,
  bottomReadingIn: null,
  found: 'rock',
  note: text,
})
const idsOf = (records: Told['records']) => records.map(({ record }) => record.id)
const codesOf = (told: Told) => told.refused.map(({ id, issues }) => [id, issues[0].code])

beforeAll(async () => {
  job = await newJob('Records')
  db = knex({ client: 'mysql2', connection: { uri: process.env.BURDOCK_DATABASE, timezone: 'Z' } })
})
afterAll(async () => {
  await db?.destroy()
})

describe('each record by itself', () => {
  test('a text cut inside an emoji is stored, made well formed', async () => {
    const cut = `ledge \u{1F528}`.slice(0, -1)
    const told = await sendRecords(job, [note('cut-1', hole(cut))])
    expect(told.refused).toEqual([])
    const [kept] = (await readAfter(job, 0)).filter(({ record }) => record.id === 'cut-1')
    expect(kept.record.body).toMatchObject({ note: 'ledge \uFFFD' })
  })
  test('ids that differ only in the case of a letter are two', async () => {
    const told = await sendRecords(job, [note('caseA'), note('casea')])
    expect(told.refused).toEqual([])
    expect(idsOf(await readAfter(job, 0))).toEqual(expect.arrayContaining(['caseA', 'casea']))
  })
  test('what does not read is turned away with its place, and holds up nobody', async () => {
    const told = await sendRecords(job, [
      note('fine-1'),
      { ...note('odd-1'), body: { kind: 'dance' } },
      'no record at all',
      note('odd-2', { kind: 'state', post: 'Z99', state: 'set' }),
      note('fine-2'),
    ])
    expect(codesOf(told)).toEqual([
      ['odd-1', 'not-a-choice'],
      ['', 'wrong-type'],
      ['odd-2', 'no-such-post'],
    ])
    const ids = idsOf(await readAfter(job, 0))
    expect(ids).toEqual(expect.arrayContaining(['fine-1', 'fine-2']))
    expect(ids).not.toContain('odd-2')
  })
  test('sent twice it counts once; another under its id is turned away, not lost in silence', async () => {
    await sendRecords(job, [note('twice')])
    expect((await sendRecords(job, [note('twice')])).refused).toEqual([])
    expect(codesOf(await sendRecords(job, [note('twice', hole('another'), 'phone-2')]))).toEqual([
      ['twice', 'id-taken'],
    ])
    expect(codesOf(await sendRecords(job, [note('pair'), note('pair', hole(''), 'phone-2')]))).toEqual([
      ['pair', 'id-taken'],
    ])
    expect(idsOf(await readAfter(job, 0)).filter((id) => id === 'twice')).toHaveLength(1)
  })
  test('a clock of another century is turned away: it would put every later record behind it', async () => {
    const told = await sendRecords(job, [{ ...note('far'), clock: '004102444800000-0000' }])
    expect(codesOf(told)).toEqual([['far', 'clock-far']])
  })
  test('post and set-up in the envelope are those of the body', async () => {
    const bodies: RecordBody[] = [
      { kind: 'setup', setup: 's1', place: '', benchmarkIn: 48 },
      { kind: 'check', setup: 's1', benchmarkIn: 48 },
      { kind: 'reading', setup: 's1', target: 'A1', of: 'foot', inches: 53 },
      { kind: 'reading', setup: 's1', target: 'spot-3', of: 'ground', inches: 53 },
      { kind: 'cut', post: 'A1', lengthIn: 120 },
      { kind: 'gap', from: 'A1', to: 'A2', gapIn: 100 },
      { kind: 'void', record: 'twice' },
      { ...hole('a “quoted” note: \\ 100%'), setup: 's1' } as RecordBody,
    ]
    await sendRecords(
      job,
      bodies.map((body, i) => note(`kind-${i}`, body)),
    )
    const rows = await db('records').where({ job_id: job }).andWhere('id', 'like', 'kind-%').orderBy('seq')
    expect(rows).toHaveLength(bodies.length)
    for (const row of rows) {
      const body = (typeof row.body === 'string' ? JSON.parse(row.body) : row.body) as RecordBody
      const posts = postsOf(body)
      expect([row.kind, row.post_id, row.setup_id]).toEqual([
        body.kind,
        posts.length === 1 ? posts[0] : null,
        setUpOf(body),
      ])
    }
  })
  test('what the envelope says comes back as it was sent', async () => {
    const sent = { ...note('whole', hole('')), deviceSeq: 7, clock: '001777900000123-0042', planRevision: 3 }
    await sendRecords(job, [sent])
    const [kept] = (await readAfter(job, 0)).filter(({ record }) => record.id === 'whole')
    expect(kept.record).toMatchObject({ deviceSeq: 7, clock: '001777900000123-0042', planRevision: 3, at: sent.at })
  })
})

test('batches of 2,000 written at once, and three readers by the cursor: each hears of every record once, in order', async () => {
  const busy = await newJob('Busy')
  const WRITERS = 4
  const BATCH = 2000
  const ids = (writer: number) => Array.from({ length: BATCH }, (_, k) => `w${writer}-${k}`)
  const total = WRITERS * BATCH
  let writing = true
  const reader = async () => {
    const heard: number[] = []
    for (let after = 0; heard.length < total;) {
      const told = (await (await call(`/api/jobs/${busy}/records?after=${after}`)).json()) as Told
      heard.push(...told.records.map(({ seq }) => seq))
      after = told.last
      if (!writing && told.records.length === 0) break
    }
    return heard
  }
  const readers = [reader(), reader(), reader()]
  const writers = Array.from({ length: WRITERS }, (_, writer) =>
    sendRecords(
      busy,
      ids(writer).map((id) => note(id, undefined, `phone-${writer}`)),
    ),
  )
  const told = await Promise.all(writers)
  writing = false
  expect(told.flatMap(({ refused }) => refused)).toEqual([])
  const everyone = Array.from({ length: total }, (_, k) => k + 1)
  for (const heard of await Promise.all(readers)) expect(heard).toEqual(everyone)
  // A batch is one commit: its numbers follow one another.
  const all = await readAfter(busy, 0)
  expect(new Set(idsOf(all)).size).toBe(total)
  for (let from = 0; from < total; from += BATCH)
    expect(new Set(all.slice(from, from + BATCH).map(({ record }) => record.device)).size).toBe(1)
}, 60_000)

test('news come by themselves from whichever server took the record', async () => {
  const heard: { after: number; last: number; revision: number; records: { record: { id: string } }[] }[] = []
  const leave = new AbortController()
  const live = await newJob('Live')
  const follow = async () => {
    const response = await fetch(`${BASE}/api/jobs/${live}/events`, { signal: leave.signal })
    expect(response.headers.get('content-type')).toContain('text/event-stream')
    const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader()
    for (let text = ''; ;) {
      const part = await reader?.read()
      if (!part || part.done) return
      text += part.value
      const events = text.split('\n\n')
      text = events.pop() ?? ''
      for (const event of events)
        if (event.startsWith('event: news')) heard.push(JSON.parse(/data: (.*)/.exec(event)?.[1] ?? '{}') as never)
    }
  }
  const following = [follow(), follow()].map((each) => each.catch(() => undefined))
  const until = async (seen: () => boolean) => {
    for (let i = 0; i < 100 && !seen(); i++) await new Promise((resolve) => setTimeout(resolve, 50))
    expect(seen()).toBe(true)
  }
  await until(() => heard.length >= 2)
  await sendRecords(live, [note('news-1'), note('news-2')])
  await until(() => heard.filter(({ last }) => last === 2).length === 2)
  expect(heard.at(-1)?.records.map(({ record }) => record.id)).toEqual(['news-1', 'news-2'])
  await call(`/api/jobs/${live}`, 'PATCH', { name: 'Live, renamed' })
  await until(() => heard.filter(({ revision }) => revision === 2).length === 2)
  leave.abort()
  await Promise.all(following)
})

describe('an entry from a plan whose post has been moved since', () => {
  const doc = demoDoc('quillback-hill') as ReturnType<typeof demoDoc> & { building: { lengthIn: number } }
  const movedOf = (told: readonly unknown[], id: string) =>
    (told as { record: { id: string }; moved?: { byIn: number; revision: number } }[]).find(
      ({ record }) => record.id === id,
    )?.moved
  test('it is told with how far, to whoever asks; one from the plan of now is not', async () => {
    // Posts that the office has read are not moved without a word.
    const levels = { ...(doc.levels as object), readingsIn: {} }
    const moving = await newJob('Moving', { ...doc, levels })
    const stored = (await (await call(`/api/jobs/${moving}`)).json()) as { doc: typeof doc; revision: number }
    const plan = async () =>
      (await (await call(`/api/jobs/${moving}/plan`)).json()) as {
        plan: { derived: { posts: { id: string; name: string; x: number; y: number }[] } }
      }
    const before = (await plan()).plan.derived.posts
    const longer = { ...stored.doc, building: { ...stored.doc.building, lengthIn: stored.doc.building.lengthIn + 84 } }
    const saved = await call(`/api/jobs/${moving}`, 'PUT', { baseRevision: 1, label: 'longer', doc: longer })
    expect(saved.status).toBe(200)
    const after = (await plan()).plan.derived.posts
    const named = (posts: typeof before, name: string) => {
      const [found] = posts.filter((post) => post.name === name)
      if (!found) throw new Error(`no post ${name}`)
      return found
    }
    const [inner, corner] = [named(after, 'A4'), named(after, 'A1')]
    const [was] = before.filter(({ id }) => id === inner.id)
    const byIn = Math.hypot(inner.x - was.x, inner.y - was.y)
    expect(byIn).toBeGreaterThan(6)
    const from = (id: string, post: string, planRevision: number | null) => ({
      ...note(id, { kind: 'state', post, state: 'hole dug' }),
      planRevision,
    })
    const lines = note('lines', { kind: 'lines', reference: 'ticket', marked: '2026-05-04' })
    const told = await sendRecords(moving, [
      lines,
      from('old', inner.id, 1),
      from('now', inner.id, 2),
      from('unknown', inner.id, null),
      from('stays', corner.id, 1),
    ])
    for (const records of [told.records, await readAfter(moving, 0)]) {
      expect(movedOf(records, 'old')).toEqual({ byIn: expect.closeTo(byIn, 6), revision: 2 })
      for (const id of ['now', 'unknown', 'stays']) expect([id, movedOf(records, id)]).toEqual([id, undefined])
    }
  })
})

describe('steps out of order', () => {
  const step = (id: string, state: PostState, post = 'A1') => note(id, { kind: 'state', post, state })
  const lines = note('l', { kind: 'lines', reference: 'ticket', marked: '2026-05-04' })
  const dug = note('h', {
    kind: 'hole',
    post: 'A1',
    depthIn: 96,
    setup: null,
    bottomReadingIn: null,
    found: 'nothing',
    note: '',
  })
  const passed = note('f', {
    kind: 'sign',
    inspection: 'footing',
    posts: ['A1'],
    name: 'Juniper',
    seen: 'depth and bottom',
    passed: true,
  })
  const poured = note('p', { kind: 'pour', post: 'A1', poured: '2026-05-04T11:00:00Z', bags: 4, bagLb: 80 })
  const whyOf = ({ refused }: Told) => refused.map(({ id, issues }) => [id, issues[0].code, issues[0].facts.why])
  test.each<[string, readonly FieldRecord[], readonly (readonly unknown[])[]]>([
    ['a hole before the lines are marked', [step('s1', 'hole dug')], [['s1', 'held-step', 'lines']]],
    ['after it', [lines, step('s2', 'hole dug')], []],
    ['concrete before depth', [lines, step('s3', 'footing ready')], [['s3', 'held-step', 'depth']]],
    ['before it was looked at', [lines, dug, step('s4', 'footing ready')], [['s4', 'held-step', 'inspection']]],
    ['after that', [lines, dug, passed, step('s5', 'footing ready')], []],
    ['a post an hour after the pour', [lines, dug, passed, poured, step('s6', 'set')], [['s6', 'held-step', 'cure']]],
    [
      'for a lead’s reason',
      [
        lines,
        dug,
        passed,
        poured,
        note('o', { kind: 'override', post: 'A1', state: 'set', reason: 'a test' }),
        step('s7', 'set'),
      ],
      [],
    ],
    ['work that goes back', [step('s8', 'planned')], []],
  ])('%s', async (name, records, why) => {
    const own = await newJob(`Held: ${name}`)
    const told = await sendRecords(own, records)
    expect(whyOf(told)).toEqual(why)
    expect(await readAfter(own, 0)).toHaveLength(records.length - why.length)
    // Again it is the same: what was taken stays taken, what was held is held.
    expect(whyOf(await sendRecords(own, records))).toEqual(why)
  })
})

describe('pictures of notes', () => {
  const jpeg = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(1000, 7)])
  const put = (body: Buffer, name = 'photo-1', type = 'image/jpeg', of = job) =>
    fetch(`${BASE}/api/jobs/${of}/photos/${name}`, {
      method: 'PUT',
      headers: { 'content-type': type },
      body: new Uint8Array(body),
    })
  test('one that is kept is given back to the byte, and sent again it changes nothing', async () => {
    expect((await put(jpeg)).status).toBe(204)
    expect((await put(Buffer.concat([jpeg, Buffer.from([1])]))).status).toBe(204)
    const got = await call(`/api/jobs/${job}/photos/photo-1`)
    expect(got.headers.get('content-type')).toBe('image/jpeg')
    expect(Buffer.from(await got.arrayBuffer())).toEqual(jpeg)
  })
  test.each<[string, () => Promise<Response>, number]>([
    ['what is no picture', () => put(Buffer.from('<svg onload=alert(1)>')), 422],
    ['another type', () => put(jpeg, 'photo-2', 'image/svg+xml'), 415],
    ['more than a picture may weigh', () => put(Buffer.concat([jpeg, Buffer.alloc(400_000)])), 413],
    ['a name with dots', () => put(jpeg, 'a.b'), 422],
    ['a job that is not there', () => put(jpeg, 'photo-3', 'image/jpeg', 'no-such-job'), 404],
    ['one that nobody kept', () => call(`/api/jobs/${job}/photos/none`), 404],
  ])('%s is refused', async (_, ask, status) => expect((await ask()).status).toBe(status))
})

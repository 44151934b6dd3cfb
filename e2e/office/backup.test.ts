import { spawn, spawnSync } from 'node:child_process'
import { createWriteStream, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import os from 'node:os'
import path from 'node:path'
import { createHash } from 'node:crypto'
import { pipeline } from 'node:stream/promises'
import knex, { type Knex } from 'knex'
import { ZipFile } from 'yazl'
import { TABLES_KEPT } from '@/server/backup/format'
import { openBrowser } from '../../scripts/lib/browser.mjs'
import { freePort } from '../../scripts/lib/ports.mjs'
import { BASE, desk } from '../testing/desk'
import { call, demoDoc, newJob, note, readAfter, sendRecords } from '../testing/office'

// Everything in one file, taken while people work, and brought back: into an empty folder, into one that has gone on,
// and from the version before.
const folder = mkdtempSync(path.join(os.tmpdir(), 'burdock-backup-test-'))
const file = (name: string) => path.join(folder, name)
interface Report {
  readonly jobs: readonly { name: string; outcome: string; recordsAdded: number; refused: unknown[] }[]
}
const take = async (name: string) =>
  writeFileSync(file(name), Buffer.from(await (await call('/api/backup')).arrayBuffer()))
const send = async (name: string) => {
  const headers = { 'content-type': 'application/zip' }
  return fetch(`${BASE}/api/restore`, { method: 'POST', headers, body: readFileSync(file(name)) })
}
const bring = async (name: string) => (await (await send(name)).json()) as Report
const outcomeOf = (report: Report, name: string) => report.jobs.filter((each) => each.name === name)
const save = async (id: string, note: string) => {
  const { revision, doc } = (await (await call(`/api/jobs/${id}`)).json()) as { revision: number; doc: object }
  await call(`/api/jobs/${id}`, 'PUT', { baseRevision: revision, label: note, doc: { ...doc, note } })
}

let db: Knex
beforeAll(() => {
  db = knex({ client: 'mysql2', connection: { uri: process.env.BURDOCK_DATABASE, timezone: 'Z' } })
})
afterAll(async () => {
  await db?.destroy()
  rmSync(folder, { recursive: true, force: true })
})

test('no table of the schema is left out of a backup', async () => {
  const [rows] = (await db.raw(
    "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name NOT LIKE 'knex%'",
  )) as [{ name: string }[]]
  expect(rows.map(({ name }) => name).sort()).toEqual(Object.keys(TABLES_KEPT).sort())
})

describe('into a database that is filled', () => {
  test('what is there already stays; what is missing is added; what went on elsewhere stands beside', async () => {
    const [same, lost, older, newer] = [
      await newJob('Bring same'),
      await newJob('Bring lost'),
      await newJob('Bring older here'),
      await newJob('Bring newer here'),
    ]
    await sendRecords(lost, [note('b-1'), note('b-2')])
    await sendRecords(same, [note('b-3')])
    await save(older, 'the second revision')
    const picture = await fetch(`${BASE}/api/jobs/${lost}/photos/photo-1`, {
      method: 'PUT',
      headers: { 'content-type': 'image/jpeg' },
      body: JPEG,
    })
    expect(picture.status).toBe(204)
    await take('filled.zip')
    // One is lost whole, one goes on, one falls back a revision, and one loses a record.
    for (const table of ['records', 'record_counters', 'edits', 'photos'])
      await db(table).where({ job_id: lost }).delete()
    await db('jobs').where({ id: lost }).delete()
    await save(newer, 'went on')
    const [first] = await db('edits').where({ job_id: older, revision: 1 })
    expect(first).toBeDefined()
    await db('edits').where({ job_id: older, revision: 2 }).delete()
    await db('jobs').where({ id: older }).update({ revision: 1 })
    await db('records').where({ job_id: same, id: 'b-3' }).delete()

    const report = await bring('filled.zip')
    const said = (name: string) => outcomeOf(report, name).map(({ outcome, recordsAdded }) => [outcome, recordsAdded])
    expect(said('Bring same')).toEqual([['there', 1]])
    expect(said('Bring lost')).toEqual([['added', 2]])
    expect(said('Bring older here')).toEqual([['brought-forward', 0]])
    expect(said('Bring newer here')).toEqual([['newer-here', 0]])
    expect((await readAfter(lost, 0)).map(({ record }) => record.id)).toEqual(['b-1', 'b-2'])
    const back = await call(`/api/jobs/${lost}/photos/photo-1`)
    expect(Buffer.from(await back.arrayBuffer())).toEqual(JPEG)
    expect(await (await call(`/api/jobs/${older}`)).json()).toMatchObject({
      revision: 2,
      doc: { note: 'the second revision' },
    })
    expect(await (await call(`/api/jobs/${newer}`)).json()).toMatchObject({ revision: 2, doc: { note: 'went on' } })
    expect((await (await call(`/api/jobs/${lost}/history`)).json()) as unknown[]).toHaveLength(1)
    // Brought a second time, nothing changes any more.
    expect((await bring('filled.zip')).jobs.every(({ outcome }) => ['there', 'newer-here'].includes(outcome))).toBe(
      true,
    )
  }, 60_000)
  test('two that went on apart both stay', async () => {
    const id = await newJob('Went apart')
    await save(id, 'as in the backup')
    await take('apart.zip')
    const now = new Date()
    await db('edits').where({ job_id: id, revision: 2 }).update({ label: 'another hand', at: now })
    await db('jobs').where({ id }).update({ revision: 3 })
    expect(outcomeOf(await bring('apart.zip'), 'Went apart')).toMatchObject([{ outcome: 'beside' }])
    const list = (await (await call('/api/jobs')).json()) as { name: string }[]
    expect(list.filter(({ name }) => name.startsWith('Went apart'))).toHaveLength(2)
  }, 60_000)
})

test.each([
  ['a file that is no backup', () => writeFileSync(file('bad.zip'), 'PK, or so it says')],
  ['one that was cut off', () => writeFileSync(file('bad.zip'), readFileSync(file('filled.zip')).subarray(0, 3000))],
])('%s is refused in words and changes nothing', async (_, make) => {
  make()
  const before = await (await call('/api/jobs')).json()
  const sent = await send('bad.zip')
  expect([sent.status, await sent.json()]).toMatchObject([
    422,
    { error: 'refused', issues: [{ code: 'not-a-backup' }] },
  ])
  expect(await (await call('/api/jobs')).json()).toEqual(before)
})

/** What every JPEG begins with, and no more. */
const JPEG = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3])

/** A backup as it would be written from these rows. */
async function written(
  name: string,
  schema: string,
  files: Readonly<Record<string, readonly object[]>>,
): Promise<void> {
  const zip = new ZipFile()
  const said = Object.entries(files).map(([entry, rows]) => {
    const text = rows.map((row) => `${JSON.stringify(row)}\n`).join('')
    zip.addBuffer(Buffer.from(text), entry)
    const bytes = Buffer.byteLength(text)
    return { name: entry, rows: rows.length, bytes, sha256: createHash('sha256').update(text).digest('hex') }
  })
  const made = '2026-05-04T12:00:00.000Z'
  const manifest = { format: 'burdock-backup', version: 1, schema, made, files: said }
  zip.addBuffer(Buffer.from(JSON.stringify(manifest)), 'manifest.json')
  zip.end()
  await pipeline(zip.outputStream, createWriteStream(file(name)))
}
const at = '2026-05-04T12:00:00.000Z'
const oldRow = (id: string, doc: object) => ({
  id,
  revision: 1,
  createdAt: at,
  updatedAt: at,
  archivedAt: null,
  deletedAt: null,
  doc,
})

test('a backup of the version before is brought: records without their envelope, edits without names of saves', async () => {
  const doc = { ...demoDoc('marl-road'), name: 'Of before' }
  const bare = { id: 'bare-1', at: '2026-05-04T08:00:00Z', device: 'd', who: 'mate', body: note('x').body }
  await written('before.zip', '006_deleted', {
    'jobs.jsonl': [oldRow('ofbefore0001', doc)],
    'edits.jsonl': [{ job: 'ofbefore0001', revision: 1, who: 'w', at, label: 'made', changes: [], doc }],
    'records.jsonl': [
      { job: 'ofbefore0001', seq: 1, receivedAt: at, record: bare },
      { job: 'ofbefore0001', seq: 4, receivedAt: at, record: { ...bare, id: 'bare-2', body: { kind: 'dance' } } },
    ],
  })
  const report = await bring('before.zip')
  expect(outcomeOf(report, 'Of before')).toMatchObject([
    { outcome: 'added', recordsAdded: 1, refused: [{ id: 'bare-2' }] },
  ])
  const [kept] = await readAfter('ofbefore0001', 0)
  expect(kept.record).toMatchObject({ id: 'bare-1', deviceSeq: null, planRevision: null })
  expect(Number(kept.record.clock.slice(0, 15))).toBe(Date.parse(bare.at))
  // The numbers go on after the last that the backup knew.
  const told = await sendRecords('ofbefore0001', [note('next')], 0)
  expect(told.last).toBeGreaterThan(4)
})
test('a backup of a newer version is refused, and one whose checksum does not fit is damaged', async () => {
  await written('newer.zip', '999_of_later', { 'jobs.jsonl': [], 'edits.jsonl': [], 'records.jsonl': [] })
  expect(await (await send('newer.zip')).json()).toMatchObject({ issues: [{ code: 'newer-version' }] })
  await written('part.zip', '006_deleted', { 'jobs.jsonl': [], 'edits.jsonl': [] })
  expect(await (await send('part.zip')).json()).toMatchObject({ issues: [{ code: 'damaged-file' }] })
})

test('taken while people write: one moment of all tables, no half of a batch', async () => {
  const id = await newJob('Written meanwhile')
  let on = true
  const writing = (async () => {
    for (let batch = 0; on; batch++)
      await sendRecords(
        id,
        Array.from({ length: 200 }, (_, k) => note(`m-${batch}-${k}`)),
        Number.MAX_SAFE_INTEGER,
      )
  })()
  for (let i = 0; i < 3; i++) await take(`meanwhile-${i}.zip`)
  on = false
  await writing
  for (let i = 0; i < 3; i++) {
    const text = spawnSync('unzip', ['-p', file(`meanwhile-${i}.zip`), 'records.jsonl'], { maxBuffer: 1 << 28 }).stdout
    const seqs = text
      .toString()
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line) as { job: string; seq: number })
      .filter(({ job }) => job === id)
      .map(({ seq }) => seq)
    expect(seqs.length % 200).toBe(0)
    expect(seqs).toEqual(seqs.map((_, k) => k + 1))
  }
}, 60_000)

describe('into an empty folder', () => {
  const fresh = mkdtempSync(path.join(os.tmpdir(), 'burdock-fresh-'))
  afterAll(() => rmSync(fresh, { recursive: true, force: true }))
  test('restored and started by npm start, every page of a job reads the same', async () => {
    const id = ((await (await call('/api/jobs')).json()) as { id: string; name: string }[]).find(
      ({ name }) => name === 'Quillback Hill honey house',
    )?.id
    const backup = file('fresh.zip')
    await take('fresh.zip')
    const port = await freePort()
    const env: NodeJS.ProcessEnv = { ...process.env, BURDOCK_DATA: fresh, PORT: String(port) }
    delete env.DATABASE_URL
    const npm = (args: readonly string[]) => spawnSync('npm', ['run', '-s', ...args], { encoding: 'utf8', env })
    const restored = npm(['restore', '--', backup])
    expect([restored.status, restored.stdout]).toEqual([
      0,
      expect.stringContaining('Quillback Hill honey house: added'),
    ])
    const started = spawn('npm', ['start'], { env, stdio: ['ignore', 'pipe', 'inherit'], detached: true })
    try {
      await new Promise<void>((resolve, reject) => {
        started.stdout.on('data', (text: Buffer) => text.toString().includes('ready on') && resolve())
        started.on('exit', () => reject(new Error('it did not start')))
      })
      const browser = await openBrowser()
      const texts = async (base: string) => {
        const at_ = desk(browser.driver, browser.downloads)
        const read: string[] = []
        const stages = ['site', 'building', 'strings', 'holes', 'posts', 'walls', 'roof', 'bracing', 'holds', 'book']
        for (const page of [
          ...stages.map((stage) => `/jobs/${id}?stage=${stage}`),
          `/field/${id}`,
          `/field/${id}/read`,
        ]) {
          await browser.driver.get(base + page)
          // What is still being looked for would read otherwise a moment later.
          await at_.waitText('main', page === `/field/${id}` ? /✓ Ready without a signal/ : /\S/)
          // Workers answer a while after the page is there: it is read when it says nothing new any more.
          let last = ''
          await browser.driver.wait(async () => {
            const now = await at_.text('body')
            const done =
              now === last && !/(Working out|Looking|Finding|Judging)[^.]*…|One moment|Sending|Saving/.test(now)
            last = now
            await browser.driver.sleep(250)
            return done
          }, 20_000)
          read.push((await at_.text('body')).replace(/Saved \S+( [AP]M)?/, 'Saved'))
        }
        return read
      }
      try {
        const [here, there] = [await texts(BASE), await texts(`http://127.0.0.1:${port}`)]
        expect(here.every((text) => text.length > 100)).toBe(true)
        expect(there).toEqual(here)
      } finally {
        await browser.driver.quit()
      }
    } finally {
      if (started.pid) process.kill(-started.pid, 'SIGTERM')
      // Its note goes last, when all that it started has ended.
      for (let i = 0; i < 200 && existsSync(path.join(fresh, 'running.json')); i++)
        await new Promise((resolve) => setTimeout(resolve, 50))
    }
  }, 240_000)
})

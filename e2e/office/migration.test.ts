import { readFileSync } from 'node:fs'
import knex, { type Knex } from 'knex'
import { type FieldRecord, foldBare, measure, postsOf, tieLevels, withEnvelope } from '@/core/field'
import { deriveJob } from '@/core/derive'
import { parseJob } from '@/core/files'
import { standingsOf } from '@/core/layout'
import { diffPaths, type Job } from '@/core/model'
import { migrations } from '@/server/db/migrations'
import { recordOfRow } from '@/server/db/recordRow'
import { benchLog } from '../../scripts/bench/log'

// A database of before posts had identities, brought up to the newest: every record goes to the post that bore its name
// when the record arrived, and no post with a record is moved to another place of the world.
let root: Knex
let db: Knex
type Doc = Record<string, unknown> & { building: Record<string, unknown>; levels: Record<string, unknown> }
const MINUTE = 60_000
const start = Date.UTC(2026, 4, 4, 8)
const when = (minutes: number) => new Date(start + minutes * MINUTE)

/** A demo job as a file of version 5 had it: without identities. */
function olderJob(name: string, change: Record<string, unknown> = {}): Doc {
  const { posts: _posts, givenUp: _givenUp, ...building } = (JSON.parse(readFileSync(name, 'utf8')) as Doc).building
  const doc = JSON.parse(readFileSync(name, 'utf8')) as Doc
  return { ...doc, version: 5, building: { ...building, ...change }, levels: { ...doc.levels, readingsIn: {} } }
}
/** Stores a job with its revisions, ten minutes apart, and its records by the minute of their arrival. */
async function store(id: string, revisions: readonly Doc[], records: readonly (readonly [number, FieldRecord])[]) {
  const last = revisions.length
  await db('jobs').insert({
    id,
    doc: JSON.stringify(revisions[last - 1]),
    revision: last,
    created_at: when(0),
    updated_at: when(0),
    archived_at: null,
  })
  for (const [i, doc] of revisions.entries())
    await db('edits').insert({
      job_id: id,
      revision: i + 1,
      who: 'test',
      at: when(i * 10),
      label: `revision ${i + 1}`,
      changes: JSON.stringify(i === 0 ? [] : diffPaths(revisions[i - 1], doc)),
    })
  for (const [minute, record] of records)
    await older().insert({
      id: record.id,
      job_id: id,
      kind: record.body.kind,
      record: JSON.stringify(record),
      received_at: when(minute),
    })
}
const json = (value: unknown): unknown => (typeof value === 'string' ? JSON.parse(value) : value)
async function read(id: string): Promise<{ job: Job; records: FieldRecord[]; nameOf: Map<string, string> }> {
  const row = await db('jobs').where({ id }).first()
  const job = parseJob(json(row?.doc))
  if (!job.ok) throw new Error(JSON.stringify(job.issues))
  const rows = await db('records').where({ job_id: id }).orderBy('seq')
  const posts = standingsOf(job.value.building)?.posts ?? []
  return {
    job: job.value,
    records: rows.map(recordOfRow),
    nameOf: new Map(posts.map((post) => [post.id, post.name])),
  }
}
/** The table as it was: its columns are others today. */
const older = (): Knex.QueryBuilder => db.queryBuilder().from('records')
let made = 0
const state = (post: string, to: 'hole dug' | 'set' = 'hole dug'): FieldRecord =>
  withEnvelope({
    id: `m${++made}`,
    at: when(made).toISOString(),
    device: 'd',
    who: '',
    body: { kind: 'state', post, state: to },
  })
const bays = (count: number) => ({ bays: { mode: 'count', count }, openings: [], leanTos: [] })
const QUILLBACK = 'demo/quillback-hill.json'
const BARN = 'scripts/bench/barn-60x200.json'

beforeAll(async () => {
  const uri = process.env.BURDOCK_DATABASE
  if (!uri) throw new Error('BURDOCK_DATABASE is not set')
  root = knex({ client: 'mysql2', connection: { uri, timezone: 'Z', charset: 'utf8mb4' } })
  await root.raw('CREATE DATABASE burdock_old CHARACTER SET utf8mb4')
  const old = new URL(uri)
  old.pathname = '/burdock_old'
  db = knex({
    client: 'mysql2',
    connection: { uri: old.toString(), timezone: 'Z', charset: 'utf8mb4' },
    migrations: { migrationSource: migrations, disableTransactions: true },
  })
  for (let i = 0; i < 3; i++) await db.migrate.up()
  const four = olderJob(QUILLBACK, bays(4))
  // Four bays, a hole dug at A2 and A3; then three bays, and a hole dug at the A3 of that plan.
  await store(
    'moved',
    [four, olderJob(QUILLBACK, bays(3))],
    [
      [3, state('A2')],
      [4, state('A3')],
      [15, state('A3')],
      [16, state('Z9')],
    ],
  )
  await store(
    'still',
    [four, { ...four, note: 'a word' }],
    [
      [3, state('A2')],
      [12, state('D3')],
    ],
  )
  // 80 ft with gable posts every 8 ft: row J and the jambs of a door share names.
  const wide = { widthIn: 960, gableMaxIn: 96, leanTos: [] }
  await store(
    'wide',
    [olderJob(QUILLBACK, wide)],
    [
      [3, state('J1')],
      [4, state('J8')],
      [5, state('K2')],
    ],
  )
  const barn = olderJob(BARN)
  const parsed = parseJob(barn)
  const names = parsed.ok ? (standingsOf(parsed.value.building)?.posts ?? []).map((post) => post.name) : []
  await store(
    'barn',
    [barn],
    benchLog(names).map((record, i) => [i / 100, record] as const),
  )
  // Each step is cut off between what it did and the note of it, and done again.
  for (;;) {
    const [, ran] = (await db.migrate.up()) as [number, string[]]
    if (ran.length === 0) break
    await db('knex_migrations').where({ name: ran[0] }).delete()
    await db.migrate.up()
  }
}, 60_000)
afterAll(async () => {
  await db?.destroy()
  await root?.raw('DROP DATABASE IF EXISTS burdock_old')
  await root?.destroy()
})

test('a record goes to the post that bore its name when it arrived, not to whoever bears it now', async () => {
  const { job, records, nameOf } = await read('moved')
  const [a2, early, late, nobody] = records.map((record) => postsOf(record.body)[0])
  // A2 and A3 of four bays stand nowhere any more: their records are readable under those given up.
  expect(job.building.givenUp.map(({ id, name }) => [id, name]).sort()).toEqual(
    [
      [a2, 'A2'],
      [early, 'A3'],
    ].sort(),
  )
  expect(nameOf.get(late)).toBe('A3')
  expect(late).not.toBe(early)
  expect(nobody).toBe('Z9')
})
test('a revision that moves nothing changes no identity', async () => {
  const { job, records, nameOf } = await read('still')
  expect(records.map((record) => nameOf.get(postsOf(record.body)[0]))).toEqual(['A2', 'D3'])
  expect(job.building.givenUp).toEqual([])
})
test('a name that two posts bore is bound to neither, and the record stays as it was sent', async () => {
  const { records, nameOf } = await read('wide')
  const [both, one, other] = records.map((record) => postsOf(record.body)[0])
  expect(both).toBe('J1')
  // Names that one post bore stand on its paper: it keeps them.
  expect([nameOf.get(one), nameOf.get(other)]).toEqual(['J8', 'K2'])
})
test('the document of before stands by its revision', async () => {
  const rows = await db('edits').where({ job_id: 'moved' }).orderBy('revision')
  expect(rows.map((row) => row.doc !== null)).toEqual([false, true])
})
test('the 96-post building with 1,000 readings: every one bound, and every height as before', async () => {
  const { job, records } = await read('barn')
  const derived = deriveJob(job)
  if (!derived.ok) throw new Error('not derived')
  const known = new Set(derived.value.posts.map((post) => post.id))
  expect(records).toHaveLength(1020)
  expect(records.flatMap((record) => postsOf(record.body)).every((post) => known.has(post))).toBe(true)
  const state = foldBare(records)
  const measured = measure(job, derived.value, state, tieLevels(state))
  // By hand over the log as it was written, by name: the newest reading of each post stands.
  const log = benchLog(derived.value.posts.map((post) => post.name))
  const newest = new Map(log.flatMap(({ body }) => (body.kind === 'reading' ? [[body.target, body] as const] : [])))
  const shift = new Map(
    log.flatMap(({ body }) => (body.kind === 'setup' ? [[body.setup, 48 - (body.benchmarkIn ?? 0)]] : [])),
  )
  for (const built of measured.asBuilt) {
    const body = newest.get(built.name)
    // One that does not agree with the others is bound all the same, and waits to be read again.
    const readIn = built.readingIn ?? measured.rods.suspects[built.id]?.readingIn
    expect(readIn).toBeCloseTo((body?.inches ?? NaN) + (shift.get(body?.setup ?? '') ?? NaN), 9)
  }
})
test('the envelope of a record of before: its clock is the time it said, what was never told is null', async () => {
  for (const { at, clock, deviceSeq, planRevision } of (await read('barn')).records)
    expect([Number(clock.slice(0, 15)), clock.slice(15), deviceSeq, planRevision]).toEqual([
      Date.parse(at),
      '-0000',
      null,
      null,
    ])
})
test('the job goes on counting where its records end', async () => {
  const [{ last }] = await db('record_counters').where({ job_id: 'barn' })
  const [{ most }] = (await db('records').where({ job_id: 'barn' }).max({ most: 'seq' })) as { most: number }[]
  expect(Number(last)).toBe(Number(most))
})
test('done once, it does nothing the second time', async () => {
  const before = await read('moved')
  await db('knex_migrations').where({ name: '005_post_ids' }).delete()
  await db.migrate.latest()
  expect(await read('moved')).toEqual(before)
})

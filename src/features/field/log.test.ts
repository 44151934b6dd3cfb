import { IDBFactory } from 'fake-indexeddb'
import 'fake-indexeddb/auto'
import type { FieldRecord } from '@/core/field'
import { demoOnPhone } from '@/core/testing/demos'

// The log of a phone with a store of its own, a network that comes and goes, and an office that takes what it likes.

type Modules = typeof import('./log') & typeof import('./kept')
const page = globalThis as { window?: unknown; indexedDB?: IDBFactory; navigator?: unknown; localStorage?: unknown }
const realFetch = globalThis.fetch
/** A page that has just opened: nothing of the one before is left but what the browser keeps. */
async function opened(): Promise<Modules> {
  jest.resetModules()
  return { ...(await import('./log')), ...(await import('./kept')) }
}
const stops: (() => void)[] = []
const closed = () => stops.splice(0).forEach((stop) => stop())
beforeEach(() => {
  page.window = { addEventListener: () => undefined, removeEventListener: () => undefined }
  page.navigator ??= {}
  page.indexedDB = new IDBFactory()
})
afterEach(() => {
  closed()
  delete page.window
  delete page.localStorage
  globalThis.fetch = realFetch
})
const settled = (ms = 60) => new Promise((resolve) => setTimeout(resolve, ms))
/** Waits until something has come about, 8 s at most. */
async function until(isSo: () => boolean | Promise<boolean>): Promise<void> {
  for (let i = 0; i < 400 && !(await isSo()); i++) await settled(20)
}

/** An office that keeps what it is sent, in the order it comes, but for what it refuses. */
function office(refuses: (record: FieldRecord) => boolean = () => false) {
  const taken: FieldRecord[] = []
  const seen = new Set<string>()
  const requests: FieldRecord[][] = []
  globalThis.fetch = (_, init) => {
    const { records = [] } = init?.body ? (JSON.parse(init.body as string) as { records?: FieldRecord[] }) : {}
    requests.push(records)
    const refused = records.filter(refuses)
    for (const record of records)
      if (!refuses(record) && !seen.has(record.id)) {
        seen.add(record.id)
        taken.push(record)
      }
    return Promise.resolve(
      Response.json({
        records: [],
        last: taken.length,
        revision: 1,
        refused: refused.map(({ id }) => ({ id, issues: [{ code: 'name-of-two', path: [], facts: {} }] })),
      }),
    )
  }
  return { taken, requests }
}
const noSignal = () => {
  globalThis.fetch = () => Promise.reject(new TypeError('no network'))
}
/** What a browser notes beside its store. */
function notes(): Map<string, string> {
  const kept = new Map<string, string>()
  const localStorage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  }
  // As a browser has it: what is kept are its own properties.
  const ownKeys = () => [...kept.keys()]
  const getOwnPropertyDescriptor = () => ({ enumerable: true, configurable: true })
  page.localStorage = new Proxy(localStorage, { ownKeys, getOwnPropertyDescriptor })
  return kept
}
async function logOf({ createFieldLog }: Modules, isPhone = true) {
  const { log, start } = createFieldLog('job', isPhone)
  const { ready, stop } = start()
  stops.push(stop)
  await ready
  return log
}
const cut = (post: string) => ({ kind: 'state' as const, post, state: 'cut' as const })
const postsOf = (records: readonly FieldRecord[]) => records.map(({ body }) => (body.kind === 'state' ? body.post : ''))

test('500 entries of a day without a signal arrive once each, in the device’s order, after the browser was closed too', async () => {
  noSignal()
  const modules = await opened()
  const first = await logOf(modules)
  for (let i = 0; i < 250; i++) first.getState().add(cut(`p-${i}`))
  await until(async () => (await modules.recall('job')).kept.length === 250)
  expect(first.getState()).toMatchObject({ waiting: 250, link: 'away', keeps: true })
  closed()
  const again = await logOf(await opened())
  expect(again.getState().waiting).toBe(250)
  for (let i = 250; i < 500; i++) again.getState().add(cut(`p-${i}`))
  const { taken } = office()
  await again.getState().sync()
  await until(() => again.getState().waiting === 0)
  expect(postsOf(taken)).toEqual(Array.from({ length: 500 }, (_, i) => `p-${i}`))
  expect(taken.map(({ deviceSeq }) => deviceSeq)).toEqual(Array.from({ length: 500 }, (_, i) => i + 1))
  expect(new Set(taken.map(({ device }) => device)).size).toBe(1)
  expect(again.getState().link).toBe('online')
})

test('a page that has not read yet what its phone is called does not tell the office of a phone', async () => {
  const told: (string | null)[] = []
  office()
  const takes = globalThis.fetch
  globalThis.fetch = (url, init) => {
    told.push(new Headers(init?.headers).get('x-burdock-phone'))
    return takes(url, init)
  }
  notes().set('burdock-kept', 'yes')
  const { log, start } = (await opened()).createFieldLog('job', true)
  const { ready, stop } = start()
  stops.push(stop)
  await log.getState().sync()
  await ready
  await until(() => told.length > 1)
  const names = told.map((text) => text && (JSON.parse(decodeURIComponent(text)) as { device: string }).device)
  expect([names[0], names.at(-1)]).toEqual([null, log.getState().device])
  expect(log.getState().device).toMatch(/^d-/)
})

test('one that the office refuses is set aside with its reason, over a reload too; the rest is sent, and it can be left out', async () => {
  const { taken, requests } = office(({ body }) => body.kind === 'state' && body.post === 'J1')
  const log = await logOf(await opened())
  for (const post of ['p-1', 'J1', 'p-2']) log.getState().add(cut(post))
  await until(() => log.getState().waiting === 0 && log.getState().refused.length > 0)
  await settled()
  expect(taken).toHaveLength(2)
  expect(log.getState()).toMatchObject({ waiting: 0, refused: [{ issues: [{ code: 'name-of-two' }] }] })
  expect(log.getState().state.states).toEqual({ 'p-1': 'cut', 'p-2': 'cut' })
  closed()
  const before = requests.flat().length
  const again = await logOf(await opened())
  expect(again.getState().refused).toHaveLength(1)
  again.getState().drop(again.getState().refused[0].id)
  await settled()
  expect(again.getState().refused).toEqual([])
  expect(requests.flat()).toHaveLength(before)
  closed()
  expect((await logOf(await opened())).getState().refused).toEqual([])
})

test('an office that refuses a whole request is sent one by one, and only the one at fault is set aside', async () => {
  const whole = office()
  const takes = globalThis.fetch
  globalThis.fetch = (url, init) => {
    const text = typeof init?.body === 'string' ? init.body : ''
    if (text.includes('p-bad'))
      return Promise.resolve(Response.json({ issues: [{ code: 'missing', path: [], facts: {} }] }, { status: 422 }))
    return takes(url, init)
  }
  const log = await logOf(await opened())
  for (const post of ['p-1', 'p-bad', 'p-2']) log.getState().add(cut(post))
  await until(() => log.getState().waiting === 0)
  expect(postsOf(whole.taken)).toEqual(['p-1', 'p-2'])
  expect(log.getState()).toMatchObject({ waiting: 0, refused: [{ issues: [{ code: 'missing' }] }] })
})

test('a browser without a store says so before anything is typed, and takes nothing', async () => {
  const { taken } = office()
  page.indexedDB = undefined
  const log = await logOf(await opened())
  expect(log.getState().keeps).toBe(false)
  log.getState().add(cut('p-1'))
  await settled()
  expect(log.getState()).toMatchObject({ waiting: 0, lost: 1, stored: [] })
  expect(taken).toEqual([])
})

test('a desk that keeps nothing sends what is entered at once', async () => {
  const { taken } = office()
  page.indexedDB = undefined
  const log = await logOf(await opened(), false)
  log.getState().add(cut('p-1'))
  await until(() => log.getState().waiting === 0)
  expect(log.getState()).toMatchObject({ keeps: false, lost: 0 })
  expect(postsOf(taken)).toEqual(['p-1'])
})

test('a store that fills up while somebody works: the entry that did not fit is not taken, and never “kept here”', async () => {
  const { taken } = office()
  const modules = await opened()
  const log = await logOf(modules)
  const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
    throw new DOMException('no room', 'QuotaExceededError')
  })
  log.getState().add(cut('p-1'))
  await until(() => !log.getState().keeps)
  put.mockRestore()
  expect(log.getState()).toMatchObject({ keeps: false, waiting: 0, lost: 1, stored: [] })
  expect(taken).toEqual([])
})

test.each([
  ['breaks', () => new Response('', { status: 500 }), 'away'],
  ['sends another network’s page', () => new Response('<html>sign in</html>', { status: 200 }), 'away'],
  ['knows nobody here', () => Response.json({ error: 'sign-in' }, { status: 401 }), 'signed-out'],
  ['is full', () => Response.json({ error: 'disk-full' }, { status: 507 }), 'full'],
])('an office that %s: the entry waits', async (_, answer, link) => {
  globalThis.fetch = () => Promise.resolve(answer())
  const log = await logOf(await opened())
  log.getState().add(cut('p-1'))
  await until(() => log.getState().link === link)
  expect(log.getState()).toMatchObject({ link, waiting: 1, keeps: true })
})

test.each([
  ['a day behind', -86_400_000],
  ['a day ahead', 86_400_000],
])('a clock %s is noticed by what the office says the time is', async (_, offMs) => {
  const date = new Date(Date.now() - offMs).toUTCString()
  globalThis.fetch = () => Promise.resolve(Response.json({ records: [], last: 0 }, { headers: { date } }))
  const log = await logOf(await opened())
  await until(() => log.getState().aheadMs !== null)
  expect(Math.abs((log.getState().aheadMs ?? 0) - offMs)).toBeLessThan(3000)
})

test('of the plans that are kept an older one never takes the place of a newer one', async () => {
  const whole = demoOnPhone('tansy')
  const asOf = '2026-05-04T12:00:00.000Z'
  const plan = (revision: number, name: string) => ({
    plan: { ...whole, job: { ...whole.job, name } },
    revision,
    asOf,
  })
  const { keepPlan, keptPlan, keptJobs } = await opened()
  await keepPlan('job', plan(5, 'five'))
  await keepPlan('job', plan(4, 'four'))
  expect((await keptPlan('job'))?.revision).toBe(5)
  await keepPlan('job', plan(6, 'six'))
  expect((await keptPlan('job'))?.plan.job.name).toBe('six')
  expect(await keptJobs()).toEqual([{ id: 'job', name: 'six' }])
  expect(await keptPlan('another')).toBeNull()
  // A plan in another build's form is none.
  await keepPlan('other', { ...plan(1, 'other'), plan: { ...whole, version: 2 as 4 } })
  expect(await keptPlan('other')).toBeNull()
})

test('a phone that has kept nothing waits for nothing: what is entered before its store opens is kept and sent', async () => {
  const { taken } = office()
  notes()
  const modules = await opened()
  const first = modules.createFieldLog('job', true)
  expect(first.isFirst).toBe(true)
  const { device } = first.log.getState()
  first.log.getState().add(cut('p-1'))
  first.log.getState().setWho('Ida')
  const { ready, stop } = first.start()
  stops.push(stop)
  await ready
  await until(() => taken.length > 0)
  expect(taken).toMatchObject([{ device, deviceSeq: 1 }])
  expect(first.log.getState()).toMatchObject({ device, who: 'Ida', keeps: true, state: { states: { 'p-1': 'cut' } } })
  closed()
  const again = (await opened()).createFieldLog('job', true)
  expect(again.isFirst).toBe(false)
})

test('where the note of it was lost, what is kept comes with the store, and what was entered meanwhile stands', async () => {
  noSignal()
  const kept = notes()
  const before = await logOf(await opened())
  before.getState().add(cut('p-1'))
  await settled()
  const { device } = before.getState()
  closed()
  kept.clear()
  const { log, isFirst, start } = (await opened()).createFieldLog('job', true)
  expect(isFirst).toBe(true)
  log.getState().add(cut('p-2'))
  const { ready, stop } = start()
  stops.push(stop)
  await ready
  expect(log.getState()).toMatchObject({ device, waiting: 2, state: { states: { 'p-1': 'cut', 'p-2': 'cut' } } })
})

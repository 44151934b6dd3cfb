import { IDBFactory } from 'fake-indexeddb'
import 'fake-indexeddb/auto'
import type { DBSchema } from 'idb'

// A page's stores, and the page that is left: what it wrote is kept, what it only read is given up.

interface Parts extends DBSchema {
  things: { key: string; value: { key: string; n: number } }
}
const page = globalThis as { addEventListener?: unknown; location?: unknown; indexedDB?: IDBFactory }
const ears = new Map<string, ((event: { persisted: boolean }) => void)[]>()
const happens = (name: string, persisted = false) => ears.get(name)?.forEach((hears) => hears({ persisted }))
let reloads = 0

async function opened() {
  jest.resetModules()
  ears.clear()
  const { storeOf, write } = await import('./store')
  const store = storeOf<Parts>('parts', 1, (db) => void db.createObjectStore('things', { keyPath: 'key' }))
  return { store, put: (n: number) => write(store, 'things', (things) => [things.put({ key: 'one', n })]) }
}
beforeEach(() => {
  reloads = 0
  page.indexedDB = new IDBFactory()
  page.addEventListener = (name: string, hears: () => void) => ears.set(name, [...(ears.get(name) ?? []), hears])
  page.location = { reload: () => (reloads += 1) }
})
afterEach(() => {
  jest.useRealTimers()
  delete page.addEventListener
  delete page.location
})

test('what is written as the page is left is kept', async () => {
  const { store, put } = await opened()
  await store()
  const writing = put(7)
  await new Promise((resolve) => process.nextTick(resolve))
  happens('pagehide')
  await writing
  expect(await (await (await opened()).store()).get('things', 'one')).toEqual({ key: 'one', n: 7 })
})

test('what is read as the page is left is given up, and such a page is loaded anew when it comes back', async () => {
  const { store, put } = await opened()
  await put(1)
  const reading = (await store()).transaction('things')
  const read = reading.store.get('one')
  happens('pagehide')
  await expect(read).rejects.toThrow(/abort/i)
  await expect(reading.done).rejects.toBeDefined()
  happens('pageshow')
  expect(reloads).toBe(0)
  happens('pageshow', true)
  expect(reloads).toBe(1)
})

test('a page that came back whole goes on', async () => {
  const { put } = await opened()
  await put(1)
  happens('pagehide')
  happens('pageshow', true)
  expect(reloads).toBe(0)
  await put(2)
})

test('a write that fails is told, and changes nothing', async () => {
  const { store, put } = await opened()
  const { write } = await import('./store')
  await put(1)
  const both = write(store, 'things', (things) => [things.put({ key: 'one', n: 2 }), things.add({ key: 'one', n: 3 })])
  await expect(both).rejects.toThrow()
  expect(await (await store()).get('things', 'one')).toEqual({ key: 'one', n: 1 })
})

test('a store that does not answer for ten seconds is given up', async () => {
  const { store, put } = await opened()
  await put(1)
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'nextTick', 'queueMicrotask'] })
  const db = await store()
  // One that reads for ever holds up whatever comes after it.
  const endless = db.transaction('things', 'readwrite')
  let isOver = false
  void (async () => {
    while (!isOver) await endless.store.get('one')
  })().catch(() => undefined)
  endless.done.catch(() => undefined)
  const waiting = db.get('things', 'one')
  jest.advanceTimersByTime(10_000)
  isOver = true
  await expect(waiting).rejects.toThrow(/abort/i)
})

import { demo } from '@/core/testing/demos'
import type { Job } from '@/core/model'

// Saving against a server that is there, away, changed by someone else, or that loses its own answer; the browser's
// drafts are stood in for.
jest.mock('./api', () => ({ api: { save: jest.fn() } }))
jest.mock('./drafts', () => ({
  keepDraft: jest.fn(async () => true),
  keepSteps: jest.fn(async () => undefined),
  dropDraft: jest.fn(async () => undefined),
  noteRevision: jest.fn(),
}))
import { api } from './api'
import { RETRY_MS, SAVE_AFTER_MS, watchAndSave } from './autosave'
import { dropDraft, keepDraft, noteRevision } from './drafts'
import { createJobStore } from './store'

const { job } = demo('marl')
const save = api.save as jest.Mock
const kept = keepDraft as jest.Mock
const dropped = dropDraft as jest.Mock
interface Sent {
  readonly baseRevision: number
  readonly doc: Job
  readonly saveId: string
  readonly unanswered: readonly string[]
}
const sentAt = (k: number) => (save.mock.calls as [string, Sent][])[k][1]
const stored = (revision: number, doc: Job) => ({
  id: 'j',
  revision,
  doc,
  archived: false,
  deleted: false,
  createdAt: '',
  updatedAt: '2026-05-04T08:00:00Z',
})
const named =
  (note: string) =>
  (job: Job): Job => ({ ...job, note })
const heard: Record<string, () => void> = {}
let store: ReturnType<typeof createJobStore>
let stop: () => void

beforeEach(() => {
  jest.useFakeTimers()
  for (const mock of [save, kept, dropped, noteRevision as jest.Mock]) mock.mockClear()
  save.mockImplementation(async (_id: string, { baseRevision, doc }: Sent) => ({
    kind: 'ok',
    value: stored(baseRevision + 1, doc),
  }))
  const on = {
    addEventListener: (k: string, f: () => void) => {
      heard[k] = f
    },
    removeEventListener: (k: string) => {
      delete heard[k]
    },
  }
  Object.assign(globalThis, { window: on, document: on })
  store = createJobStore(stored(3, job), job, 'building')
  stop = watchAndSave(store)
})
afterEach(() => {
  stop()
  jest.useRealTimers()
  Reflect.deleteProperty(globalThis, 'window')
  Reflect.deleteProperty(globalThis, 'document')
})
const pass = (ms: number) => jest.advanceTimersByTimeAsync(ms)
const state = () => store.getState().save.kind

test('quick edits are kept in the browser together and sent once, against the revision they were made on', async () => {
  for (const n of ['a', 'ab', 'abc']) {
    store.getState().edit('note', named(n), 'g')
    await pass(20)
  }
  expect(state()).toBe('saving')
  await pass(SAVE_AFTER_MS)
  expect(kept.mock.calls.length).toBeLessThanOrEqual(2)
  expect(kept.mock.calls.at(-1)?.[0]).toMatchObject({ jobId: 'j', baseRevision: 3, doc: { note: 'abc' } })
  expect(save).toHaveBeenCalledTimes(1)
  expect(save.mock.calls[0]).toMatchObject(['j', { baseRevision: 3 }])
  expect([state(), store.getState().revision, store.getState().base.note]).toEqual(['saved', 4, 'abc'])
  expect(dropped).toHaveBeenCalled()
})
test('a window that is closed keeps what it has at once', () => {
  store.getState().edit('note', named('last words'))
  expect(kept).not.toHaveBeenCalled()
  heard.pagehide()
  expect(kept.mock.calls[0][0]).toMatchObject({ doc: { note: 'last words' } })
})
test('while the server is away the edit is kept, said so, and sent when it is back', async () => {
  save.mockImplementation(async () => ({ kind: 'away' }))
  store.getState().edit('note', named('stormy'))
  await pass(SAVE_AFTER_MS + 10)
  expect(state()).toBe('kept')
  await pass(RETRY_MS * 3)
  expect(save.mock.calls.length).toBeGreaterThan(2)
  expect(dropped).not.toHaveBeenCalled()
  save.mockImplementation(async (_id: string, { baseRevision, doc }: Sent) => ({
    kind: 'ok',
    value: stored(baseRevision + 1, doc),
  }))
  await pass(RETRY_MS)
  expect(state()).toBe('saved')
})
test('changed elsewhere: saving stops until someone decides, and nothing typed is lost', async () => {
  const theirs = { ...job, note: 'theirs' }
  save.mockImplementation(async () => ({ kind: 'clash', current: stored(9, theirs) }))
  store.getState().edit('note', named('mine'))
  await pass(SAVE_AFTER_MS + 10)
  expect(store.getState().save).toMatchObject({ kind: 'clash', current: { revision: 9 } })
  store.getState().edit('note', named('mine, more'))
  await pass(RETRY_MS * 4)
  expect(save).toHaveBeenCalledTimes(1)
  expect(store.getState().history.present.note).toBe('mine, more')
  expect(kept.mock.calls.at(-1)?.[0]).toMatchObject({ doc: { note: 'mine, more' } })
})
test('an answer lost on the way is not a clash: the newer revision is what was sent', async () => {
  save.mockImplementation(async (_i: string, { doc }: Sent) => ({
    kind: 'clash',
    current: stored(4, JSON.parse(JSON.stringify(doc)) as Job),
  }))
  store.getState().edit('note', named('once'))
  await pass(SAVE_AFTER_MS + 10)
  expect([state(), store.getState().revision]).toEqual(['saved', 4])
})
test('an edit made while the one before is on its way is sent after it', async () => {
  let answer: (v: unknown) => void = () => undefined
  save.mockImplementationOnce(
    () =>
      new Promise((r) => {
        answer = r
      }),
  )
  store.getState().edit('note', named('first'))
  await pass(SAVE_AFTER_MS + 10)
  store.getState().edit('note', named('second'))
  const sent = sentAt(0).doc
  answer({ kind: 'ok', value: stored(4, sent) })
  await pass(SAVE_AFTER_MS * 3)
  expect(save.mock.calls.map((_, k) => [sentAt(k).baseRevision, sentAt(k).doc.note])).toEqual([
    [3, 'first'],
    [4, 'second'],
  ])
  expect(state()).toBe('saved')
})
test.each([
  ['refused', 'refused'],
  ['gone', 'kept'],
])('a server that answers %s: the state is %s, the edit stays', async (kind, want) => {
  save.mockImplementation(async () => ({ kind, issues: [] }))
  store.getState().edit('note', named('kept'))
  await pass(SAVE_AFTER_MS + 10)
  expect([state(), store.getState().history.present.note]).toEqual([want, 'kept'])
})
test('where the server is away and the browser stores nothing, it says that nothing is kept, and that it is again', async () => {
  save.mockImplementation(async () => ({ kind: 'gone' }))
  kept.mockImplementation(async () => false)
  store.getState().edit('note', named('loose'))
  await pass(SAVE_AFTER_MS + 10)
  expect(state()).toBe('held')
  kept.mockImplementation(async () => true)
  store.getState().edit('note', named('loose again'))
  await pass(SAVE_AFTER_MS + 10)
  expect(state()).toBe('kept')
})
test('undone before it was sent, nothing is sent at all', async () => {
  store.getState().edit('note', named('oops'))
  store.getState().undo()
  await pass(SAVE_AFTER_MS + 10)
  expect(save).not.toHaveBeenCalled()
  expect(state()).toBe('saved')
})
test('one save has one name each time that it is sent, and the next another', async () => {
  save.mockImplementation(async () => ({ kind: 'away' }))
  store.getState().edit('note', named('first'))
  await pass(SAVE_AFTER_MS + RETRY_MS * 2 + 50)
  const tries = save.mock.calls.length
  expect(tries).toBeGreaterThan(1)
  store.getState().edit('note', named('second'))
  await pass(RETRY_MS + 50)
  const names = save.mock.calls.map((_, k) => sentAt(k).saveId)
  expect(new Set(names.slice(0, tries)).size).toBe(1)
  expect(names.at(-1)).not.toBe(names[0])
  expect(kept.mock.calls.at(-1)?.[0]).toMatchObject({ saveId: names.at(-1) })
})
test.each(['away', 'busy', 'full', 'read-only'])('why it waits is said: %s', async (kind) => {
  save.mockImplementation(async () => ({ kind }))
  store.getState().edit('note', named('x'))
  await pass(SAVE_AFTER_MS + 50)
  expect(store.getState().save).toEqual({ kind: 'kept', why: kind })
})
test('an edit names the saves behind it that were never answered, and forgets them when one is', async () => {
  save.mockImplementation(async () => ({ kind: 'away' }))
  store.getState().edit('note', named('first'))
  await pass(SAVE_AFTER_MS + 50)
  save.mockImplementation(async (_id: string, { baseRevision, doc }: Sent) => ({
    kind: 'ok',
    value: stored(baseRevision + 2, doc),
  }))
  store.getState().edit('note', named('second'))
  await pass(RETRY_MS + 50)
  store.getState().edit('note', named('third'))
  await pass(SAVE_AFTER_MS + 50)
  const [first, second, third] = save.mock.calls.map((_, k) => sentAt(k))
  expect(first.unanswered).toEqual([])
  expect(second).toMatchObject({ baseRevision: 3, unanswered: [first.saveId] })
  expect(third).toMatchObject({ baseRevision: 5, unanswered: [] })
})
test('a window remembers what it saved last: a page made before that is asked for anew', async () => {
  store.getState().edit('note', named('first'))
  expect(noteRevision).not.toHaveBeenCalledWith('j', 4)
  await pass(SAVE_AFTER_MS + 50)
  expect(noteRevision).toHaveBeenLastCalledWith('j', 4)
})
test('undone before the answer came: the server may have the edit, so it is told that it is gone', async () => {
  save.mockImplementation(async () => ({ kind: 'away' }))
  store.getState().edit('note', named('first'))
  await pass(SAVE_AFTER_MS + 50)
  store.getState().undo()
  save.mockImplementation(async (_id: string, { baseRevision, doc }: Sent) => ({
    kind: 'ok',
    value: stored(baseRevision + 2, doc),
  }))
  await pass(RETRY_MS + 50)
  const last = sentAt(save.mock.calls.length - 1)
  expect(last.doc.note).toBe(job.note)
  expect(last.unanswered).toEqual([sentAt(0).saveId])
  expect([store.getState().save.kind, store.getState().revision]).toEqual(['saved', 5])
})

import { demo } from '@/core/testing/demos'
import { ask } from './client'
import { handlers } from './inProcess'
import { changesOf } from '@/core/result'

// The client beside a worker that answers, one that breaks, and none at all; the worker itself is stood in for.
type Message = { id: number; call: string; request: never }
class Stand {
  static made: Stand[] = []
  onmessage: ((e: { data: unknown }) => void) | null = null
  onerror: (() => void) | null = null
  readonly sent: Message[] = []
  ended = false
  constructor() {
    Stand.made.push(this)
  }
  postMessage(message: Message) {
    this.sent.push(message)
  }
  terminate() {
    this.ended = true
  }
}
const { job, d: derived } = demo('marl')
const load = () => {
  let made: typeof ask = ask
  jest.isolateModules(() => {
    made = (jest.requireActual('./client') as { ask: typeof ask }).ask
  })
  return made
}
const lower = (heelIn: number) => ({ ...job, building: { ...job.building, heelIn } })

describe('with a worker', () => {
  beforeEach(() => {
    Stand.made = []
    Object.assign(globalThis, { Worker: Stand })
  })
  afterEach(() => {
    Reflect.deleteProperty(globalThis, 'Worker')
  })
  const worker = () => Stand.made[0]
  test('judgements come as changes and are whole again at every answer, even one that nobody waits for', async () => {
    const call = load()
    const waits = [job, lower(140), lower(141)].map((job) => call('judge', job))
    waits[1].cancel()
    let before: unknown
    for (const message of worker().sent.filter((message) => 'call' in message)) {
      const now = await handlers.judge(message.request, { aborted: false }, () => undefined)
      worker().onmessage?.({ data: { id: message.id, changes: structuredClone(changesOf(before, now)) } })
      before = now
    }
    const [a, b, c] = await Promise.all(waits.map((wait) => wait.answer))
    expect(a).toEqual(await handlers.judge(job, { aborted: false }, () => undefined))
    expect(b).toBeNull()
    expect(c).toEqual(await handlers.judge(lower(141), { aborted: false }, () => undefined))
  })
  test('a worker that breaks lets its callers know, is ended, and later calls are answered without it', async () => {
    const call = load()
    const first = call('judge', job)
    worker().onerror?.()
    await expect(first.answer).rejects.toThrow('the worker stopped')
    expect(worker().ended).toBe(true)
    const next = await call('judge', job).answer
    expect(next?.ok && next.value.checks.map((check) => check.id)).toEqual(derived.checks.map((check) => check.id))
  })
})

test('without one the answers are the same, and a long search can be stopped', async () => {
  const call = load()
  const told = await call('judge', job).answer
  expect(told?.ok && told.value.tally).toEqual(derived.tally)
  const search = call('size', job)
  search.cancel()
  expect(await search.answer).toBeNull()
})

import { deriveJob, planJob, type Memory } from '@/core/derive'
import { startHistory } from '@/core/model'
import { demo } from '@/core/testing/demos'
import { shownOf } from '@/formats/shown'
import { warmUp } from './warmUp'

// What is gone through while the page has nothing to do: it must leave no trace, take no busy time, and stop when told.
const { job } = demo('quillback')
const derived = deriveJob(job)
if (!derived.ok) throw new Error('demo')
const state = { history: startHistory(job), derived: shownOf(derived.value) }
let turns: ((d: { timeRemaining: () => number }) => void)[] = []
const turn = (left: number) => {
  const [f] = turns.splice(0, 1)
  f?.({ timeRemaining: () => left })
  return f !== undefined
}
const g = globalThis as { requestIdleCallback?: unknown; cancelIdleCallback?: unknown }
beforeEach(() => {
  turns = []
  g.requestIdleCallback = (f: (typeof turns)[number]) => turns.push(f)
  g.cancelIdleCallback = () => {
    turns = []
  }
})
afterEach(() => {
  delete g.requestIdleCallback
  delete g.cancelIdleCallback
})

test('comes to an end, and leaves the job and what is remembered of it alone', () => {
  const memory: Memory = {}
  const before = JSON.stringify(state)
  planJob(job, memory)
  const { laid } = memory
  warmUp(() => state)
  for (let i = 0; turn(40); i++) expect(i).toBeLessThan(100)
  expect(memory.laid).toBe(laid)
  expect(JSON.stringify(state)).toBe(before)
  expect(turns).toEqual([])
})
test('does nothing in a turn with no time to spare, and asks for the next', () => {
  let asked = 0
  warmUp(() => {
    asked++
    return state
  })
  for (let i = 0; i < 5; i++) expect(turn(2)).toBe(true)
  expect(asked).toBe(0)
  expect(turns).toHaveLength(1)
})
test('stops when the job is closed; a browser without idle turns is left alone', () => {
  warmUp(() => state)()
  expect(turns).toEqual([])
  delete g.requestIdleCallback
  expect(() => warmUp(() => state)()).not.toThrow()
})

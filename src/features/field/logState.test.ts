import type { RecordBody, Stored } from '@/core/field'
import { record, setUp } from '@/core/testing/records'
import { derivedAfter, derivedOf, derivedWith } from './logState'

const sent = (stored: Stored, receivedAt: string): Stored => ({
  // As it comes back: another object, its fields in another order.
  record: Object.fromEntries(Object.entries(stored.record).reverse()) as unknown as Stored['record'],
  receivedAt,
})
const log = derivedOf(
  setUp('s1', 0, 48, { a: 49, b: 50 }).map((own) => ({ record: own, receivedAt: null })),
  [],
)
const back = (receivedAt: string) => log.stored.map((own) => sent(own, receivedAt))

test('an answer that only says what has arrived leaves everything as it stands, and nothing waits', () => {
  const after = derivedAfter(log, back('2026-05-04T09:00:00Z'), [])
  expect(after.state).toBe(log.state)
  expect(after.levels).toBe(log.levels)
  expect(after.waiting).toBe(0)
  expect(derivedOf(after.stored, [])).toEqual(after)
})

const other: RecordBody = { kind: 'reading', setup: 's1', target: 'a', of: 'foot', inches: 52 }
test.each<[string, readonly Stored[]]>([
  [
    'another record',
    [...back('2026-05-04T09:00:00Z'), { record: record(9, other), receivedAt: '2026-05-04T09:00:00Z' }],
  ],
  ['other words', back('2026-05-04T09:00:00Z').map((own) => ({ ...own, record: { ...own.record, who: 'mate' } }))],
  ['a post that moved', back('2026-05-04T09:00:00Z').map((own) => ({ ...own, moved: { byIn: 2, revision: 3 } }))],
  ['a clock far ahead', back('2026-05-01T09:00:00Z')],
])('an answer with %s is folded', (_, stored) => {
  const after = derivedAfter(log, stored, [])
  expect(after.state).not.toBe(log.state)
  expect(after).toEqual(derivedOf(stored, []))
})

test('what is turned away says nothing any more', () => {
  const refused = [{ id: log.stored[1].record.id, issues: [] }]
  expect(derivedAfter(log, log.stored, refused)).toEqual(derivedOf(log.stored, refused))
})

test.each<[string, RecordBody]>([
  ['a reading', { ...other, target: 'c' }],
  ['another kind', { kind: 'check', setup: 's1', benchmarkIn: 48 }],
])('what was just entered, %s, waits and counts', (_, body) => {
  const made = record(30, body)
  expect(derivedWith(log, made)).toEqual(derivedOf([...log.stored, { record: made, receivedAt: null }], []))
})

import fc from 'fast-check'
import { record, setUp } from '../testing/records'
import { foldRecords, type RecordBody, type Stored, tieLevels, withReading } from '.'

const all = (stored: readonly Stored[]) => {
  const state = foldRecords(stored)
  return { state, levels: tieLevels(state) }
}
const came = (minute: number, body: RecordBody, device?: string): Stored => ({
  record: record(minute, body, device),
  receivedAt: null,
})

const setup = fc.constantFrom('s1', 's2', 's3')
const inches = fc.integer({ min: 48 * 8, max: 50 * 8 }).map((eighths) => eighths / 8)
const reading = fc.record({
  kind: fc.constant('reading' as const),
  setup,
  target: fc.constantFrom('a', 'b', 'c', 'd'),
  of: fc.constantFrom('foot' as const, 'footing' as const, 'ground' as const),
  inches,
})
const second = reading.map((body) => ({ ...body, second: true as const }))
const check = fc.record({ kind: fc.constant('check' as const), setup, benchmarkIn: inches })
const start = fc.record({
  kind: fc.constant('setup' as const),
  setup,
  place: fc.constant(''),
  benchmarkIn: fc.option(inches),
})
const undone = fc.nat({ max: 30 }).map((k) => ({ kind: 'void' as const, record: `r${k}-phone-1` }))
const entry = fc.oneof(
  { weight: 6, arbitrary: reading },
  { weight: 2, arbitrary: second },
  { weight: 1, arbitrary: check },
  { weight: 1, arbitrary: start },
  { weight: 1, arbitrary: undone },
)

test('with one more reading all stands as if the whole log were folded', () => {
  let taken = 0
  fc.assert(
    fc.property(fc.array(fc.tuple(entry, fc.constantFrom('phone-1', 'phone-2')), { maxLength: 40 }), (entries) => {
      const stored: Stored[] = setUp('s1', 0, 48, { a: 49 }).map((own) => ({ record: own, receivedAt: null }))
      let before = all(stored)
      entries.forEach(([body, device], k) => {
        const next = came(k + 10, body, device)
        const quick = withReading(before, next.record)
        stored.push(next)
        before = all(stored)
        if (!quick) return
        taken += 1
        expect(quick).toEqual(before)
      })
    }),
    { numRuns: 300 },
  )
  expect(taken).toBeGreaterThan(300)
})

test.each<[string, Stored[], Stored]>([
  ['no reading', [], came(20, { kind: 'check', setup: 's1', benchmarkIn: 48 })],
  ['older than another', [came(30, { kind: 'note', post: 'a', text: 'x', photos: [] })], came(20, foot('s1'))],
  ['of no known set-up', [], came(20, foot('s9'))],
  ['of a set-up that was bumped', [came(15, { kind: 'check', setup: 's1', benchmarkIn: 50 })], came(20, foot('s1'))],
  [
    'that may stand for one of a post that moved',
    [{ ...came(15, foot('s1')), moved: { byIn: 3, revision: 2 } }],
    came(20, foot('s1')),
  ],
])('a record %s: the whole log is asked', (_, more, next) => {
  const stored = [...setUp('s1', 0, 48, { a: 49 }).map((own) => ({ record: own, receivedAt: null })), ...more]
  expect(withReading(all(stored), next.record)).toBeNull()
})

function foot(of: string): RecordBody {
  return { kind: 'reading', setup: of, target: 'a', of: 'foot', inches: 49 }
}

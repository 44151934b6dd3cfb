import fc from 'fast-check'
import { record, said, setUp } from '../testing/records'
import { judgeEntries } from './contest'
import { countedRecords, foldRecords } from './fold'
import type { FieldRecord, RecordBody } from './recordShape'

/** What devices say of one thing, oldest first: a1 is device a saying 1. */
const judged = (...entries: readonly string[]) => {
  const list = entries.map((entry, i) => ({ i, device: entry[0], value: Number(entry.slice(1)) }))
  const { stands, contest } = judgeEntries(list, (one, other) => one.value === other.value)
  return [
    stands?.value ?? null,
    contest ? `${contest.first.device}${contest.first.value} ${contest.second.device}${contest.second.value}` : null,
  ]
}
test.each<[string, readonly string[], number | null, string | null]>([
  ['nothing', [], null, null],
  ['one', ['a1'], 1, null],
  ['a device corrects itself', ['a1', 'a2'], 2, null],
  ['two agree', ['a1', 'b1'], 1, null],
  ['another says otherwise: the first stands', ['a1', 'b2'], 1, 'a1 b2'],
  ['a third agrees with the first', ['a1', 'b2', 'c1'], 1, null],
  ['a third agrees with the second', ['a1', 'b2', 'c2'], 2, null],
  ['the first is convinced', ['a1', 'b2', 'a2'], 2, null],
  ['the second says it again', ['a1', 'b2', 'b2'], 2, null],
  ['the second says something else again', ['a1', 'b2', 'b3'], 1, 'a1 b3'],
  ['three say three things', ['a1', 'b2', 'c3'], 1, 'a1 c3'],
  ['settled, and said otherwise once more', ['a1', 'b2', 'c2', 'a1'], 2, 'c2 a1'],
])('%s', (_, entries, stands, contest) => expect(judged(...entries)).toEqual([stands, contest]))

test('one device alone is never at odds with itself (property)', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 3 })), (values) => {
      const [stands, contest] = judged(...values.map((value) => `a${value}`))
      expect([stands, contest]).toEqual([values.at(-1) ?? null, null])
    }),
  )
})

const hole = (depthIn: number): RecordBody => ({
  kind: 'hole',
  post: 'A1',
  depthIn,
  setup: null,
  bottomReadingIn: null,
  found: 'nothing',
  note: '',
})
const by = (minute: number, device: string, body: RecordBody) => record(minute, body, device)
const pour = (bags: number): RecordBody => ({
  kind: 'pour',
  post: 'A1',
  bags,
  bagLb: 80,
  poured: '2026-05-04T14:00:00Z',
})

describe('each kind of conflict: what stood stands until somebody chooses', () => {
  test('two depths', () => {
    const both = [by(1, 'a', hole(60)), by(2, 'b', hole(48))]
    expect(said(both).state.holes.A1.body.depthIn).toBe(60)
    expect(said(both).state.troubles).toMatchObject([
      { kind: 'two-depths', first: { device: 'a' }, second: { device: 'b' } },
    ])
    const chosen = said([...both, by(3, 'a', { kind: 'void', record: 'r1-a' })]).state
    expect([chosen.holes.A1.body.depthIn, chosen.troubles]).toEqual([48, []])
    expect(said([by(1, 'a', hole(60)), by(2, 'b', hole(60.75))]).state.troubles).toEqual([])
  })
  test('two cuts', () => {
    const cut = (lengthIn: number): RecordBody => ({ kind: 'cut', post: 'A1', lengthIn })
    const both = [by(1, 'a', cut(200)), by(2, 'b', cut(212))]
    expect([said(both).state.cuts.A1.body.lengthIn, said(both).state.troubles[0]?.kind]).toEqual([200, 'two-cuts'])
    expect(said([...both, by(3, 'c', cut(212))]).state.cuts.A1.body.lengthIn).toBe(212)
  })
  test('a second pour counts only from the phone that poured first', () => {
    const { state } = said([by(1, 'a', pour(13)), by(2, 'b', pour(13))])
    expect([state.pours.A1.length, state.troubles[0]?.kind]).toEqual([1, 'two-pours'])
    const two = said([by(1, 'a', pour(13)), by(2, 'a', pour(4))]).state
    expect([two.pours.A1.length, two.troubles]).toEqual([2, []])
  })
  test('a state that goes backwards', () => {
    const state = (state: 'set' | 'cut' | 'braced'): RecordBody => ({ kind: 'state', post: 'A1', state })
    const back = [by(1, 'a', state('set')), by(2, 'b', state('cut'))]
    expect([said(back).state.states.A1, said(back).state.troubles[0]?.kind]).toEqual(['set', 'state-back'])
    const on = said([...back, by(3, 'a', state('braced'))]).state
    expect([on.states.A1, on.troubles]).toEqual(['braced', []])
  })
  test('two lasers tied by the benchmark read one foot: differences are told in one frame', () => {
    const lasers = (second: number) => [
      ...setUp('s1', 0, 48, { A1: 53 }),
      ...setUp('s2', 100, 50, { A1: second }).map((each) => ({ ...each, device: 'phone-2', id: `${each.id}-2` })),
    ]
    // The second laser stands 2 in. higher: 55 there is 53 here.
    expect(said(lasers(55)).levels.contests).toEqual([])
    const { levels } = said(lasers(55.5))
    expect(levels.contests).toMatchObject([{ first: { rawIn: 53 }, second: { rawIn: 55.5 } }])
    expect(levels.current.A1.inches).toBe(53)
  })
  test('an entry for a post that has moved since does not count until the same is entered where it stands now', () => {
    const moved = { byIn: 38, revision: 4 }
    const stored = (...records: readonly (readonly [FieldRecord, boolean?])[]) =>
      foldRecords(
        records.map(([record, isMoved]) => ({ record, receivedAt: record.at, ...(isMoved ? { moved } : {}) })),
      )
    const old = by(2, 'b', hole(60))
    const before = by(1, 'a', hole(42))
    const first = stored([before], [old, true])
    expect(first.holes.A1.body.depthIn).toBe(42)
    expect(first.troubles).toMatchObject([{ kind: 'moved', record: { id: old.id }, moved }])
    expect([...countedRecords(first)].map(({ id }) => id)).toEqual([before.id])
    // Somebody enters it again, or takes it back, or something else is entered of the post.
    const again = stored([old, true], [by(3, 'b', hole(60))])
    expect([again.holes.A1.body.depthIn, again.troubles]).toEqual([60, []])
    expect(stored([before], [old, true], [by(3, 'b', { kind: 'void', record: old.id })]).troubles).toEqual([])
    const other = stored([old, true], [by(3, 'b', { kind: 'state', post: 'A1', state: 'set' })])
    expect([other.troubles.length, other.states.A1]).toEqual([1, 'set'])
  })
})

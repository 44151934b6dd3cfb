import { record } from '../testing/records'
import { foldBare } from './fold'
import { upToDate } from './envelope'
import { parseRecords, readRecords } from './records'

const sent = record(0, { kind: 'state', post: 'A1', state: 'set' })
/** As a phone of before sent it. */
const bare = { id: sent.id, at: sent.at, device: sent.device, who: sent.who, body: sent.body }

test('a record of before gets the envelope that can be known: its clock is the time it says', () => {
  const { read, refused } = readRecords([bare])
  expect(refused).toEqual([])
  expect(read).toEqual([sent])
  expect(read[0]).toMatchObject({ deviceSeq: null, planRevision: null, clock: expect.stringMatching(/^\d{15}-0000$/) })
  expect(parseRecords([bare])).toEqual({ ok: true, value: [sent] })
  expect(upToDate(bare as typeof sent)).toEqual(sent)
  expect(upToDate(sent)).toBe(sent)
})
test.each<[string, unknown, string]>([
  ['half an envelope', { ...bare, clock: sent.clock }, 'deviceSeq'],
  ['a clock that is none', { ...sent, clock: 'noon' }, 'clock'],
  ['a count from nothing', { ...sent, deviceSeq: 0 }, 'deviceSeq'],
  ['a plan that never was', { ...sent, planRevision: 0.5 }, 'planRevision'],
  ['a time that is none, of before', { ...bare, at: 'noon' }, 'at'],
])('%s is turned away where it stands', (_, value, field) => {
  const { read, refused } = readRecords([value])
  expect(read).toEqual([])
  expect(refused[0].issues.map(({ path }) => path.join('.')).join(' ')).toContain(field)
})
test('what is turned away is named, as far as it has a name, and the others stand', () => {
  const { read, refused } = readRecords([7, sent, { ...sent, id: 'a b' }, { ...sent, id: 'odd', body: null }, null])
  expect(read).toEqual([sent])
  expect(refused.map(({ id, issues }) => [id, issues[0].path[1]])).toEqual([
    ['', 0],
    ['', 2],
    ['odd', 3],
    ['', 4],
  ])
})
test('there is no number of records that is too many', () =>
  expect(parseRecords(Array.from({ length: 2500 }, (_, k) => ({ ...sent, id: `r${k}` }))).ok).toBe(true))

test('the order of what was said is that of the clocks, not of the times that devices say', () => {
  const early = { ...record(10, { kind: 'cut', post: 'A1', lengthIn: 100 }, 'fast'), clock: '000000000000001-0000' }
  const late = { ...record(5, { kind: 'cut', post: 'A1', lengthIn: 200 }, 'slow'), clock: '000000000000001-0001' }
  for (const order of [
    [early, late],
    [late, early],
  ])
    // Two phones at odds: the earlier by the clocks stands.
    expect(foldBare(order)).toMatchObject({
      cuts: { A1: { body: { lengthIn: 100 } } },
      troubles: [{ kind: 'two-cuts' }],
    })
})

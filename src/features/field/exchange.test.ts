import { record } from '@/core/testing/records'
import { batchOf, exchange } from './exchange'

const stored = (count: number, cards = '') =>
  Array.from({ length: count }, (_, k) => ({
    record: record(0, { kind: 'print', cards: { A1: cards } }, 'phone', `r${k}`),
    receivedAt: null,
  }))
const PHONE = { device: 'd-1', who: 'Rowan', waiting: 1, shows: 3, clock: 0 }
const realFetch = globalThis.fetch
afterEach(() => {
  globalThis.fetch = realFetch
})

test.each([
  ['few: all of them', 3, '', 3],
  ['many: so many at a time', 900, '', 500],
  ['long ones: no more than the server reads', 900, 'x'.repeat(10_000), 98],
  ['one that is too long goes alone', 3, 'x'.repeat(1_200_000), 1],
  ['none', 0, '', 0],
])('sent at once, %s', (_, count, cards, expected) => expect(batchOf(stored(count, cards))).toHaveLength(expected))

test.each<[string, number, object, Record<string, string>, object]>([
  ['too much at once', 503, { error: 'busy' }, { 'retry-after': '2' }, { kind: 'busy', againInMs: 2000 }],
  ['too many from here', 429, { error: 'busy' }, { 'retry-after': '600' }, { kind: 'busy', againInMs: 60_000 }],
  ['a full disk', 507, { error: 'disk-full' }, {}, { kind: 'full', againInMs: 4000 }],
  ['no database', 503, { error: 'database-away' }, { 'retry-after': 'soon' }, { kind: 'away', againInMs: 4000 }],
  ['a fault', 500, {}, {}, { kind: 'away', againInMs: 4000 }],
  ['a captive portal', 511, {}, {}, { kind: 'away', againInMs: 4000 }],
  ['a body too long', 413, { issues: [{ code: 'file-too-large' }] }, {}, { kind: 'refused' }],
])('%s is told apart', async (_, status, body, headers, expected) => {
  globalThis.fetch = () => Promise.resolve(Response.json(body, { status, headers }))
  expect(await exchange('job', stored(1), 0, PHONE)).toMatchObject(expected)
})
test('an answer that is no JSON is nobody’s', async () => {
  globalThis.fetch = () => Promise.resolve(new Response('<html>sign in</html>', { status: 200 }))
  expect(await exchange('job', [], 0, PHONE)).toMatchObject({ kind: 'away' })
})

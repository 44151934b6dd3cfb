import { holdDown, type HeldStrip } from './holdDown'

const end = (id: string, upliftLb: number, holdsLb: number) => ({ post: { id, name: id }, upliftLb, holdsLb })
const strip = (fromFt: number, toFt: number, share = 1, ends = [end('a', 0, 2000), end('b', 0, 2000)]): HeldStrip => ({
  strip: { fromIn: fromFt * 12, toIn: toFt * 12, share },
  ends,
})
const given = (strips: readonly HeldStrip[], shearLb = 2000) => ({ place: 'west', shearLb, strips, heightIn: 144 })

// 2,000 lb over 20 ft: 100 plf, racked over 12 ft: 1,200 lb at each end.
test('a strip pulls at its ends with v·h, whatever its width', () =>
  expect(holdDown(given([strip(0, 20)]))).toMatchObject({ demand: 1200, capacity: 2000, state: 'holds' }))
test.each([
  ['the roof’s uplift adds', 500, 1700, 'holds'],
  ['0.6 of the dead load takes off', -700, 500, 'holds'],
  ['dead load alone may hold it', -1500, 0, 'holds'],
  ['a pound over what the hole holds', 801, 2001, 'fails'],
] as const)('%s', (_, upliftLb, demand, state) =>
  expect(holdDown(given([strip(0, 20, 1, [end('a', upliftLb, 2000), end('b', -9000, 2000)])]))).toMatchObject({
    demand,
    state,
    subjects: ['a'],
  }),
)
// Strips of 10 and 5 ft, the second counting at 0.8: 2,000/(10 + 4) = 142.9 plf, 114.3 on the second.
test('a strip that counts in part takes its part, and pulls the less', () => {
  const wide = strip(0, 10, 1, [end('a', 0, 9000), end('b', 0, 9000)])
  const narrow = strip(13, 18, 0.8, [end('c', 0, 1), end('d', 0, 1)])
  expect(holdDown(given([wide, narrow]))?.demand).toBeCloseTo((2000 / 14) * 0.8 * 12, 6)
})
test('nothing under the end of a strip cannot stand', () =>
  expect(holdDown(given([strip(0, 20, 1, [end('a', 0, 0), end('b', 0, 2000)])]))).toMatchObject({
    state: 'cannot-stand',
    why: 'nothing carries it',
  }))
test.each([
  ['no strip', []],
  ['only strips too narrow to count', [strip(0, 3, 0)]],
])('%s: no such check', (_, strips) => expect(holdDown(given(strips))).toBeNull())

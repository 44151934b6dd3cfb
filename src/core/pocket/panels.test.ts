import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { panels } from './panels'

const wall = { coverIn: 36, ribIn: 9, leastIn: 24 }
test.each([
  // 381/36 = 10.58: 11, the last 21, under 24: (381 − 9·36)/2 = 28.5 at both ends, 36 at the next rib.
  [381, { sheets: 11, lastIn: 21, way: 'both', startRipIn: 28.5, short: false, ribRipIn: 36 }],
  [384, { sheets: 11, lastIn: 24, way: 'last', startRipIn: null, ribRipIn: 27 }],
  [396, { sheets: 11, lastIn: 36, way: 'whole', startRipIn: null, ribRipIn: null }],
  [396.0000000001, { sheets: 11, way: 'whole' }],
  // Two sheets only: (40 − 0)/2 = 20 is short still.
  [40, { sheets: 2, lastIn: 4, way: 'both', startRipIn: 20, short: true, ribRipIn: 27 }],
  // One sheet under the least: there is no other to share with.
  [10, { sheets: 1, lastIn: 10, way: 'last', startRipIn: null, short: false, ribRipIn: 18 }],
])('%d in. of wall', (runIn, want) => expect(answerOf(panels, { ...wall, runIn })).toMatchObject(want))
test('a least over the cover is refused', () =>
  expect(refusalOf(panels, { ...wall, runIn: 100, leastIn: 36.1 })).toEqual(['too-large leastIn']))
test('sheets come to the run both ways', () =>
  fc.assert(
    fc.property(fc.double({ min: 1, max: 900, noNaN: true }), (runIn) => {
      const { sheets, lastIn, startRipIn } = answerOf(panels, { ...wall, runIn })
      expect((sheets - 1) * 36 + lastIn).toBeCloseTo(runIn, 8)
      if (startRipIn !== null) expect(2 * startRipIn + (sheets - 2) * 36).toBeCloseTo(runIn, 8)
    }),
  ))

test('as many sheets as anybody lays, and no more', () => {
  const given = { coverIn: 36, ribIn: 9, leastIn: 1 }
  expect(answerOf(panels, { ...given, runIn: 36 * 10_000 }).sheets).toBe(10_000)
  expect(refusalOf(panels, { ...given, runIn: 36 * 10_001 })).toHaveLength(1)
})

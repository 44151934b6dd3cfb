import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { equalOpenings } from './equalOpenings'

// (70.5 − 4)/(1.5 + 4) = 12.09, up 13; (70.5 − 19.5)/14 = 3.642857.
test('70 1/2 in., pickets of 1 1/2, gaps of 4 at most', () => {
  const found = answerOf(equalOpenings, { lengthIn: 70.5, pickIn: 1.5, maxGapIn: 4 })
  expect(found.count).toBe(13)
  expect(found.gapIn).toBeCloseTo(3.642857, 6)
})
test('a run under the widest gap needs none', () =>
  expect(answerOf(equalOpenings, { lengthIn: 3, pickIn: 1.5, maxGapIn: 4 })).toMatchObject({ count: 0, gapIn: 3 }))
test('pickets that leave no gap at all are refused', () =>
  expect(refusalOf(equalOpenings, { lengthIn: 10, pickIn: 6, maxGapIn: 1 })).toEqual(['no-room pickIn']))
test('laid out one after the other they end a gap short of the far post; one fewer leaves too wide a gap', () =>
  fc.assert(
    fc.property(fc.integer({ min: 10, max: 2000 }), fc.integer({ min: 4, max: 40 }), (eighths, gapEighths) => {
      const given = { lengthIn: eighths / 8, pickIn: 1.5, maxGapIn: gapEighths / 8 + 1.5 }
      const { count, gapIn, marksIn } = answerOf(equalOpenings, given)
      const lastIn = count > 0 ? marksIn[count - 1] + given.pickIn : 0
      expect(given.lengthIn - lastIn).toBeCloseTo(gapIn, 8)
      expect(gapIn).toBeLessThanOrEqual(given.maxGapIn + 1e-9)
      const fewer = (given.lengthIn - (count - 1) * given.pickIn) / count
      if (count > 0) expect(fewer).toBeGreaterThan(given.maxGapIn)
    }),
  ))

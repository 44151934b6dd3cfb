import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { threeFourFive } from './threeFourFive'

// 100/4 = 25 and 70/3 = 23.3: 23, so 92, 69 and 115.
test('100 by 70 in.: units of 23', () =>
  expect(answerOf(threeFourFive, { longIn: 100, shortIn: 70 })).toEqual({
    multiple: 23,
    legAIn: 92,
    legBIn: 69,
    diagonalIn: 115,
  }))
test('the legs are not exchanged', () =>
  expect(answerOf(threeFourFive, { longIn: 30, shortIn: 400 })).toMatchObject({ multiple: 7, legAIn: 28, legBIn: 21 }))
test.each([
  [3.9, 100, ['no-room longIn']],
  [100, 2.9, ['no-room shortIn']],
  [3, 2, ['no-room longIn', 'no-room shortIn']],
])('%d by %d has no room', (longIn, shortIn, want) =>
  expect(refusalOf(threeFourFive, { longIn, shortIn })).toEqual(want),
)
test('no larger one fits: found by trying every unit', () =>
  fc.assert(
    fc.property(fc.integer({ min: 4, max: 900 }), fc.integer({ min: 3, max: 900 }), (longIn, shortIn) => {
      let most = 0
      for (let unit = 1; 4 * unit <= longIn && 3 * unit <= shortIn; unit++) most = unit
      expect(answerOf(threeFourFive, { longIn, shortIn }).multiple).toBe(most)
    }),
  ))

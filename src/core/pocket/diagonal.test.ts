import fc from 'fast-check'
import { answerOf } from '../testing/pocket'
import { diagonal } from './diagonal'

const size = fc.double({ min: 0.5, max: 2000, noNaN: true })

test('480 by 360 is 600: three, four and five times 120', () =>
  expect(answerOf(diagonal, { aIn: 480, bIn: 360 }).diagonalIn).toBeCloseTo(600, 9))
test('the same by angles: a over the cosine of its angle', () =>
  fc.assert(
    fc.property(size, size, (aIn, bIn) => {
      const want = aIn / Math.cos(Math.atan2(bIn, aIn))
      expect(answerOf(diagonal, { aIn, bIn }).diagonalIn / want).toBeCloseTo(1, 9)
    }),
  ))

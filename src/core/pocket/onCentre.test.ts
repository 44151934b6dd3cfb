import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { onCentre } from './onCentre'

// 16 − 3/4 = 15 1/4, 31 1/4 …; the sixth, at 80 in., clears the last (80.75 ≤ 94.5); the next, at 96, does not.
test('96 in. at 16 with sticks of 1 1/2', () =>
  expect(answerOf(onCentre, { lengthIn: 96, centresIn: 16, stickIn: 1.5 })).toEqual({
    marksIn: [0, 15.25, 31.25, 47.25, 63.25, 79.25, 94.5],
    lastSpaceIn: 15.25,
  }))
test('two sticks side by side, and the space between them', () =>
  expect(answerOf(onCentre, { lengthIn: 3, centresIn: 16, stickIn: 1.5 })).toEqual({
    marksIn: [0, 1.5],
    lastSpaceIn: 1.5,
  }))
test.each([
  [{ lengthIn: 2.9, centresIn: 16, stickIn: 1.5 }, ['too-small lengthIn']],
  [{ lengthIn: 96, centresIn: 2.2, stickIn: 1.5 }, ['too-small centresIn']],
])('%j is refused', (given, want) => expect(refusalOf(onCentre, given)).toEqual(want))
test('sticks never overlap, none goes past the end, inner ones stand on multiples', () =>
  fc.assert(
    fc.property(fc.integer({ min: 30, max: 900 }), fc.integer({ min: 24, max: 240 }), (lengthTenths, centresTenths) => {
      const [lengthIn, centresIn, stickIn] = [lengthTenths / 8, centresTenths / 8, 1.5]
      const { marksIn } = answerOf(onCentre, { lengthIn, centresIn, stickIn })
      marksIn.slice(1).forEach((mark, i) => expect(mark - marksIn[i]).toBeGreaterThanOrEqual(stickIn - 1e-9))
      marksIn.slice(1, -1).forEach((mark, i) => expect((mark + stickIn / 2) / centresIn).toBeCloseTo(i + 1, 9))
      expect(marksIn[marksIn.length - 1] + stickIn).toBeCloseTo(lengthIn, 9)
    }),
  ))

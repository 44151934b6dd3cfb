import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { headroom } from './headroom'
import { steepestPitch } from './steepestPitch'

const porch = { startIn: 130, sheetIn: 1, battenIn: 1.5, rafterIn: 5.5, beamIn: 9.25, runIn: 144 }
test('there and back: at that pitch just that much is clear', () =>
  fc.assert(
    fc.property(fc.double({ min: 1, max: 112.7, noNaN: true }), (clearIn) => {
      const { pitchPer12 } = answerOf(steepestPitch, { ...porch, clearIn })
      expect(answerOf(headroom, { ...porch, pitchPer12 }).clearIn).toBeCloseTo(clearIn, 8)
    }),
  ))
// K = 130 − 9.25 − 84 = 36.75, T = 8: by halving between 0 and 12 the same.
test('by halving', () => {
  let [low, high] = [0, 12]
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2
    if (answerOf(headroom, { ...porch, pitchPer12: middle }).clearIn > 84) low = middle
    else high = middle
  }
  expect(answerOf(steepestPitch, { ...porch, clearIn: 84 }).pitchPer12).toBeCloseTo(low, 9)
})
test.each([
  [112.75, 0],
  [112.7500000001, 0],
])('%d clear is a level roof', (clearIn, want) =>
  expect(answerOf(steepestPitch, { ...porch, clearIn }).pitchPer12).toBeCloseTo(want, 4),
)
test('more than a level roof leaves is refused', () =>
  expect(refusalOf(steepestPitch, { ...porch, clearIn: 112.8 })).toEqual(['no-room clearIn']))
test('a run as long as the build is thick is worked out like any other', () =>
  expect(answerOf(steepestPitch, { ...porch, runIn: 8, clearIn: 84 }).pitchPer12).toBeGreaterThan(12))

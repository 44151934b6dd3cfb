import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { girtCut } from './girtCut'

// 90.7 − 1/8 = 90.575: 1449.2 sixteenths, down 1449: 90 9/16.
test.each([
  [90.7, 0.125, 90.5625],
  [90.125, 0.125, 90],
  [90.1249999999999, 0.125, 90],
  [10, 0, 10],
])('%d less %d: cut to %d', (gapIn, playIn, want) => expect(answerOf(girtCut, { gapIn, playIn }).cutIn).toBe(want))
test('it goes in with its play, and a sixteenth more would not', () =>
  fc.assert(
    fc.property(fc.double({ min: 2, max: 200, noNaN: true }), (gapIn) => {
      const { cutIn } = answerOf(girtCut, { gapIn, playIn: 0.125 })
      expect(cutIn + 0.125).toBeLessThanOrEqual(gapIn + 1e-9)
      expect(cutIn + 0.125 + 1 / 16).toBeGreaterThan(gapIn)
    }),
  ))
test('play as wide as the gap is refused', () =>
  expect(refusalOf(girtCut, { gapIn: 2, playIn: 2 })).toEqual(['too-large playIn']))

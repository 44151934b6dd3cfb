import { answerOf, refusalOf } from '../testing/pocket'
import { plumb } from './plumb'

// tan 0.3° = 0.00523604; 144 × that is 0.7540.
test('0.3° over 144 in.', () => {
  const found = answerOf(plumb, { offDeg: 0.3, heightIn: 144 })
  expect(found.leanIn).toBeCloseTo(0.754, 4)
  expect(found.worth).toBe(true)
})
test('a line at top and bottom; the same lean read as degrees comes back', () => {
  const { leanIn } = answerOf(plumb, { topOffsetIn: 1.5, bottomOffsetIn: 2.25, heightIn: 144 })
  expect(leanIn).toBe(-0.75)
  const offDeg = (Math.atan(leanIn / 144) * 180) / Math.PI
  expect(answerOf(plumb, { offDeg, heightIn: 144 }).leanIn).toBeCloseTo(leanIn, 9)
})
// 1/8 up to 120 in., then height/960: 192/960 = 0.2.
test.each([
  [0.125, 100, false],
  [0.13, 100, true],
  [0.2, 192, false],
  [-0.21, 192, true],
])('%d in. over %d: worth it %s', (topOffsetIn, heightIn, worth) =>
  expect(answerOf(plumb, { topOffsetIn, bottomOffsetIn: 0, heightIn }).worth).toBe(worth),
)
test.each([
  [{ heightIn: 100 }, ['one-or-the-other offDeg']],
  [{ offDeg: 1, topOffsetIn: 1, bottomOffsetIn: 2, heightIn: 100 }, ['one-or-the-other offDeg']],
  [{ topOffsetIn: 1, heightIn: 100 }, ['one-or-the-other offDeg']],
  [{ offDeg: 1, bottomOffsetIn: 2, heightIn: 100 }, ['one-or-the-other offDeg']],
  [{ offDeg: 90, heightIn: 100 }, ['too-large offDeg']],
  [{ offDeg: -90, heightIn: 100 }, ['too-large offDeg']],
])('%j is refused', (given, want) => expect(refusalOf(plumb, given)).toEqual(want))

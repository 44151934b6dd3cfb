import { answerOf, refusalOf } from '../testing/pocket'
import { bags } from './bags'

const row = {
  diameterIn: 24,
  depthIn: 12,
  postWidthIn: 4.5,
  postDepthIn: 5.5,
  holes: 10,
  bagFt3: 0.6,
  wasteShare: 0.1,
  spareEvery: 6,
}
// π·576/4 = 452.389 − 24.75 = 427.639 in²; × 12/1728 = 2.96972 ft³; ten: 29.6972; × 1.1/0.6 = 54.44, up 55, and 2 spares.
test('ten holes of 24 in., a foot of concrete about a post', () => {
  const found = answerOf(bags, row)
  expect(found.ft3Each).toBeCloseTo(2.96972, 4)
  expect(found.ft3).toBeCloseTo(29.6972, 3)
  expect(found.yd3).toBeCloseTo(1.0999, 4)
  expect(found.bags).toBe(57)
})
test('no post, no spares: a whole number of bags is not rounded up', () => {
  const ft3Each = (Math.PI * 24 ** 2) / 4 / 144
  const given = { ...row, postWidthIn: 0, holes: 6, wasteShare: 0, spareEvery: 0, bagFt3: ft3Each / 5 }
  expect(answerOf(bags, given).bags).toBe(30)
})
test.each([
  [{ ...row, postWidthIn: 20, postDepthIn: 20 }, ['no-room postWidthIn']],
  [{ ...row, holes: 0 }, ['too-small holes']],
  [{ ...row, holes: 1.5 }, ['not-whole holes']],
])('%j is refused', (given, want) => expect(refusalOf(bags, given)).toEqual(want))

test('a post of which one side is 0 is none, however wide the other', () => {
  const given = { diameterIn: 24, depthIn: 12, postWidthIn: 0, holes: 1, bagFt3: 0.6, wasteShare: 0, spareEvery: 0 }
  expect(answerOf(bags, { ...given, postDepthIn: 30 }).ft3Each).toBeCloseTo((Math.PI * 144 * 12) / 1728, 9)
})

import { answerOf, refusalOf } from '../testing/pocket'
import { headroom } from './headroom'

const porch = { startIn: 130, sheetIn: 1, battenIn: 1.5, rafterIn: 5.5, beamIn: 9.25, runIn: 144, pitchPer12: 2 }
// √(1 + 1/36) = 1.013794; 8 × 1.013794 = 8.11035; 144/6 = 24; 130 − 8.11035 − 24 = 97.88965; less 9.25: 88.63965.
test('130 at the high end, 2 in 12 over 144', () => {
  const found = answerOf(headroom, porch)
  expect(found.rafterUnderIn).toBeCloseTo(97.88965, 4)
  expect(found.clearIn).toBeCloseTo(88.63965, 4)
  expect(found.postTopIn).toBe(found.clearIn)
})
test('on the level it is what is left of the start', () =>
  expect(answerOf(headroom, { ...porch, pitchPer12: 0 }).clearIn).toBeCloseTo(130 - 8 - 9.25, 9))
test('a roof that comes down to the floor is refused', () =>
  expect(refusalOf(headroom, { ...porch, startIn: 41.36 })).toEqual(['no-room startIn']))

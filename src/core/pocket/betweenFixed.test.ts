import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { betweenFixed } from './betweenFixed'
import { equalSpaces } from './equalSpaces'

// 50/24 up: 3 of 16.667; 70/24 up: 3 of 23.333.
test('fixed at 0, 50 and 120, 24 at most', () => {
  const found = answerOf(betweenFixed, { fixedIn: [0, 50, 120], maxIn: 24 })
  expect(found.gaps.map((gap) => gap.count)).toEqual([3, 3])
  expect(found.narrowestIn).toBeCloseTo(16.6667, 4)
  ;[0, 16.6667, 33.3333, 50, 73.3333, 96.6667, 120].forEach((want, i) => expect(found.marksIn[i]).toBeCloseTo(want, 4))
})
test.each([
  [[0, 50, 50], ['not-ascending fixedIn.2']],
  [[10, 0], ['not-ascending fixedIn.1']],
  [[10], ['too-few fixedIn']],
  [[], ['too-few fixedIn']],
])('fixed at %j is refused', (fixedIn, want) => expect(refusalOf(betweenFixed, { fixedIn, maxIn: 24 })).toEqual(want))
test('each gap is what equal-spaces makes of it alone', () =>
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 300 }), { minLength: 1, maxLength: 6 }), (runs) => {
      const fixedIn = runs.reduce<number[]>((all, run) => [...all, all[all.length - 1] + run], [-40])
      const { gaps, marksIn } = answerOf(betweenFixed, { fixedIn, maxIn: 24 })
      runs.forEach((runIn, i) => expect(gaps[i].count).toBe(answerOf(equalSpaces, { runIn, maxIn: 24 }).count))
      for (const fixed of fixedIn) expect(marksIn.some((mark) => Math.abs(mark - fixed) < 1e-9)).toBe(true)
    }),
  ))

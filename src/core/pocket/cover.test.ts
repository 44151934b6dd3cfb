import { answerOf, refusalOf } from '../testing/pocket'
import { cover } from './cover'

test('180 1/2 over five is 36.1, and five of them are 180 1/2 again', () => {
  const { coverIn } = answerOf(cover, { laidIn: 180.5, sheets: 5 })
  expect(coverIn).toBeCloseTo(36.1, 9)
  expect(5 * coverIn).toBeCloseTo(180.5, 9)
})
test('half a sheet is refused', () =>
  expect(refusalOf(cover, { laidIn: 100, sheets: 2.5 })).toEqual(['not-whole sheets']))

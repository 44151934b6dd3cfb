import { answerOf, refusalOf } from '../testing/pocket'
import { wallPick } from './wallPick'

const wall = {
  posts: 4,
  postPlf: 8,
  postIn: 180,
  rows: 2,
  girtPlf: 2,
  bayIn: 96,
  girtHeightsIn: [60, 120],
  extraShare: 0.1,
  holdIn: 120,
}
// Posts 4·8·15 = 480 lb at 90; rows 2·24 = 48 lb each at 60 and 120: 576·1.1 = 633.6 lb, all centered at 90;
// on the hook 633.6·90/120 = 475.2.
test('four posts and two rows', () => {
  const found = answerOf(wallPick, wall)
  expect(found.weightLb).toBeCloseTo(633.6, 9)
  expect(found.centreIn).toBeCloseTo(90, 9)
  expect(found.hookLb).toBeCloseTo(475.2, 9)
})
test('no girts: posts alone, centered at half', () =>
  expect(answerOf(wallPick, { ...wall, rows: 0, girtHeightsIn: [], girtPlf: 0, extraShare: 0 })).toEqual({
    weightLb: 480,
    centreIn: 90,
    hookLb: 360,
  }))
test('stick by stick: the center is what each weighs times where it lies', () => {
  const found = answerOf(wallPick, { ...wall, girtHeightsIn: [150, 175] })
  const sticks = [
    ...Array.from({ length: 4 }, () => [120, 90]),
    ...[150, 175].flatMap((at) => Array.from({ length: 3 }, () => [16, at])),
  ]
  const lb = sticks.reduce((sum, [weight]) => sum + weight, 0)
  expect(found.centreIn).toBeCloseTo(sticks.reduce((sum, [weight, at]) => sum + weight * at, 0) / lb, 9)
  expect(found.weightLb).toBeCloseTo(lb * 1.1, 9)
})
test.each([
  [{ ...wall, rows: 3 }, ['unlike-count girtHeightsIn']],
  [{ ...wall, girtHeightsIn: [60, 181] }, ['too-large girtHeightsIn.1']],
  [{ ...wall, holdIn: 181 }, ['too-large holdIn']],
  [{ ...wall, posts: 3.5 }, ['not-whole posts']],
])('%j is refused', (given, want) => expect(refusalOf(wallPick, given)).toEqual(want))

import { answerOf, refusalOf } from '../testing/pocket'
import { postTops } from './postTops'

test('3 in 12 falls 24 in. in 96', () =>
  expect(answerOf(postTops, { topIn: 120, pitchPer12: 3, rowsIn: [0, 96, 192] })).toEqual({
    topsIn: [120, 96, 72],
    dropsIn: [0, 24, 24],
  }))
test('on the level nothing drops', () =>
  expect(answerOf(postTops, { topIn: 120, pitchPer12: 0, rowsIn: [0, 50] }).dropsIn).toEqual([0, 0]))
test('tops lie on one straight line: each fall over its run is the pitch', () => {
  const rowsIn = [0, 31, 77.5, 200]
  const { topsIn } = answerOf(postTops, { topIn: 150, pitchPer12: 2.5, rowsIn })
  topsIn.slice(1).forEach((top, i) => expect((topsIn[i] - top) / (rowsIn[i + 1] - rowsIn[i])).toBeCloseTo(2.5 / 12, 9))
})
test.each([
  [[1, 2], ['begins-at-zero rowsIn.0']],
  [[0, 5, 5], ['not-ascending rowsIn.2']],
  [[], ['too-few rowsIn']],
])('rows at %j are refused', (rowsIn, want) =>
  expect(refusalOf(postTops, { topIn: 100, pitchPer12: 3, rowsIn })).toEqual(want),
)

test('the arithmetic names rows as they are counted, from 1', () => {
  const given = { topIn: 120, pitchPer12: 3, rowsIn: [0, 96] }
  expect(postTops.arithmetic(given, answerOf(postTops, given)).map(({ label }) => label)).toEqual([
    'Top of row 1',
    'Top of row 2',
  ])
})

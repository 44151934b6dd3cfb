import { answerOf, refusalOf } from '../testing/pocket'
import { rodMarks } from './rodMarks'

// The highest ground reads 48 1/2: with 4 in. of cover the grade line reads 44 1/2.
test('three posts and their cover', () =>
  expect(answerOf(rodMarks, { readingsIn: { A1: 50, A2: 48.5, B1: 55 }, coverIn: 4 })).toEqual({
    highId: 'A2',
    highIn: 48.5,
    gradeReadsIn: 44.5,
    upIn: { A1: 5.5, A2: 4, B1: 10.5 },
  }))
test('of two as high the first that was written', () =>
  expect(answerOf(rodMarks, { readingsIn: { B2: 48, A1: 48, C: 50 }, coverIn: 0 }).highId).toBe('B2'))
test('seen against the ground: reading and mark differ by the same everywhere', () => {
  const readingsIn = { A: 31.5, B: 40.25, C: 36 }
  const { upIn, gradeReadsIn } = answerOf(rodMarks, { readingsIn, coverIn: 2 })
  for (const [id, reading] of Object.entries(readingsIn)) expect(reading - upIn[id]).toBeCloseTo(gradeReadsIn, 9)
  expect(Math.min(...Object.values(upIn))).toBeCloseTo(2, 9)
})
test.each([
  [{ readingsIn: {}, coverIn: 2 }, ['too-few readingsIn']],
  [{ readingsIn: { A: 0 }, coverIn: 2 }, ['too-small readingsIn.A']],
])('%j is refused', (given, want) => expect(refusalOf(rodMarks, given)).toEqual(want))

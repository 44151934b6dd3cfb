import { demo } from '../testing/demos'
import { jobSticks } from './jobSticks'
import { lumberList } from './lumberList'

const { job, d } = demo('quillback')
const { sticks } = jobSticks(job, d)
const one = (kind: string) => {
  const stick = sticks.find((each) => each.kind === kind)
  if (!stick) throw new Error(kind)
  return stick
}
/** So many girts of a length, from a stock board. */
const girts = (count: number, cutLengthIn: number, buyLengthIn: number) =>
  Array.from({ length: count }, (_, i) => ({ ...one('girt'), id: `g${i}`, cutLengthIn, buyLengthIn }))

// A board of 96 in. with an inch left over and saw cuts of 1/8: (95 + 1/8)/(22 1/2 + 1/8) = 4.2, (95 + 1/8)/(36 + 1/8) = 2.6.
test.each([
  [10, 22.5, 96, 3],
  [5, 36, 96, 3],
  [3, 47.6, 96, 3],
  [2, 90, 96, 2],
])('%s pieces of %s in. from boards of %s: %s boards', (count, lengthIn, stockIn, boards) =>
  expect(lumberList(girts(count, lengthIn, stockIn), { spareIn: 1 })).toMatchObject([
    { count, boards, feet: (boards * stockIn) / 12 },
  ]),
)
test('pieces of two lengths do not share a board', () =>
  expect(lumberList([...girts(1, 22.5, 96), ...girts(1, 36, 96)], { spareIn: 1 })).toMatchObject([
    { count: 2, boards: 2 },
  ]))
test('plies of posts, cut in place, have a board each', () => {
  const plies = [1, 2].map((i) => ({ ...one('ply'), id: `p${i}`, cutLengthIn: 40, buyLengthIn: 96 }))
  expect(lumberList(plies, { spareIn: 1 })).toMatchObject([{ count: 2, boards: 2 }])
})

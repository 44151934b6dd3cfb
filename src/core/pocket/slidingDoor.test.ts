import { answerOf } from '../testing/pocket'
import { slidingDoor } from './slidingDoor'

test.each([
  [1, { leafIn: 122, trackIn: 244, besideIn: 126 }],
  [2, { leafIn: 61, trackIn: 242, besideIn: 65 }],
] as const)('%d leaves over 10 ft, an inch of lap', (leaves, want) =>
  expect(answerOf(slidingDoor, { openIn: 120, lapIn: 1, leaves })).toEqual(want),
)
test('shut, the leaves cover the opening and lap both jambs; open, they clear it on the track', () => {
  const [one, two] = ([1, 2] as const).map((leaves) => answerOf(slidingDoor, { openIn: 100, lapIn: 1.5, leaves }))
  expect([one.leafIn, 2 * two.leafIn]).toEqual([103, 103])
  expect(one.trackIn).toBe(2 * one.leafIn)
  expect(two.trackIn).toBe(100 + 2 * (two.leafIn - 1.5) + 2 * 1.5)
})

import { answerOf, refusalOf } from '../testing/pocket'
import { sling } from './sling'

// 1,000 × 1.5/(2·sin 60°) = 1500/1.7320508 = 866.03; at 30° a leg carries as much as the whole.
test.each([
  [1, 60, 1500],
  [2, 60, 866.0254],
  [4, 60, 866.0254],
  [2, 90, 750],
  [2, 30, 1500],
] as const)('%d legs at %d°: %d lb', (legs, angleDeg, want) =>
  expect(answerOf(sling, { loadLb: 1000, legs, angleDeg, factor: 1.5 }).legLb).toBeCloseTo(want, 3),
)
test('two legs balance: what they pull up is the load with its factor', () => {
  const { legLb } = answerOf(sling, { loadLb: 800, legs: 2, angleDeg: 47, factor: 2 })
  expect(2 * legLb * Math.sin((47 * Math.PI) / 180)).toBeCloseTo(1600, 8)
})
test.each([
  [{ loadLb: 1, legs: 2, angleDeg: 29.99, factor: 1 }, ['too-small angleDeg']],
  [{ loadLb: 1, legs: 2, angleDeg: 90.01, factor: 1 }, ['too-large angleDeg']],
  [{ loadLb: 1, legs: 3, angleDeg: 45, factor: 1 }, ['not-a-choice legs']],
])('%j is refused', (given, want) => expect(refusalOf(sling, given)).toEqual(want))

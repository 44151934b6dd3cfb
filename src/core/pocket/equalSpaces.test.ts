import fc from 'fast-check'
import { answerOf, refusalOf } from '../testing/pocket'
import { equalSpaces, spacesFor } from './equalSpaces'

test('100 in. at 24 at most: five of 20', () =>
  expect(answerOf(equalSpaces, { runIn: 100, maxIn: 24 })).toEqual({
    count: 5,
    spaceIn: 20,
    marksIn: [0, 20, 40, 60, 80, 100],
  }))
test.each([
  [96, 24, 4],
  [96 + 1e-10, 24, 4],
  [96.01, 24, 5],
  [0.3, 0.1, 3],
  [10, 24, 1],
])('%d at %d: %d spaces', (runIn, maxIn, count) => expect(answerOf(equalSpaces, { runIn, maxIn }).count).toBe(count))
test.each([
  [768, 96, 8, 96],
  [768, 110, 7, 768 / 7],
  [768, 95.9, 9, 768 / 9],
  [1e-12, 96, 1, 1e-12],
])('%d in. at most %d: %d of %d', (run, most, count, spaceIn) =>
  expect(spacesFor(run, most)).toEqual({ count, spaceIn }),
)
test('no fewer would do, and marks are evenly apart', () =>
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 4000 }), fc.integer({ min: 1, max: 400 }), (runIn, maxIn) => {
      const { count, spaceIn, marksIn } = answerOf(equalSpaces, { runIn, maxIn })
      expect(spaceIn).toBeLessThanOrEqual(maxIn + 1e-9)
      if (count > 1) expect(runIn / (count - 1)).toBeGreaterThan(maxIn)
      expect(marksIn).toHaveLength(count + 1)
      marksIn.slice(1).forEach((mark, i) => expect(mark - marksIn[i]).toBeCloseTo(spaceIn, 8))
    }),
  ))
test('more marks than anybody makes are refused', () =>
  expect(refusalOf(equalSpaces, { runIn: 1e6, maxIn: 1 })).toEqual(['too-small maxIn']))

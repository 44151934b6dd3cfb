import fc from 'fast-check'
import { cannotStand, isWorse, stands, together, usedOf, worseOf, worstUse, type Use } from '.'

const buckles = cannotStand('buckles')
const use: fc.Arbitrary<Use> = fc.oneof(fc.double({ min: 0, max: 1e9, noNaN: true }), fc.constant(buckles))

test.each([
  [3, 4, 0.75],
  [0, 0, 0],
  [-5, 0, 0],
  [1, 0, cannotStand('nothing carries it')],
  [1, -2, cannotStand('nothing carries it')],
])('%d of %d', (demand, capacity, found) => expect(usedOf(demand, capacity)).toEqual(found))
test.each([
  [NaN, 1],
  [1, NaN],
  [Infinity, 1],
  [1, Infinity],
])('%d of %d is a bug, said at once', (demand, capacity) => expect(() => usedOf(demand, capacity)).toThrow(RangeError))
test('nothing compares with what is no number', () => {
  expect(() => isWorse(NaN, 1)).toThrow(RangeError)
  expect(() => isWorse(1, Infinity)).toThrow(RangeError)
})
test('cannot stand is worse than any ratio, and never put aside by one', () =>
  fc.assert(
    fc.property(fc.array(use), (uses) => {
      const worst = worstUse(uses)
      expect(stands(worst)).toBe(uses.every(stands))
      for (const each of uses) expect(isWorse(each, worst)).toBe(false)
      // Whatever their order: a use that came first is not lost to one that came later.
      expect(worstUse([...uses].reverse())).toEqual(worst)
    }),
  ))
test('of equal uses the first is kept', () => expect(worseOf(buckles, cannotStand('slender'))).toBe(buckles))
test('what acts together adds up, unless one part cannot stand', () => {
  expect(together([0.25, 0.5])).toBe(0.75)
  expect(together([0.25, buckles, 0.5])).toBe(buckles)
})

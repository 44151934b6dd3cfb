import fc from 'fast-check'
import { boardsBetween, LONGEST_IN, splicesOf } from './splices'

const everyFt = (feet: number, count: number): number[] => Array.from({ length: count + 1 }, (_, i) => i * feet * 12)

// Eight bays of 9 ft: rows of even order splice on posts 1, 3, 5, 7, those of odd order on 2, 4, 6.
test.each([
  [0, [108, 324, 540, 756]],
  [1, [216, 432, 648]],
  [2, [108, 324, 540, 756]],
])('row %i over two bays splices on %j', (order, want) =>
  expect(splicesOf(everyFt(9, 8), { fromIn: 0, toIn: 864 }, { reach: 'two', order })).toEqual(want),
)
test('boards of one bay splice on every post; a post at the very end takes none', () =>
  expect(splicesOf([2.25, 108, 216, 321.75], { fromIn: 0, toIn: 324 }, { reach: 'each', order: 0 })).toEqual([
    108, 216,
  ]))
test('two bays of 12 ft take boards of 24 ft rather than splices on the same post', () =>
  expect(splicesOf(everyFt(12, 4), { fromIn: 0, toIn: 576 }, { reach: 'two', order: 1 })).toEqual([288]))
test('bays too long for two are joined on every post', () =>
  expect(splicesOf(everyFt(16, 3), { fromIn: 0, toIn: 576 }, { reach: 'two', order: 1 })).toEqual([192, 384]))
test('long boards go as far as they reach, every other row beginning with half of one', () => {
  const row = (order: number) => splicesOf(everyFt(4, 15), { fromIn: 0, toIn: 720 }, { reach: 'long', order })
  expect(row(0)).toEqual([240, 480])
  expect(row(1)).toEqual([96, 336, 576])
})

const places = fc
  .array(fc.integer({ min: 60, max: 143 }), { minLength: 1, maxLength: 12 })
  .map((baysIn) => baysIn.reduce<number[]>((at, bayIn) => [...at, (at.at(-1) ?? 0) + bayIn], [0]))

test('boards cover their stretch once, splice on posts, and rows beside each other never on the same', () =>
  fc.assert(
    fc.property(places, fc.integer({ min: 0, max: 5 }), (supportsIn, order) => {
      const stretch = { fromIn: 0, toIn: supportsIn.at(-1) ?? 0 }
      const row = (k: number) => splicesOf(supportsIn, stretch, { reach: 'two', order: k })
      const boards = boardsBetween(stretch, row(order))
      expect(boards[0].fromIn).toBe(0)
      expect(boards.at(-1)?.toIn).toBe(stretch.toIn)
      boards.slice(1).forEach((board, i) => expect(board.fromIn).toBe(boards[i].toIn))
      for (const at of row(order)) expect(supportsIn).toContain(at)
      for (const { fromIn, toIn } of boards) expect(toIn - fromIn).toBeLessThanOrEqual(LONGEST_IN)
      expect(row(order).filter((at) => row(order + 1).includes(at))).toEqual([])
    }),
  ))

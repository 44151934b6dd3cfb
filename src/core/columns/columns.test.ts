import fc from 'fast-check'
import { asLp, boardBound, countLengths, cutPatterns, firstFit, usedIn, type CutDemand, type StockBoard } from '.'
import { planCuts } from '../../workers/cutting'
import { expectNear } from '../testing/near'

const STOCK: readonly StockBoard[] = [120, 144, 192, 240].map((lengthIn) => ({ lengthIn, price: lengthIn / 12 }))

describe('cutting plans', () => {
  test('like lengths count together, rounded up to the sixteenth', () =>
    expect(countLengths([100, 100.01, 99.99, 50])).toEqual(
      [
        { lengthIn: 100.0625, count: 1 },
        { lengthIn: 100, count: 2 },
        { lengthIn: 50, count: 1 },
      ].sort((one, other) => other.lengthIn - one.lengthIn),
    ))
  test('kerfs count between pieces only', () => {
    expect(usedIn([60, 60], 0.125)).toBe(120.125)
    expect(usedIn([120], 0.125)).toBe(120)
    expect(usedIn([], 0.125)).toBe(0)
  })
  test('a pattern leaves no room for another piece', () => {
    const demands = [
      { lengthIn: 70, count: 5 },
      { lengthIn: 40, count: 5 },
    ]
    for (const pattern of cutPatterns(demands, STOCK, 0.125).patterns)
      for (const [i, value] of demands.entries())
        if (pattern.takes[i] < value.count) expect(pattern.offcutIn).toBeLessThan(value.lengthIn + 0.125)
  })
  test('a piece longer than every board: no plan', () =>
    expect(firstFit([{ lengthIn: 300, count: 1 }], STOCK, 0.125)).toBeNull())
  test('the problem as text names every piece and every pattern once', () => {
    const demands = [{ lengthIn: 70, count: 3 }]
    const { patterns } = cutPatterns(demands, STOCK, 0.125)
    expect(asLp(demands, patterns)).toMatch(/c0: .*>= 3/)
  })

  /** Cheapest plan by trying everything: only for a few pieces. */
  const brute = (pieces: readonly number[], kerf: number): number => {
    let best = Infinity
    const price = (lengths: readonly number[]) => {
      const used = usedIn(lengths, kerf)
      const stockBoard = STOCK.find((stockBoard) => stockBoard.lengthIn >= used - 1e-6)
      return stockBoard ? stockBoard.price : Infinity
    }
    const walk = (i: number, boards: number[][]) => {
      if (i === pieces.length) {
        best = Math.min(
          best,
          boards.reduce((sum, board) => sum + price(board), 0),
        )
        return
      }
      for (let k = 0; k <= boards.length; k++) {
        const next = boards.map((board) => [...board])
        if (k === boards.length) next.push([])
        next[k].push(pieces[i])
        if (price(next[k]) < Infinity) walk(i + 1, next)
        if (k === boards.length) break
      }
    }
    walk(0, [])
    return best
  }
  test.each([
    [[100, 80, 60, 40, 40]],
    [[119, 119, 119]],
    [[59.875, 59.875, 71.875, 71.875, 95.875]],
    [[200, 30, 30, 100, 100]],
    [[120, 120, 24, 24, 24, 72]],
  ])('the solver finds what trying everything finds: %j', async (pieces) => {
    const plan = await planCuts({ demands: countLengths(pieces), stock: STOCK, kerfIn: 0.125 })
    expectNear(plan?.price ?? 0, brute(pieces, 0.125), 1e-9)
    expect(plan?.proved).toBe(true)
  })
  test('every piece is cut, no board is overfilled, and no plan is over one board above the bound on long stock', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ lengthIn: fc.integer({ min: 20, max: 200 }), count: fc.integer({ min: 1, max: 9 }) }), {
          minLength: 1,
          maxLength: 6,
        }),
        async (list) => {
          const demands: CutDemand[] = [...new Map(list.map((d) => [d.lengthIn, d])).values()]
          const plan = await planCuts({ demands, stock: [{ lengthIn: 240, price: 20 }], kerfIn: 0.125 })
          if (!plan) throw new Error('no plan')
          demands.forEach((demand, i) =>
            expect(plan.boards.reduce((sum, board) => sum + board.count * board.pattern.takes[i], 0)).toBe(
              demand.count,
            ),
          )
          for (const board of plan.boards)
            expect(
              usedIn(
                board.pattern.takes.flatMap((take, i) => Array.from({ length: take }, () => demands[i].lengthIn)),
                0.125,
              ),
            ).toBeLessThanOrEqual(board.pattern.stockIn + 1e-6)
          expect(plan.count).toBeGreaterThanOrEqual(boardBound(demands, [{ lengthIn: 240, price: 20 }], 0.125))
          const rough = firstFit(demands, [{ lengthIn: 240, price: 20 }], 0.125)
          expect(plan.count).toBeLessThanOrEqual(rough?.count ?? 0)
        },
      ),
      { numRuns: 25 },
    )
  })
})

// Two of 119.9375 and the kerf of 1/8 fill 240 in.; a sixty-fourth more and each needs a board of its own.
test.each([
  [119.9375, 2],
  [119.953125, 4],
])('four pieces of %d in. out of 240 in. need at least %d boards', (lengthIn, want) =>
  expect(boardBound([{ lengthIn, count: 4 }], [{ lengthIn: 240, price: 20 }], 0.125)).toBe(want),
)

describe('what a plan leaves over', () => {
  // Three of 39 in. with two kerfs of a quarter: 117.5 of 120.
  test('three pieces and two kerfs are taken off a board', () => {
    const { patterns } = cutPatterns([{ lengthIn: 39, count: 3 }], [{ lengthIn: 120, price: 1 }], 0.25)
    expect(patterns.find(({ takes }) => takes[0] === 3)?.offcutIn).toBeCloseTo(2.5, 9)
  })
  test('nothing to cut wastes nothing', () =>
    expect(firstFit([], STOCK, 0.125)).toMatchObject({ count: 0, wastePct: 0 }))
})

import fc from 'fast-check'
import { rowsBetween } from './rowSearch'

// One row between 0 and 40 in. at most 24 apart may stand from 16 to 24; 20 is the middle.
test.each([
  [[], [20, 40]],
  [[[18, 30]], [18, 40]],
  [[[19.5, 22]], [19.5, 40]],
  [[[17, 20.5]], [20.5, 40]],
] as const)('one row as near to the middle as %j allows', (forbidden, rows) =>
  expect(
    rowsBetween(0, 40, { maxGapIn: 24, minGapIn: 1, forbidden: forbidden.map(([a, b]) => [a, b] as const) }),
  ).toEqual(rows),
)
test('where no row can get past a stretch there are none', () =>
  expect(rowsBetween(0, 40, { maxGapIn: 24, forbidden: [[5, 30]] })).toBeNull())

test('spaces stay within the limits, and no row stands where none may', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 30, max: 200 }),
      fc.integer({ min: 12, max: 30 }),
      fc.array(fc.tuple(fc.integer({ min: 5, max: 180 }), fc.integer({ min: 1, max: 10 })), { maxLength: 3 }),
      (toIn, maxGapIn, bands) => {
        const forbidden = bands.map(([from, wide]) => [from, from + wide] as const).filter(([, to]) => to < toIn)
        const rows = rowsBetween(0, toIn, { maxGapIn, minGapIn: 4, forbidden })
        if (!rows) return
        expect(rows.at(-1)).toBeCloseTo(toIn, 9)
        rows.forEach((row, i) => {
          const gap = row - (rows[i - 1] ?? 0)
          expect(gap).toBeLessThanOrEqual(maxGapIn + 1e-6)
          expect(gap).toBeGreaterThanOrEqual(4 - 1e-6)
          for (const [from, to] of forbidden) expect(row > from + 1e-6 && row < to - 1e-6).toBe(false)
        })
      },
    ),
  ))

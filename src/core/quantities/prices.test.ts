import { priceBook } from './prices'

// A 2×10 of pine No.2 is 1.62 a foot; No.1 is 1.22 times that, fir 1.06, both together 1.2932: 2.09498, to the cent 2.09.
test.each([
  ['2x10', 'SP-No.2', 1.62],
  ['2x10', 'SP-No.1', 1.98],
  ['2x10', 'DF-L-No.2', 1.72],
  ['2x10', 'DF-L-No.1', 2.09],
] as const)('%s %s is $%d a foot', (size, lumber, want) =>
  expect(priceBook({}).board(size, lumber)).toBeCloseTo(want, 9),
)

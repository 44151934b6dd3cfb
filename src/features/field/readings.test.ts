import { expectedIn, nextOn } from './readings'

test('what is known near by is averaged', () => {
  expect(expectedIn([])).toBeNull()
  expect(expectedIn([60, 61])).toBe(60.5)
})
test.each([
  ['foot', true, true, 'footing'],
  ['foot', false, true, 'ground'],
  ['footing', true, true, 'ground'],
  ['footing', true, false, 'foot'],
  ['ground', true, true, 'foot'],
] as const)('the rod goes from %s (embedded %s, spots %s) to %s', (on, embedded, spots, next) =>
  expect(nextOn(on, embedded, spots)).toBe(next),
)

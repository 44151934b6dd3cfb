import { OFF_PLAN_IN, SECOND_LOOK_IN } from '@/core/marks'
import { doubtOf, expectedIn, nextOn } from './readings'

test.each([
  [60, null, null, null],
  [60, 60 - SECOND_LOOK_IN, null, null],
  [60, 60 - SECOND_LOOK_IN - 0.01, 60, 'neighbors'],
  [60, 60, 60 + OFF_PLAN_IN, null],
  [60, 60, 60 + OFF_PLAN_IN + 0.01, 'plan'],
  [60, null, 60 - OFF_PLAN_IN - 0.01, 'plan'],
] as const)('a reading of %d beside %s, planned %s, is doubted by %s', (reading, expected, planned, by) =>
  expect(doubtOf(reading, expected, planned)?.by ?? null).toBe(by),
)
test('it says how far off, with its sign', () => expect(doubtOf(70, 60, null)?.offIn).toBe(10))
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

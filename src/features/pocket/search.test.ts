import { FIGURE_NAMES } from '@/core/pocket/names'
import { found, GROUPS } from './search'

test('all figures lie in their groups, in the order of the list', () =>
  expect(GROUPS.flatMap(({ names }) => names)).toEqual([...FIGURE_NAMES]))
test.each<[string, number | null, string]>([
  ['', null, ''],
  ['   ', null, ''],
  ['split the difference', 7, 'stairs'],
  ['SPLIT the diff', 7, 'panels'],
  ['how long a brace', 4, 'gate'],
  ['birds', 1, 'rafter'],
  ['knee', 1, 'knee-brace'],
  ['lift', 4, 'wall-pick'],
  ['spiral', 0, ''],
  ['difference brace', 0, ''],
])('“%s” finds %p', (query, count, one) => {
  const { names } = found(query)
  expect(names?.size ?? null).toBe(count)
  if (one !== '') expect([...(names ?? [])]).toContain(one)
})
test('what else is said of them leads on: what most of them share stands first', () => {
  expect(found('split the difference').alsoSaid[0]).toBe('even it out')
  expect(found('split the difference').alsoSaid).not.toContain('split the difference')
})

import { cannot, firstAmong, judged } from './check'
import { ruleOf, RULES } from '.'

const parts = {
  member: 'hole',
  rule: 'frost',
  place: 'eave',
  id: 'x',
  stage: 'holes',
  unit: '',
  combination: '',
  facts: {},
} as const

test.each([
  [0, 1, 'holds'],
  [0.8999, 1, 'holds'],
  [0.9, 1, 'close'],
  [1, 1, 'close'],
  [1 + 5e-10, 1, 'close'],
  [1.0001, 1, 'fails'],
  [3, 2, 'fails'],
])('%d of %d: %s', (demand, capacity, state) => expect(judged({ ...parts, demand, capacity }).state).toBe(state))
test.each([
  ['demand that is no number', NaN, 1],
  ['demand without end', Infinity, 1],
  ['capacity that is no number', 1, NaN],
  ['no capacity', 1, 0],
  ['negative capacity', 1, -5],
])('a %s is not checked, never a pass, and carries no figure', (_, demand, capacity) =>
  expect(judged({ ...parts, demand, capacity })).toMatchObject({
    state: 'not-checked',
    demand: 0,
    capacity: 0,
    ratio: 0,
  }),
)
test('what cannot be judged has no capacity to show', () =>
  expect(cannot(parts)).toMatchObject({ state: 'not-checked', ratio: 0, subjects: [] }))
test('the one that governs stands first, once', () => expect(firstAmong('b', ['a', 'b', 'c'])).toEqual(['b', 'a', 'c']))
test('every rule is listed once', () => {
  const all = Object.values(RULES).flat()
  expect(new Set(all).size).toBe(all.length)
  expect(ruleOf(judged({ ...parts, demand: 1, capacity: 2 }))).toBe('hole/frost')
})

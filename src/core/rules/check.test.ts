import { cannotStand } from '../result'
import { cannot, fails, firstAmong, judged, judgedUse, worstFirst } from './check'
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
])('a %s is a bug of the rule, said at once: nothing compares with it', (_, demand, capacity) =>
  expect(() => judged({ ...parts, demand, capacity })).toThrow(RangeError),
)
test.each([
  ['no capacity', 0],
  ['negative capacity', -5],
])('a demand on %s cannot stand, and has no ratio', (_, capacity) =>
  expect(judged({ ...parts, demand: 1, capacity })).toMatchObject({
    state: 'cannot-stand',
    why: 'nothing carries it',
    ratio: null,
  }),
)
test('nothing asked of nothing holds', () =>
  expect(judged({ ...parts, demand: 0, capacity: 0 })).toMatchObject({ state: 'holds', ratio: 0 }))
test('cannot stand is worse than any ratio, and what was not checked stands last', () => {
  const by = (demand: number) => judged({ ...parts, demand, capacity: 1 })
  const falls = judgedUse({ ...parts, use: cannotStand('buckles') })
  const sorted = [cannot(parts), by(0.2), by(1e9), falls, by(0.95), by(1.5)].sort(worstFirst)
  expect(sorted.map(({ state, ratio }) => [state, ratio])).toEqual([
    ['cannot-stand', null],
    ['fails', 1e9],
    ['fails', 1.5],
    ['close', 0.95],
    ['holds', 0.2],
    ['not-checked', null],
  ])
  expect(sorted.map(fails)).toEqual([true, true, true, false, false, false])
})
test('what cannot be judged has no capacity to show', () =>
  expect(cannot(parts)).toMatchObject({ state: 'not-checked', ratio: null, subjects: [] }))
test('the one that governs stands first, once', () => expect(firstAmong('b', ['a', 'b', 'c'])).toEqual(['b', 'a', 'c']))
test('every rule is listed once', () => {
  const all = Object.values(RULES).flat()
  expect(new Set(all).size).toBe(all.length)
  expect(ruleOf(judged({ ...parts, demand: 1, capacity: 2 }))).toBe('hole/frost')
})

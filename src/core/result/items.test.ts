import { entryOf, firstOf, item, lastOf } from './items'

test('an item that is there, zero and null among them', () => {
  expect(item([5, 0, 7], 1)).toBe(0)
  expect(item([null], 0)).toBeNull()
  expect([firstOf([5, 6]), lastOf([5, 6])]).toEqual([5, 6])
  expect(entryOf({ a: 0 }, 'a')).toBe(0)
})
test.each([
  ['before the first', () => item([1], -1)],
  ['past the last', () => item([1], 1)],
  ['not a whole number', () => item([1], 0.5)],
  ['the first of none', () => firstOf([])],
  ['the last of none', () => lastOf([])],
  ['a key that is not there', () => entryOf({ a: 1 }, 'b')],
])('%s is a bug of the caller', (_what, ask) => expect(ask).toThrow(RangeError))

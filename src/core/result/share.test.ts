import fc from 'fast-check'
import { changesOf, keepSame, withChanges } from '.'

const data = fc.letrec<{ any: unknown }>((tie) => ({
  any: fc.oneof(
    { maxDepth: 4 },
    fc.constantFrom(0, 1, NaN, Infinity, -0, null, undefined, '', 'a', true),
    fc.array(tie('any'), { maxLength: 4 }),
    fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), tie('any'), { noNullPrototype: true }),
  ),
})).any
/** The same words in new objects, as a worker's message brings them. */
const again = <T>(value: T): T => structuredClone(value)

describe('parts that stay the same keep their identity', () => {
  test('whatever the two values, the result says what the new one says, and changes lead there', () => {
    fc.assert(
      fc.property(data, data, (a, b) => {
        expect(keepSame(a, b)).toStrictEqual(b)
        expect(withChanges(a, changesOf(a, b))).toStrictEqual(b)
        expect(withChanges(again(a), again(changesOf(a, b)))).toStrictEqual(b)
      }),
      { numRuns: 400 },
    )
  })
  test('a field that is there and empty is not one that is missing', () => {
    expect(keepSame({ x: 1 }, { a: undefined })).toStrictEqual({ a: undefined })
    const empty = { a: undefined, b: 1 }
    expect(keepSame(empty, { a: undefined, b: 1 })).toBe(empty)
  })
  test('a copy is given back as the first', () => {
    fc.assert(
      fc.property(data, (a) => {
        expect(keepSame(a, again(a))).toBe(a)
        expect(changesOf(a, again(a))).toEqual({ kind: 'same' })
      }),
    )
  })
  test('one changed post leaves its neighbors be', () => {
    const before = {
      posts: [
        { id: 'A1', at: { x: 0 } },
        { id: 'A2', at: { x: 120 } },
      ],
      site: { snow: 30 },
    }
    const after = keepSame(before, {
      ...again(before),
      posts: [
        { id: 'A1', at: { x: 0 } },
        { id: 'A2', at: { x: 121 } },
      ],
    })
    expect(after.posts[0]).toBe(before.posts[0])
    expect(after.site).toBe(before.site)
    expect(after.posts[1]).not.toBe(before.posts[1])
    expect(changesOf(before, after)).toEqual({
      kind: 'parts',
      gone: [],
      parts: [
        [
          'posts',
          {
            kind: 'parts',
            gone: [],
            parts: [
              [
                '1',
                {
                  kind: 'parts',
                  gone: [],
                  parts: [['at', { kind: 'parts', gone: [], parts: [['x', { kind: 'whole', value: 121 }]] }]],
                },
              ],
            ],
          },
        ],
      ],
    })
  })
  test('a function or a dated object is never taken for the same', () => {
    expect(keepSame({ f: () => 1 }, { f: () => 1 })).not.toBe(undefined)
    const a = { f: () => 1 }
    expect(keepSame({ f: () => 1 }, a).f).toBe(a.f)
  })
})

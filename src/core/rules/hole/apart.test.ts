import type { HoleKind } from '../../frame'
import type { Post } from '../../layout'
import { apart } from './apart'

const post = (id: string, x: number, y = 0) => ({ id, name: id.toUpperCase(), x, y }) as Post
const hole = (postIds: readonly string[], diameterIn: number) => ({ postIds, diameterIn }) as HoleKind
const given = (xIn: number, diameters: readonly [number, number], sharedFootings: [string, string][] = []) => ({
  posts: [post('a', 0), post('b', xIn), post('far', 5000)],
  holes: [hole(['a', 'far'], diameters[0]), hole(['b'], diameters[1])],
  building: { sharedFootings },
})

// 24 and 18 in.: 21 in. of holes and the larger of 12 and 12: 33 in. between centers.
test.each([
  ['with all the earth there must be', 33, 'close'],
  ['a sixteenth less', 32.9375, 'fails'],
  ['far apart', 60, 'holes far'],
] as const)('%s', (_, xIn, state) =>
  expect(apart(given(xIn, [24, 18]))).toMatchObject({
    demand: 33,
    capacity: xIn,
    state: state === 'holes far' ? 'holds' : state,
    subjects: ['a', 'b'],
  }),
)
// 36 and 20 in. 21 in. apart: 28 in. of holes, half of 36 between them: 46 in. wanted; they run into each other by 7.
test('of wide holes half the larger is left; those that overlap fail', () =>
  expect(apart(given(21, [36, 20]))).toMatchObject({ demand: 46, capacity: 21, state: 'fails' }))
test('two on one common footing are not judged against each other, and that is said', () => {
  const check = apart(given(21, [36, 20], [['b', 'a']]))
  expect(check).toMatchObject({ state: 'not-checked', facts: { kind: 'shared' }, subjects: ['a', 'b'] })
})
test('a common footing elsewhere hides no others that are too near', () =>
  expect(apart(given(21, [36, 20], [['a', 'far']]))?.state).toBe('fails'))
test('one post alone has no neighbor', () => {
  const one = given(21, [24, 24])
  expect(apart({ ...one, posts: one.posts.slice(0, 1) })).toBeNull()
})

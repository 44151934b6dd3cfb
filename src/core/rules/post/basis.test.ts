import type { Lateral } from '../../frame'
import { barnJob } from '../../testing/barn'
import { boardValues } from '../../wood'
import { columnBasis } from './basis'

const { building: barn } = barnJob()
const lateral = { values: boardValues('SP-No.2', 6, []), relied: 'roof checked', row: { frameShare: 0.1 } } as Lateral
const basisOf = (post: object, change: object = {}) =>
  columnBasis(
    { ...barn, ...change, post: { ...barn.post, lumber: 'SP-No.2', splice: null, ...post } } as never,
    lateral,
    24,
  )

// Plies on the flat, side by side: 3·5.5·1.5²/6 = 6.1875 in³; a solid 6×6 about either axis 5.5³/6 = 27.73.
test.each([
  ['three plies of 2×6', { section: '3-2x6' }, (3 * 5.5 * 1.5 ** 2) / 6],
  ['four plies of 2×8', { section: '4-2x8' }, (4 * 7.25 * 1.5 ** 2) / 6],
  ['a solid 6×6', { section: '6x6' }, 5.5 ** 3 / 6],
])('%s the weak way: %#', (_, post, weakS) => expect(basisOf(post)?.weakS).toBeCloseTo(weakS, 6))
test('plies that are not nailed by 15.3.3 stand each by itself', () => {
  const lamination = { ...barn.joints.lamination, endIn: 1 }
  const [nailed, loose] = [
    basisOf({ section: '3-2x6' }),
    basisOf({ section: '3-2x6' }, { joints: { ...barn.joints, lamination } }),
  ]
  expect([nailed?.weakDepthIn, nailed?.kf, loose?.weakDepthIn, loose?.kf]).toEqual([4.5, 0.6, 1.5, 1])
})
test('without values there is no basis', () => expect(columnBasis(barn, { values: null } as Lateral, 24)).toBeNull())
test('a post on a bracket is as long as it stands over it, one in the ground as high as its heel', () => {
  const post = { side: 'south', kind: 'eave', heightIn: 168 } as never
  expect(basisOf({ section: '3-2x6' })?.lengthIn(post)).toBe(168)
  expect(basisOf({ section: '3-2x6' }, { school: 'pier', bracketIn: 6 })?.lengthIn(post)).toBe(162)
})
test('a free top takes 2.1 of its height, a held one 0.8; posts of an open side are not held by girts', () => {
  const post = { side: 'south', kind: 'eave', heightIn: 100 } as never
  const free = columnBasis(
    { ...barn, post: { ...barn.post, section: '3-2x6' } } as never,
    { ...lateral, relied: 'frames alone' } as Lateral,
    24,
  )
  expect([basisOf({ section: '3-2x6' })?.keOf(post), free?.keOf(post)]).toEqual([0.8, 2.1])
  expect([
    basisOf({ section: '3-2x6' })?.gapIn(post),
    basisOf({ section: '3-2x6' }, { openSides: ['south'] })?.gapIn(post),
  ]).toEqual([24, 80])
})

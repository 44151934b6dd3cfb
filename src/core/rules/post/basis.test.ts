import type { Lateral } from '../../frame'
import { barnJob } from '../../testing/barn'
import { boardValues } from '../../wood'
import { actingIn, columnBasis } from './basis'

const { building: barn } = barnJob()
const lateral = {
  values: boardValues('SP-No.2', 6, []),
  relied: 'roof checked',
  fixityFt: 0,
  units: {},
  row: { frameShare: 0, holdLbIn: 400 },
} as unknown as Lateral
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
  expect([nailed && actingIn(nailed), nailed?.kf, loose && actingIn(loose), loose?.kf]).toEqual([4.5, 0.6, 1.5, 1])
})
test('without values there is no basis', () => expect(columnBasis(barn, { values: null } as Lateral, 24)).toBeNull())
test('a post on a bracket is as long as it stands over it, one in the ground as high as its heel', () => {
  const post = { side: 'south', kind: 'eave', heightIn: 168 } as never
  expect(basisOf({ section: '3-2x6' })?.lengthIn(post)).toBe(168)
  expect(basisOf({ section: '3-2x6' }, { school: 'pier', bracketIn: 6 })?.lengthIn(post)).toBe(162)
})
test('a post fixed below grade is as long as from there to its top', () => {
  const post = { side: 'south', kind: 'eave', heightIn: 168 } as never
  const basis = columnBasis(
    { ...barn, post: { ...barn.post, section: '3-2x6' } } as never,
    { ...lateral, fixityFt: 1.5 },
    24,
  )
  expect(basis?.lengthIn(post)).toBe(186)
})
// 3·E·I/L³ with L 200 in. of 3-ply 2×6, E 1.4e6, I 62.39: 32.76 lb/in.
test('on soil springs it is as long as a fixed post that is as stiff at its top', () => {
  const post = { id: 'A2', side: 'south', kind: 'eave', heightIn: 168 } as never
  const soft = { ...lateral, units: { A2: { stiffnessLbIn: 32.7565 } } } as unknown as Lateral
  const base = { model: 'springs', soilPsiPerFt: 100 }
  const basis = columnBasis({ ...barn, base, post: { ...barn.post, section: '3-2x6' } } as never, soft, 24)
  expect(basis?.lengthIn(post)).toBeCloseTo(200, 2)
})
// A bracket turns: 156 in. of 3-ply 2×6 (E·I 87.35e6) buckle by themselves under π²·E·I/L², which 35 lb/in at their
// top hold to √(π²·E·I/(k·L³)) of that length: √(862.1e6/(35·3,796,416)) = 2.547.
test('a post on a bracket that the roof holds softly leans with it', () => {
  const post = { side: 'south', kind: 'eave', heightIn: 162 } as never
  const soft = { ...lateral, row: { frameShare: 0, holdLbIn: 70 } } as unknown as Lateral
  const onPier = { ...barn, school: 'pier', bracketIn: 6, post: { ...barn.post, section: '3-2x6' } } as never
  expect(columnBasis(onPier, soft, 24)?.keOf(post)).toBeCloseTo(2.547, 2)
  expect(columnBasis(onPier, { ...lateral, row: { frameShare: 0, holdLbIn: 4000 } } as never, 24)?.keOf(post)).toBe(1)
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

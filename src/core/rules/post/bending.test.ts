import type { PostDemand } from '../../frame'
import type { Post } from '../../layout'
import { barnJob } from '../../testing/barn'
import { cannotStand, type Use } from '../../result'
import { boardValues, postSize } from '../../wood'
import type { ColumnBasis } from './basis'
import { bending } from './bending'
import type { WorkedPosts } from './worked'

const { building: barn } = barnJob()
const building = { ...barn, post: { ...barn.post, section: '3-2x6' as const, lumber: 'SP-No.2' } }
const worked = (use: Use, ke = 0.8, lengthIn = 168, gapIn = 24): WorkedPosts =>
  ({
    kind: 'worked',
    basis: {
      size: postSize({ section: '3-2x6' }),
      values: boardValues('SP-No.2', 6, []),
      keOf: () => ke,
      lengthIn: () => lengthIn,
      gapIn: () => gapIn,
      together: true,
      kf: 0.6,
      curve: 0.8,
      weakS: 6.19,
      lamination: 1.15,
      wet: true,
    } as unknown as ColumnBasis,
    own: [],
    hardest: { id: 'A3', side: 'south', heightIn: 168 } as Post,
    result: { use, axial: { name: 'D+0.6W', hangingLb: 0 }, section: 'at or below grade', fbAllowed: 1500 },
    uses: { A3: use },
  }) as unknown as WorkedPosts
const given = (each: WorkedPosts | null, relied: 'roof checked' | 'frames alone' = 'roof checked') => ({
  hole: { kind: 'eave' as const, postIds: ['A2', 'A3'] },
  building,
  lateral: { relied, lacks: null, knee: false },
  demands: { A3: { gravityLb: 4000 } as PostDemand },
  worked: each,
})

test.each([
  [0.62, 'holds'],
  [1, 'close'],
  [1.001, 'fails'],
  [cannotStand('buckles'), 'cannot-stand'],
] as const)('an interaction of %j: %s', (use, state) =>
  expect(bending(given(worked(use)))).toMatchObject({ state, subjects: ['A3', 'A2'], combination: 'D+0.6W' }),
)
// Ke·H/d: 0.8·168/5.5 = 24.4; 2.1·168/5.5 = 64.1; the limit of 50 stands at 343.75 in. with 0.8.
test('past le/d of 50 it cannot stand, and says how slender it is (NDS 2018 3.7.1.4)', () =>
  expect(bending(given(worked(cannotStand('slender'), 2.1), 'frames alone'))).toMatchObject({
    state: 'cannot-stand',
    why: 'slender',
    ratio: null,
    facts: { kind: 'slender', free: true, axis: 'strong', slenderness: expect.closeTo(64.145, 3) },
  }))
// Across the plies: 225/4.5 = 50, and a sixteenth more.
test('past le/d of 50 across its plies it says which axis', () =>
  expect(bending(given(worked(cannotStand('slender'), 0.8, 168, 225.0625)))).toMatchObject({
    state: 'cannot-stand',
    facts: { kind: 'slender', axis: 'weak', slenderness: expect.closeTo(50.0139, 4) },
  }))
// 0.8·550/5.5 = 80 and 360/4.5 = 80.
test('as slender one way as the other, it is said of its depth', () =>
  expect(bending(given(worked(cannotStand('slender'), 0.8, 550, 360)))?.facts).toMatchObject({
    kind: 'slender',
    axis: 'strong',
  }))
test.each(['no values', 'no wind'] as const)('%s: not checked, never holding', (kind) =>
  expect(bending(given({ kind }))).toMatchObject({ state: 'not-checked', ratio: null, facts: { kind } }),
)
test('posts that nothing holds up sideways cannot stand, and are named', () =>
  expect(bending(given({ kind: 'falls', postIds: ['A3'] }))).toMatchObject({
    state: 'cannot-stand',
    why: 'mechanism',
    subjects: ['A3'],
  }))
test('no posts, no check', () => expect(bending(given(null))).toBeNull())

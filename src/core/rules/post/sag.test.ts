import type { PostDemand } from '../../frame'
import type { Post } from '../../layout'
import type { ColumnBasis } from './basis'
import { sag } from './sag'
import type { WorkedPosts } from './worked'

const post = (id: string, heightIn: number) => ({ id, heightIn }) as Post
const worked = (own: readonly Post[]): WorkedPosts =>
  ({
    kind: 'worked',
    basis: { size: { iIn4: 62.39 }, values: { ePsi: 1.4e6 }, lengthIn: (each: Post) => each.heightIn } as ColumnBasis,
    own,
    hardest: own[0],
  }) as unknown as WorkedPosts
const given = (plf: number, school: 'pad' | 'pier' = 'pad', postSag: 90 | 120 | 180 | 240 = 120) => ({
  hole: { kind: 'eave' as const, postIds: ['A2', 'A3'] },
  building: { school, postSag },
  demands: { A2: { claddingPlf: plf } as PostDemand, A3: { claddingPlf: plf / 2 } as PostDemand },
  worked: worked([post('A2', 168), post('A3', 168)]),
})

// w = 120·0.7/12 = 7 lb/in; 7·168⁴/(185·1.4e6·62.39) = 0.3451 in. of 168/120 = 1.4.
test('fixed at grade, 120 plf over 14 ft: 0.3451 in. of 1.4', () => {
  const check = sag(given(120))
  expect(check?.demand).toBeCloseTo(0.34507, 4)
  expect(check?.capacity).toBeCloseTo(1.4, 9)
  expect(check).toMatchObject({ state: 'holds', facts: { post: { id: 'A2' }, lbPerIn: 7 } })
})
// 5·7·168⁴/(384·1.4e6·62.39) = 0.8312 in.
test('turning at both ends it sags 0.8312 in.', () => expect(sag(given(120, 'pier'))?.demand).toBeCloseTo(0.83122, 4))
test.each([
  [480, 'close'],
  [490, 'fails'],
])('%d plf: %s', (plf, state) => expect(sag(given(plf))?.state).toBe(state))
test('the taller post governs at the same wind: the fourth power of its height', () => {
  const each = given(120)
  const demands = { A2: { claddingPlf: 120 } as PostDemand, A3: { claddingPlf: 100 } as PostDemand }
  expect(sag({ ...each, demands, worked: worked([post('A2', 168), post('A3', 180)]) })?.facts.post.id).toBe('A3')
})
test('no wall before it, no sag', () => expect(sag(given(0))).toBeNull())

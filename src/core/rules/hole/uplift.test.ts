import type { PostDemand } from '../../frame'
import type { Post } from '../../layout'
import { uplift } from './uplift'

const given = (demandLb: number, capacityLb = 1000) => ({
  hole: {
    kind: 'eave' as const,
    postIds: ['A2', 'A3'],
    diameterIn: 18,
    depthIn: 48,
    embedIn: 42,
    uplift: { demandLb, coupleLb: 0, capacityLb, nearestIn: null },
    governing: { lateral: null, bearing: { id: 'A2', name: 'A2' }, uplift: { id: 'A3', name: 'A3' } },
  },
  posts: new Map([['A3', { id: 'A3', heightIn: 150 } as Post]]),
  demands: { A3: { postWeightPlf: 6, upliftLb: demandLb } as PostDemand },
  building: { school: 'collar', bracketIn: 0, collarHeightIn: 12, coneAngleDeg: 0, cleat: null } as never,
})

test('800 lb of 1,000 holds; the post itself weighs 6·(150 + 42)/12 = 96 lb', () =>
  expect(uplift(given(800))).toMatchObject({
    ratio: 0.8,
    state: 'holds',
    subjects: ['A3', 'A2'],
    facts: { post: { name: 'A3' }, postWeightLb: 96 },
  }))
test.each([
  ['dead load alone holds it', -500, 1000, 'holds'],
  ['all of it', 1000, 1000, 'close'],
  ['a pound more', 1001, 1000, 'fails'],
  ['nothing holds it: it cannot stand, which is worse than any ratio', 100, 0, 'cannot-stand'],
])('%s', (_, demandLb, capacityLb, state) => expect(uplift(given(demandLb, capacityLb)).state).toBe(state))

import type { LateralCase } from '../../frame'
import { slabTie } from './slabTie'

const wind = (shearLb: number, momentFtLb: number) => ({ name: 'wind in', shearLb, momentFtLb }) as LateralCase
const given = (slabTieLb: number | null, change: { slab?: 'tied' | 'none'; cases?: readonly LateralCase[] } = {}) => ({
  hole: { kind: 'eave' as const, postIds: ['A2', 'A3'], depthIn: 60, embedIn: 48 },
  lateral: { cases: { A2: [wind(300, 900)], A3: change.cases ?? [wind(100, 200), wind(-500, -1500)] } },
  names: new Map([['A3', { id: 'A3', name: 'A3' }]]),
  building: { school: 'pad' as const, slab: change.slab ?? ('tied' as const), slabTieLb },
})

// 500 + 4·1,500/(3·4) = 1,000 lb, at the hardest pulled post and wind of the kind.
test('the tie takes the whole level reaction at grade', () =>
  expect(slabTie(given(1000))).toMatchObject({ demand: 1000, capacity: 1000, state: 'close', subjects: ['A3', 'A2'] }))
test.each([
  ['a pound less', 999, 'fails'],
  ['no rating entered', null, 'not-checked'],
] as const)('%s: %#', (_, ratedLb, state) =>
  expect(slabTie(given(ratedLb))).toMatchObject({ state, facts: { forceLb: 1000 } }),
)
test('no slab, no tie', () => expect(slabTie(given(1000, { slab: 'none' }))).toBeNull())
test('posts that nothing pushes on need none', () =>
  expect(slabTie({ ...given(1000), lateral: { cases: { A2: [wind(0, 0)] } } })).toBeNull())

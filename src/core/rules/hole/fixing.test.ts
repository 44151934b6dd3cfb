import { barnJob } from '../../testing/barn'
import { expectNear } from '../../testing/near'
import { fixing } from './fixing'

const { building } = barnJob()
const given = (demandLb: number, change: object = {}) => ({
  hole: {
    kind: 'eave' as const,
    postIds: ['A2'],
    uplift: { demandLb, coupleLb: 0, nearestIn: null, capacityLb: 5000 },
    governing: { lateral: null, bearing: { id: 'A2', name: 'A2' }, uplift: { id: 'A2', name: 'A2' } },
  },
  building: {
    ...building,
    school: 'collar' as const,
    joints: { ...building.joints, collar: { diameterIn: 0.5 as const, count: 2 } },
    post: { ...building.post, section: '3-2x6' as const, lumber: 'SP-No.2' },
    ...change,
  },
})

// By hand: Southern Pine G 0.55, Fe∥ 11,200·0.55 = 6,160; concrete 7,500; mode IV in double shear
// 2·0.25/3.2·√(2·6160·45,000/(3·(1 + 6160/7500))) = 1,574 lb is the least; × 1.6 × 0.7 × 2 bars = 3,526 lb.
test('two half-inch bars through a 3-ply 2×6 hold 3,526 lb (NDS 2018 12.3)', () => {
  const check = fixing(given(2000))
  expectNear(check?.capacity ?? 0, 3526, 1e-3)
  expect(check?.facts.limit.mode).toBe('IV')
})
test.each([
  [3000, 'holds'],
  [3526.5, 'fails'],
])('%d lb: %s', (demandLb, state) => expect(fixing(given(demandLb))?.state).toBe(state))
test.each([
  ['on a pier', given(2000, { school: 'pier' })],
  ['on a bare pad', given(2000, { school: 'pad', cleat: null })],
  ['where nothing lifts it', given(0)],
])('%s there is none', (_, each) => expect(fixing(each)).toBeNull())
test('cleats press across the grain and hold less than concrete', () => {
  const cleats = fixing(given(2000, { school: 'pad', cleat: { widthIn: 7.5, lengthIn: 24 } }))
  expect(cleats?.facts.collar).toBe(false)
  expect(cleats?.capacity).toBeLessThan(3526)
})

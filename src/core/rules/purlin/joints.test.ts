import { barnJob } from '../../testing/barn'
import { expectNear } from '../../testing/near'
import { screws } from './screws'
import { tie } from './tie'
import { wind } from './wind'

const { building: barn } = barnJob()
const given = (pullLb: number, joints: object, purlins: object = {}) => ({
  place: 'rake' as const,
  pullLb,
  building: {
    ...barn,
    joints: { ...barn.joints, purlinTieLb: null, ...joints } as typeof barn.joints,
    roof: { ...barn.roof, purlins: { ...barn.roof.purlins, lumber: 'SP-No.2', ...purlins } } as typeof barn.roof,
  },
})

test.each([
  [500, 'holds'],
  [600, 'close'],
  [601, 'fails'],
  [-50, 'holds'],
])('a tie rated 600 lb against %d lb: %s', (pullLb, state) =>
  expect(tie(given(pullLb, { purlinTieLb: 600 }))).toMatchObject({
    state,
    key: { place: 'rake' },
    id: 'purlin-tie-rake',
  }),
)
test('toe-nailed on edge a nail holds less than through a flat board', () => {
  const nails = { purlin: { nail: '16d-common', count: 3 } }
  const [edge, flat] = ['edge', 'flat'].map((style) => tie(given(100, nails, { style })))
  expect([edge.facts, flat.facts]).toMatchObject([{ toeNailed: true }, { toeNailed: false }])
  expect(edge.capacity).toBeLessThan(flat.capacity)
})
test('a nail that is not on the list is said', () =>
  expect(tie(given(100, { purlin: { nail: 'none', count: 3 } })).state).toBe('not-checked'))

describe('screws of the sheet', () => {
  const with3 = (pullOverLb: number | null) => ({
    building: {
      ...given(0, { screw: { gauge: '10', threadIn: 1.5, spacingIn: 9 } }, { spaceIn: 24 }).building,
      skin: { ...barn.skin, pullOverLb },
    },
  })
  // No. 10 screw D 0.19: 2,850·0.55²·0.19·1.5·1.6 = 393.1 lb; 0.6·50·2·0.75 = 45 lb.
  test('the wood holds 393 lb, the suction pulls 45', () => {
    const check = screws({ ...with3(240), worstUpPsf: 50 })
    expectNear(check.facts.woodLb, 393.1, 1e-3)
    expectNear(check.demand, 45, 1e-9)
    expect([check.capacity, check.state]).toEqual([240, 'holds'])
  })
  test.each([
    [45, 'close'],
    [44.9, 'fails'],
    [null, 'not-checked'],
  ])('a sheet that pulls over at %s lb: %s', (lb, state) =>
    expect(screws({ ...with3(lb), worstUpPsf: 50 }).state).toBe(state),
  )
})
test('a roof whose cladding wind is not covered is not checked', () =>
  expect([wind({ open: true }).state, wind({ open: false }).state]).toEqual(['not-checked', 'not-checked']))

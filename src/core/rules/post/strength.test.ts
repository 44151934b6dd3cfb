import type { LateralCase, PostDemand } from '../../frame'
import type { Post } from '../../layout'
import { barnJob } from '../../testing/barn'
import { expectNear } from '../../testing/near'
import { boardValues, postSize } from '../../wood'
import type { ColumnBasis } from './basis'
import { fixedPost } from '../../statics'
import { columnWorst, hangingOf, seatMomentFtLb } from './strength'

const { building: barn } = barnJob()
const building = {
  ...barn,
  knee: null,
  post: { ...barn.post, section: '3-2x6' as const, lumber: 'SP-No.2' as const, splice: null },
  roof: { ...barn.roof, truss: { ...barn.roof.truss, seat: 'notch' as const } },
}
const values = boardValues('SP-No.2', 6, [])
const post = { id: 'A3', kind: 'eave', side: 'south', heightIn: 144 } as Post
const basisOf = (gapIn: number): ColumnBasis =>
  ({
    size: postSize({ section: '3-2x6' }),
    values,
    keOf: () => 0.8,
    wet: false,
    lamination: 1.15,
    kf: 0.6,
    curve: 0.8,
    flatUse: 1.15,
    together: true,
    gapIn: () => gapIn,
    lengthIn: () => 144,
    weakS: 6.19,
    known: new Map(),
  }) as unknown as ColumnBasis
const nothing = {
  deadLb: 0,
  deadMinLb: 0,
  snowLb: 0,
  liveLb: 0,
  windDownLb: 0,
  windUpLb: 0,
  claddingPlf: 0,
  wallPushLb: 0,
  hanging: null,
}
const demand = { ...nothing, deadLb: 1000, snowLb: 3000, postWeightPlf: 0, gravityLb: 4000 } as PostDemand
const snow = { id: 'D+S', dead: 1, roof: 1, live: 'snow', wind: 0, duration: 1.15, least: false, clause: '' } as const
const wind = { id: 'D+0.6W', dead: 1, roof: 0, wind: 0.6, duration: 1.6, least: false, clause: '' } as const
const bent = {
  momentFtLb: 500,
  fieldMomentFtLb: 800,
  fixedFtLb: 900,
  shearLb: 0,
  plf: 0,
  kneeMomentFtLb: 0,
} as LateralCase
const given = (change: Partial<Parameters<typeof columnWorst>[0]> = {}) =>
  ({
    building,
    combinations: [snow],
    basis: basisOf(24),
    post,
    demand,
    cases: [],
    unit: fixedPost(12, 0, 1.4e6 * 62.39),
    embedIn: 48,
    ...change,
  }) as unknown as Parameters<typeof columnWorst>[0]

// le/d = 0.8·144/5.5 = 20.945; FcE = 0.822·510000/20.945² = 955.6; Fc* = 1400·1.15 = 1610; α = 0.5935;
// CP = 0.9960 − √(0.9960² − 0.5935/0.8) = 0.4960; Fc' = 798.5. fc = 4000/24.75 = 161.6; (161.6/798.5)² = 0.0410.
test('pushed only, it is the square of its axial share', () => {
  const result = columnWorst(given())
  expectNear(result.fc, 161.6, 1e-3)
  expectNear(result.fcAllowed, 798.5, 2e-3)
  expectNear(result.use, 0.041, 5e-3)
  expect(result.section).toBe('at mid-height')
})
// fb = 12·900/22.69 = 476; Fb* = 1000·1.6·1.15 = 1840, RB = √(2.06·24·5.5/4.5²) = 3.664, CL 1.00;
// fc = 1000/24.75 = 40.4; 1 − 40.4/955.6 = 0.9577:
// 476/(1840·0.9577) = 0.270, and (40.4/(2240·CP))² under 0.002.
test('bent by wind, the larger moment at or below grade governs over the one in the field', () => {
  const result = columnWorst(given({ combinations: [wind], cases: [bent] }))
  expect(result.section).toBe('at or below grade')
  expectNear(result.momentFtLb, 900, 1e-6)
  expectNear(result.use, 0.272, 0.02)
  expectNear(result.limits.rb, 3.664, 2e-3)
})
// Lifted: 0.6·(200 − 3000) = −1680 lb; 1680/24.75 = 67.88 of Ft 600·1.6 = 960: 0.0707. 476/1840 = 0.2587.
// A corner, 600 plf across its plies between girts at 24 in.: 600·2²/8 = 300 ft-lb; 3600/6.19 = 581.6 of
// 1000·1.6·1.15 = 1840: 0.3161. NDS 2018 3.9.1: the three are added.
test('lifted and bent both ways, the three shares are added', () => {
  const corner = { ...post, kind: 'corner' } as Post
  const lifted = { ...demand, deadMinLb: 200, windUpLb: 3000, eaveWallFt: 4, gableWallFt: 4 }
  const least = { id: '0.6D+0.6W', dead: 0.6, roof: 0, wind: 0.6, duration: 1.6, least: true, clause: '' } as const
  const cases = [{ ...bent, plf: 600, windPsf: 150 }]
  const result = columnWorst(given({ post: corner, combinations: [least], demand: lifted, cases }))
  expectNear(result.weakFtLb, 300, 1e-9)
  expectNear(result.use, 0.0707 + 0.2587 + 0.3161, 1e-3)
})
test.each([
  ['held at grade by a slab the field governs', { building: { ...building, slab: 'tied' as const } }, 'at mid-height'],
  ['on a pier nothing bends it at grade', { building: { ...building, school: 'pier' as const } }, 'at mid-height'],
])('%s', (_, change, section) =>
  expect(columnWorst(given({ combinations: [wind], cases: [bent], ...change })).section).toBe(section),
)
test('too slender across its plies it cannot stand, however light the loads that follow', () => {
  const basis = basisOf(225.1)
  const result = columnWorst(given({ basis, combinations: [wind, snow], cases: [bent, { ...bent, fixedFtLb: 1 }] }))
  expect(result.use).toEqual({ cannotStand: 'slender' })
})
test('just short of that it has a ratio', () =>
  expect(columnWorst(given({ basis: basisOf(224.9) })).use).toEqual(expect.any(Number)))
test('cladding wind alone counts: 60 plf on 12 ft is 1080 ft-lb', () => {
  const clad = { ...demand, claddingPlf: 60 }
  const result = columnWorst(given({ combinations: [snow], demand: clad, building: { ...building, slab: 'tied' } }))
  expectNear(result.momentFtLb, 1080, 1e-9)
  expect([result.lateralCase, result.clad]).toEqual([null, 60])
})
// Fixed 1.5 ft below grade, L 13.5 ft: top 3/13.5³·(12⁴/8 + 12·((13.5³ − 12³)/3 − 12·(13.5² − 12²)/4)) = 5.0535 ft;
// at the fixed point 12·(6 + 1.5) − 5.0535·13.5 = 21.78 ft² a plf, a fifth over 12²/8 = 18.
test('without a slab cladding bends the post at its fixity, a fifth more than at grade', () => {
  const clad = { ...demand, claddingPlf: 60 }
  const unit = fixedPost(12, 1.5, 1.4e6 * 62.39)
  expectNear(unit.held.fixedFtLb, 21.78, 1e-3)
  const { momentFtLb } = columnWorst(given({ combinations: [snow], demand: clad, unit }))
  expect(momentFtLb).toBeGreaterThanOrEqual(60 * 21.77)
})
// Axis 2 of a 3-ply 2×6 with girts at 120 in.: FcE2 0.822·510,000/26.67² = 589.5; RB² = (1.63·120 + 16.5)·5.5/4.5² = 57.6,
// FbE 1.2·510,000/57.6 = 10,624. Pushed by 580 psi it stands; bent by 1,500 besides, 580/589.5 + (1,500/10,624)² = 1.004.
test('buckling sideways under load and bending together is a state of its own (NDS 2018 3.9-4)', () => {
  const heavy = { ...demand, deadLb: 580 * 24.75, snowLb: 0 }
  const strong = (psi: number) => ({ ...bent, fieldMomentFtLb: 0, momentFtLb: 0, fixedFtLb: (psi * 22.6875) / 12 })
  const under = (psi: number) =>
    columnWorst(given({ basis: basisOf(120), combinations: [wind], demand: heavy, cases: [strong(psi)] }))
  expectNear(under(100).limits.fbe, 10624, 1e-3)
  expect(under(100).use).toEqual(expect.any(Number))
  expect(under(1500).use).toEqual({ cannotStand: 'buckles' })
})
// 4,000 lb of a lean-to: a ledger of one ply on the face, (5.5 + 1.5)/2 = 3.5 in. off: 1,167 ft-lb over its depth;
// three plies of rafter on its side, (4.5 + 4.5)/2 = 4.5 in.: 1,500 ft-lb across its plies; two plies, one on each side: none.
test.each([
  ['a ledger on its face', { spaceIn: 24, plies: 2 }, true, [3.5 / 12, 0]],
  ['three plies of rafter on its side', { spaceIn: null, plies: 3 }, true, [0, 4.5 / 12]],
  ['of plies not nailed together the outer one takes all', { spaceIn: null, plies: 3 }, false, [0, (3 * 4.5) / 12]],
] as const)('%s hangs beside the middle of the post', (_, rafter, together, want) => {
  const leanTo = { side: 'south', dropIn: 12, rafter, ledger: { plies: 1 } }
  const own = { ...building, heelIn: 144, leanTos: [leanTo] } as never
  const found = hangingOf(own, post, together)
  expectNear(found?.strongFt ?? NaN, want[0], 1e-9)
  expectNear(found?.weakFt ?? NaN, want[1], 1e-9)
  expect(found?.atFt).toBe(11)
})
test('rafters on both sides of a post load it in its middle', () => {
  const leanTo = { side: 'south', dropIn: 12, rafter: { spaceIn: null, plies: 2 }, ledger: { plies: 1 } }
  expect(hangingOf({ ...building, leanTos: [leanTo] } as never, post, true)).toBeNull()
})
test.each([
  ['on one face: 4000·(5.5 + 3)/2/12', 'south', 4000 * (8.5 / 24)],
  ['on both faces', 'both', 0],
] as const)('carrier %s', (_, sides, want) => {
  const carrier = { ...barn.roof.carrier, sides: sides === 'both' ? ('both' as const) : ('outside' as const), plies: 2 }
  const roof = { ...barn.roof, carrier, truss: { ...barn.roof.truss, set: 'carriers' as const, seat: 'face' as const } }
  expectNear(seatMomentFtLb({ roof, post: building.post } as never, post, 4000), want, 1e-9)
})

import { wallPressures } from '../../loads'
import { barnJob } from '../../testing/barn'
import { expectNear } from '../../testing/near'
import { type GirtCase, girtAt, girtCases, pullAtPostLb, pullShare, widestGapIn } from './board'
import { nails } from './nails'
import { strength } from './strength'

const { building: barn } = barnJob()
const building = {
  ...barn,
  girts: { ...barn.girts, style: 'flat' as const, size: '2x6' as const, lumber: 'SP-No.2', plies: 1 },
}
const results = { claddingQhPsf: 20, flatRoof: false, wind: { gcpi: 0.18, trace: [] } } as never
const girtCase = (change: Partial<GirtCase> = {}): GirtCase => ({
  spanIn: 96,
  spans: 2,
  zone: 4,
  spaceIn: 24,
  row: 'G2',
  ...change,
})
const given = (cases: readonly GirtCase[]) => ({ place: 'south', zone: 4 as const, building, cases, results })

test('effective area L·max(s, L/3): 8 ft by 2.667 ft = 21.33 ft² (ASCE 7-16 26.2)', () => {
  const at = girtAt(building, results, girtCase(), 24)
  expectNear(at?.areaFt2 ?? 0, 64 / 3, 1e-9)
  const want = wallPressures({ qhPsf: 20, areaFt2: 64 / 3, zone: 4, flatRoof: false, gcpi: 0.18 })
  expect(at?.pressures).toEqual(want)
})
test('the hardest worked board of the zone governs; others and the other zone do not', () => {
  const cases = [girtCase(), girtCase({ spanIn: 120, row: 'G3' }), girtCase({ spanIn: 200, zone: 5 })]
  const check = strength(given(cases))
  expect(check?.facts).toMatchObject({ kind: 'worked', girtCase: { row: 'G3' } })
})
test.each([
  [24, 'holds'],
  [400, 'fails'],
])('%d in. of wall on an 8 ft span: %s', (spaceIn, state) =>
  expect(strength(given([girtCase({ spaceIn })]))?.state).toBe(state),
)
test('the widest space at which all hold is a limit: a hair more fails', () => {
  const cases = [girtCase(), girtCase({ spanIn: 110 })]
  const gapIn = widestGapIn(building, results, cases)
  const worst = (spaceIn: number) => strength(given(cases.map((each) => ({ ...each, spaceIn }))))?.state
  expect([worst(gapIn * 0.999), worst(gapIn * 1.01)]).toEqual(['close', 'fails'])
})
test('a lumber without values is not checked; a zone without boards has no check', () => {
  const own = { ...building, girts: { ...building.girts, lumber: 'own-none' } }
  expect(strength({ ...given([girtCase()]), building: own })?.state).toBe('not-checked')
  expect(strength({ ...given([girtCase()]), zone: 5 })).toBeNull()
})

describe('nails at the posts', () => {
  const withNails = (nail: string, count: number, wetPosts = false) => ({
    ...building,
    joints: { ...building.joints, girt: { nail, count }, wetPosts } as typeof building.joints,
  })
  // The middle support of two spans takes 1.25·w·L: 0.6·25·2·8·1.25 = 300 lb; an end half of w·L: 120 lb.
  test('a board over two spaces pulls 1.25·w·L at the post it crosses', () => {
    expect(pullAtPostLb(girtCase(), -25)).toBeCloseTo(300, 9)
    expect(pullAtPostLb(girtCase({ spans: 1 }), -25)).toBeCloseTo(120, 9)
    expect([pullShare({ spans: 2 }), pullShare({ spans: 1 })]).toEqual([1.25, 0.5])
  })
  test('more nails hold in proportion, wet posts let smooth nails go', () => {
    const holds = (count: number, wet: boolean) =>
      nails({ ...given([girtCase()]), building: withNails('16d-common', count, wet) })?.capacity ?? 0
    expect(holds(4, false)).toBeCloseTo(2 * holds(2, false), 9)
    expect(holds(4, true)).toBeLessThan(0.3 * holds(4, false))
  })
  test.each([
    [1, 'fails'],
    [40, 'holds'],
  ])('%d nails: %s', (count, state) =>
    expect(
      nails({ ...given([girtCase({ spaceIn: 48 })]), building: withNails('16d-common', count, true) })?.state,
    ).toBe(state),
  )
  test('an unknown nail is said; without girts there is no check', () => {
    expect(nails({ ...given([girtCase()]), building: withNails('none', 4) })?.state).toBe('not-checked')
    expect(nails(given([]))).toBeNull()
  })
})
test.each([
  ['ends where the end zone begins', 96, 384, 4],
  ['reaches a sixteenth into the far one', 96, 384.0625, 5],
  ['begins a sixteenth inside the near one', 95.9375, 384, 5],
])('a board that %s: zone %d', (_, fromIn, toIn, zone) => {
  const wall = { side: 'south', rows: [{ id: 'G1', tributaryIn: 24 }] } as never
  const pieces = [{ row: 'G1', fromIn, toIn, lengthIn: toIn - fromIn }]
  const cases = girtCases({
    building: { ...barn, girts: { ...barn.girts, style: 'between' as const } },
    grid: { lengthIn: 480, widthIn: 360 } as never,
    wall,
    pieces,
    posts: [],
    edgeFt: 8,
  })
  expect(cases.map((each) => each.zone)).toEqual([zone])
})

test('boards of other spans are cases of their own; of those alike the widest space is kept', () => {
  const row = (id: string, tributaryIn: number) => ({ id, tributaryIn })
  const piece = (row: string, fromIn: number, toIn: number) => ({ row, fromIn, toIn, lengthIn: toIn - fromIn })
  const posts = [0, 96, 192, 250].map((x) => ({ id: `p${x}`, side: 'south', kind: 'eave', x, y: 0, string: 'south' }))
  const cases = girtCases({
    building: { ...building, girts: { ...building.girts, style: 'between' } } as never,
    grid: { lengthIn: 10_000, widthIn: 480 } as never,
    wall: { side: 'south', rows: [row('G1', 20), row('G2', 30)] } as never,
    pieces: [piece('G1', 0, 96), piece('G2', 0, 96), piece('G1', 96, 192), piece('G1', 192, 250)],
    posts: posts as never,
    edgeFt: 0,
  })
  expect(cases.map(({ spaceIn }) => spaceIn)).toEqual([30, 20])
  expect(cases[0].spanIn - cases[1].spanIn).toBeCloseTo(96 - 58, 9)
})

import { isWorse } from '../result'
import fc from 'fast-check'
import {
  beamStability,
  boardSize,
  boardValues,
  columnStability,
  girtRatios,
  postSize,
  postValues,
  timberValues,
  uniformLeIn,
  weightPlf,
  wetFactors,
} from '.'
import { barnJob } from '../testing/barn'
import { evaluate } from '../testing/arithmetic'
import { expectNear } from '../testing/near'

const GIRT = { style: 'flat', size: '2x6', lumber: 'SP-No.2' } as const
const ZONE5 = { inwardPsf: 28.25, outwardPsf: -36.86 }

test.each([
  ['3-2x6', 24.75, 22.69, 62.39],
  ['3-2x8', 32.63, 39.42, 142.9],
  ['4-2x10', 55.5, 85.56, 395.7],
  ['6x6', 30.25, 27.73, 76.26],
] as const)('column section %s, NDS Supp. Table 1B', (s, a, sx, ix) => {
  const p = postSize({ section: s })
  expectNear(p.areaIn2, a)
  expectNear(p.sIn3, sx)
  expectNear(p.iIn4, ix)
})
test('board flat and on edge, Table 1B', () => {
  const b = boardSize('2x6')
  expectNear(b.sFlatIn3, 2.0625)
  expectNear(b.iFlatIn4, 1.547)
  expectNear(b.sEdgeIn3, 7.563)
  expectNear(b.iEdgeIn4, 20.8)
})
test.each([
  ['SP-No.2', 8.25, 2.139],
  ['SP-No.2', 24.75, 6.416],
] as const)('weight, NDS Supp. 3.1.3: %s %d in²', (l, a, want) => expectNear(weightPlf(l, a), want))
test('values: Southern Pine by width, others with CF, timbers of their own, none invented', () => {
  expect(boardValues('SP-No.2', 6)).toMatchObject({ fb: 1000, fc: 1400, ePsi: 1.4e6, eMin: 0.51e6 })
  expect(boardValues('SPF-No.1/No.2', 6)?.fb).toBeCloseTo(875 * 1.3)
  expect(timberValues('SP-No.2')).toMatchObject({ fb: 850, fc: 525 })
  expect(timberValues('SPF-No.1/No.2')).toBeNull()
})
// A grade of one's own has values only when all of them are entered: nothing is made up for what is missing.
describe('a grade of one’s own', () => {
  const whole = {
    id: 'own-a',
    name: 'mill stamp',
    source: '',
    fbPsi: 2400,
    ftPsi: 1200,
    fvPsi: 200,
    fcPerpPsi: 600,
    fcPsi: 1700,
    ePsi: 1.8e6,
    eMinPsi: 0.9e6,
    g: 0.55,
  }
  test('gives what was entered', () =>
    expect(boardValues('own-a', 6, [whole])).toMatchObject({ fb: 2400, fc: 1700, eMin: 0.9e6, gravity: 0.55 }))
  test.each(['fbPsi', 'ftPsi', 'fvPsi', 'fcPerpPsi', 'fcPsi', 'ePsi', 'eMinPsi', 'g'] as const)(
    'has none without %s',
    (key) => expect(boardValues('own-a', 6, [{ ...whole, [key]: null }])).toBeNull(),
  )
})
// NDS 4.3.8: 0.8 of the strengths and 0.95 of E, and nothing off Fc⊥; Southern Pine takes its treatment without cuts.
describe('treated posts are incised, by species and unless the user says not', () => {
  const values = (lumber: string, incised: boolean) => {
    const { building } = barnJob()
    return postValues({ ...building, post: { ...building.post, section: '3-2x6', lumber: lumber as never, incised } })
  }
  test.each([
    ['SPF-No.1/No.2', true, 0.8, 0.95],
    ['SPF-No.1/No.2', false, 1, 1],
    ['SP-No.2', true, 1, 1],
  ] as const)('%s, incised %s: %d of strength, %d of E', (lumber, incised, strength, e) => {
    const [got, dry] = [values(lumber, incised), boardValues(lumber, 6)]
    for (const key of ['fb', 'ft', 'fv', 'fc'] as const) expectNear(got?.[key], (dry?.[key] ?? NaN) * strength, 1e-9)
    for (const key of ['ePsi', 'eMin'] as const) expectNear(got?.[key], (dry?.[key] ?? NaN) * e, 1e-9)
    expect(got?.fcPerp).toBe(dry?.fcPerp)
  })
})
// NDS Supplement Tables 4A, 4D and 5A: what wet service leaves of each.
test.each([
  ['boards of 1,000 psi', { product: 'board', fb: 1000, fc: 700 }, { fb: 1, fc: 1, fv: 0.97, ePsi: 0.9 }],
  ['boards of 1,200 psi', { product: 'board', fb: 1200, fc: 800 }, { fb: 0.85, fc: 0.8, fv: 0.97, ePsi: 0.9 }],
  [
    'glue-laminated wood',
    { product: 'glulam', fb: 2400, fc: 1600 },
    { fb: 0.8, ft: 0.8, fc: 0.73, fv: 0.875, ePsi: 0.833 },
  ],
  [
    'Douglas-fir timbers',
    { product: 'timber', species: 'DF-L', fb: 1200, fc: 1000 },
    { fb: 1, fc: 0.91, fcPerp: 0.67, ePsi: 1 },
  ],
  [
    'Southern Pine timbers',
    { product: 'timber', species: 'SP', fb: 1350, fc: 825 },
    { fb: 1, fc: 1, fcPerp: 1, ePsi: 1 },
  ],
])('wet service of %s', (_, values, want) => {
  const of = { species: 'SP', ci: { strength: 1, e: 1 }, ...values } as unknown as Parameters<typeof wetFactors>[0]
  expect(wetFactors(of, true)).toMatchObject(want)
  expect(wetFactors(of, false)).toMatchObject({ fb: 1, ft: 1, fc: 1, fv: 1, fcPerp: 1, ePsi: 1 })
})
test('beam stability, NDS 3.3.3: purlin under uplift', () => {
  expectNear(uniformLeIn(96, 5.5), 173, 1e-3)
  const r = beamStability({ leIn: uniformLeIn(96, 5.5), dIn: 5.5, bIn: 1.5, eMinPsi: 0.51e6, fbStarPsi: 1840 })
  expectNear(r.rb, 20.56)
  expectNear(r.cl, 0.7033)
  expect(beamStability({ leIn: 2000, dIn: 11.25, bIn: 1.5, eMinPsi: 0.51e6, fbStarPsi: 1840 }).cl).toBe(0)
})
test('column stability, NDS 3.7.1: post of 14 ft, both axes', () => {
  const one = columnStability({ slenderness: 134.4 / 5.5, eMinPsi: 0.51e6, fcStarPsi: 2240 })
  expectNear(one.fcePsi, 702.1)
  expectNear(one.cp, 0.2898)
  expectNear(columnStability({ slenderness: 24 / 4.5, eMinPsi: 0.51e6, fcStarPsi: 2240 }).cp, 0.9667)
  expect(columnStability({ slenderness: 64.15, eMinPsi: 0.51e6, fcStarPsi: 2240 }).cp).toBe(0)
})

describe('girt 2x6 flat, 8 ft at 24 in., zone 5', () => {
  const two = girtRatios({ ...GIRT, spans: 2 }, { spanIn: 96, spaceIn: 24, ...ZONE5 })
  const one = girtRatios({ ...GIRT, spans: 1 }, { spanIn: 96, spaceIn: 24, ...ZONE5 })
  test('bending 0.9731, NDS 3.3', () => expectNear(two?.ratios.bending ?? 0, 0.9731))
  test('shear 40.22 psi of 280, NDS 3.4', () => expectNear(two?.ratios.shear ?? 0, 40.22 / 280))
  test('sag over two spans 0.5471 in., IBC Table 1604.3 note f', () =>
    expectNear(two?.ratios.deflectionIn ?? 0, 0.5471))
  test('sag over one span 1.318 in. fails 1.067', () => {
    expectNear(one?.ratios.deflectionIn ?? 0, 1.318)
    expect(one?.ratios.worst).toBeGreaterThan(1)
  })
  test('the same board between posts', () =>
    expectNear(
      girtRatios({ ...GIRT, style: 'between', spans: 1 }, { spanIn: 96, spaceIn: 24, ...ZONE5 })?.ratios.deflectionIn ??
        0,
      0.09802,
    ))
  test('its arithmetic ends at the same numbers', () =>
    expect(two?.trace().map((line) => line.label)).toContain('Allowed bending'))
  test.each([
    ['two spans', two, 'Moment at the middle post', 'w·L⁴/(185·E·I)'],
    ['one span', one, 'Moment at mid-span', '5·w·L⁴/(384·E·I)'],
  ])('%s: formulas and figures are those of its own span', (_, ratios, moment, sag) => {
    const lines = ratios?.trace() ?? []
    expect(lines.map((line) => line.label)).toContain(moment)
    const sagLine = lines.find((line) => line.formula === sag)
    expect(evaluate(sagLine?.numbers ?? '')).toBeCloseTo(sagLine?.value ?? NaN, 2)
  })
  test('past 24 in. boards no longer share: Cr falls away', () => {
    const at = (s: number) =>
      Number(girtRatios({ ...GIRT, spans: 2 }, { spanIn: 96, spaceIn: s, ...ZONE5 })?.ratios.bending)
    expectNear(at(24.01) / at(24), (1.15 * 24.01) / 24, 1e-9)
  })
  test('a wider space or a longer span never eases a girt', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 8, max: 58, noNaN: true }),
        fc.double({ min: 40, max: 160, noNaN: true }),
        fc.constantFrom('flat' as const, 'between' as const),
        (s, l, style) => {
          const worst = (spaceIn: number, spanIn: number) =>
            girtRatios({ ...GIRT, style, spans: 1 }, { spanIn, spaceIn, ...ZONE5 })?.ratios.worst ?? 0
          expect(isWorse(worst(s + 1, l), worst(s, l))).toBe(true)
          expect(isWorse(worst(s, l + 2), worst(s, l))).toBe(true)
        },
      ),
    )
  })
})

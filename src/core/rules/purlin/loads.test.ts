import type { SiteResults } from '../../frame'
import { barnJob } from '../../testing/barn'
import { mainPurlinLoads, overhangUpPsf, purlinPullLb } from './loads'

const { building: barn } = barnJob()
const results = (change: object) =>
  ({
    snow: { psPsf: 20, pmPsf: 25, unbalanced: null },
    wind: { thetaDeg: 18, gcpi: 0.18 },
    flatRoof: false,
    dead: { slopePsf: 3, minPsf: 2 },
    site: { dead: { by: 'typed' } },
    enclosure: { class: 'enclosed' },
    claddingQhPsf: 20,
    roofCladding: { inwardPsf: 12, zonePsf: { '1': -20, '3r': -50 } },
    ...change,
  }) as unknown as SiteResults
const building = (openRoofCn: number | null, overhangs: object = { eaveOverhangIn: 0, gableOverhangIn: 0 }) => ({
  ...barn,
  ...overhangs,
  pitchPer12: 0,
  roof: { ...barn.roof, purlins: { ...barn.roof.purlins, spaceIn: 24 } },
  skin: { ...barn.skin, openRoofCn },
})

// An open roof, ASCE 7-16 30.7: p = qh·G·CN = 20·0.85·1.2 = 20.4 psf, both ways.
test('an open roof takes the coefficient that was typed, through the gust factor', () =>
  expect(mainPurlinLoads(building(1.2), results({ enclosure: { class: 'open' } }), 96, ['1'])).toMatchObject({
    windInPsf: 20.4,
    zones: [{ zone: 'open roof', upPsf: 20.4 }],
  }))
test('without one its wind is not known', () =>
  expect(mainPurlinLoads(building(null), results({ enclosure: { class: 'open' } }), 96, ['1'])).toBeNull())
test('a roof over walls takes its zones', () =>
  expect(mainPurlinLoads(building(null), results({}), 96, ['1', '3r'])).toMatchObject({
    snowPsf: 25,
    leastPsf: 1.5,
    windInPsf: 12,
    zones: [
      { zone: '1', upPsf: -20 },
      { zone: '3r', upPsf: -50 },
    ],
  }))
test.each([
  [{ psPsf: 20, pmPsf: 0, unbalanced: { leewardPsf: 22, surchargePsf: 8 } }, 30],
  [{ psPsf: 20, pmPsf: 0, unbalanced: null }, 20],
])('snow %j: %d psf', (snow, want) =>
  expect(mainPurlinLoads(building(null), results({ snow }), 96, [])?.snowPsf).toBe(want),
)

// Soffits, ASCE 7-16 30.9: the wall's 1.0·20 = 20 psf stands under the overhang where inside 0.18·20 = 3.6 psf does.
describe('overhangs', () => {
  const zonePsf = { '1': -20, '2e': -30, '2n': -35, '3e': -50, '3r': -40 }
  const roof = results({ roofCladding: { inwardPsf: 12, zonePsf } })
  const upOf = (eaveOverhangIn: number, zone: '1' | '2e' | '3e' | '3r') =>
    mainPurlinLoads(building(null, { eaveOverhangIn, gableOverhangIn: 0 }), roof, 96, [zone])?.zones[0]?.upPsf
  test.each([
    [12, '2e', -30 - 16.4 / 2],
    [24, '3e', -50 - 16.4],
    [36, '3e', -50 - 16.4],
    [0, '3e', -50],
    [24, '1', -20],
    [24, '3r', -40],
  ] as const)('%d in. out over the eave, zone %s: %d psf over a purlin', (eaveIn, zone, psf) =>
    expect(upOf(eaveIn, zone)).toBeCloseTo(psf, 9),
  )
  test.each([
    [0, 0, 0],
    [0, 24, 66.4],
    [24, 0, 66.4],
  ])('sheet %d in. out at the eaves, %d at the gables: %d psf', (eaveOverhangIn, gableOverhangIn, psf) =>
    expect(overhangUpPsf(building(null, { eaveOverhangIn, gableOverhangIn }), roof, 'any')).toBeCloseTo(psf, 9),
  )
  // In service between trusses (0.6·50 − 0.6·1.5)·2 = 58.2 plf, past the end (0.6·66.4 − 0.9)·2 = 77.88 plf. 8 ft apart:
  // 465.6 lb at a truss; 4 ft apart with 4 ft out: 58.2·2 + 77.88·4·(1 + 4/8) = 583.7 lb at the end truss.
  test.each([
    [96, 24, 465.6],
    [48, 0, 232.8],
    [48, 48, 583.68],
  ])('trusses %d in. apart, %d in. out: %d lb', (spanIn, gableOverhangIn, lb) => {
    const shed = building(null, { eaveOverhangIn: 0, gableOverhangIn })
    const loads = mainPurlinLoads(shed, roof, spanIn, ['3e'])
    if (!loads) throw new Error('no loads')
    const pull = purlinPullLb(shed, roof, { loads: { ...loads, thetaDeg: 0 }, spanIn, endSpanIn: spanIn })
    expect(pull).toBeCloseTo(lb, 6)
  })
})

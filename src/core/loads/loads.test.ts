import fc from 'fast-check'
import {
  claddingPressurePsf,
  completeSite,
  driftHeightFt,
  edgeZoneFt,
  eaveSnowPlf,
  effectiveAreaFt2,
  kz,
  lowRoofReactionsPlf,
  lowRoofSnow,
  roofAlongPsf,
  roofLivePsf,
  slopeFactor,
  snowLoads,
  wallGcp,
  wallPressures,
  windPressures,
} from '.'
import { barnShape, barnSite } from '../testing/barn'
import { expectNear } from '../testing/near'

describe('snow, ASCE 7-16 ch. 7, reference barn', () => {
  const snow = snowLoads(barnSite, { pitchPer12: 4, halfWidthFt: 20, slippery: true })
  test.each([
    ['pf, 7.3', snow.pfPsf, 25.2],
    ['Cs, Fig. 7.4-1', snow.cs, 0.9375],
    ['ps, 7.4', snow.psPsf, 23.63],
    ['γ, Eq. 7.7-1', snow.gammaPcf, 17.9],
    ['windward, 7.6.1', snow.unbalanced?.windwardPsf ?? 0, 7.088],
    ['surcharge, 7.6.1', snow.unbalanced?.surchargePsf ?? 0, 14.83],
    ['surcharge width', snow.unbalanced?.surchargeFt ?? 0, 6.63],
    ['hd(20)', driftHeightFt(20, 30), 1.435],
    ['hd(40)', driftHeightFt(40, 30), 2.198],
  ])('%s', (_n, got, want) => expectNear(got, want))
  test('minimum snow of a 2:12 lean-to, 7.3.4', () =>
    expectNear(snowLoads(barnSite, { pitchPer12: 2, halfWidthFt: 12, slippery: false }).pmPsf, 20))
  test.each([
    [5, 1, true, 1],
    [45, 1, false, 0.625],
    [18.43, 1.2, true, 0.9376],
    [44, 1.2, false, 1],
    [70, 1.2, true, 0],
  ])('Cs at %d°, Ct %d, slippery %s', (t, ct, sl, want) => expectNear(slopeFactor(t, ct, sl), want))
  // About the far eave, 40 ft away: lee 30·20·30/40 = 450, windward 10·20·10/40 = 50, more than 20·20 balanced.
  test('unbalanced snow governs where it is more by statics: 500 plf', () => {
    const unbalanced = { leewardPsf: 30, windwardPsf: 10, surchargePsf: 0, surchargeFt: 0 }
    expectNear(eaveSnowPlf({ psPsf: 20, pmPsf: 0, unbalanced } as never, 40, 0), 500)
    // Two feet of overhang: lee 30·22·31/40 = 511.5, windward 10·22·9/40 = 49.5.
    expectNear(eaveSnowPlf({ psPsf: 20, pmPsf: 0, unbalanced } as never, 40, 2), 561)
  })
  test('balanced snow governs the eave of the barn: 23.63 × 21', () => expectNear(eaveSnowPlf(snow, 40, 1), 23.63 * 21))
  test('a drift is split between wall and outer line without loss, also when the roof cuts it off', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4, max: 30, noNaN: true }),
        fc.double({ min: 1, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 90, noNaN: true }),
        (depth, w, peak) => {
          const { wallPlf, outerPlf } = lowRoofReactionsPlf(
            { uniformPsf: 20, peakPsf: peak, peakWidthFt: w, governs: 'drift', trace: [] },
            depth,
            0,
          )
          const cut = Math.max(0, w - depth)
          expectNear(wallPlf + outerPlf, 20 * depth + (peak * w) / 2 - (peak * cut * cut) / w / 2, 1e-9)
        },
      ),
    )
  })
})

test.each([
  [320, 4, 17.6],
  [168, 4, 20],
  [700, 4, 12],
  [100, 12, 12],
  [100, 8, 16],
])('roof live on %d ft² at %d:12, ASCE 7-16 4.8.2', (a, p, want) => expectNear(roofLivePsf(a, p), want))

describe('wind, ASCE 7-16 ch. 26 and 27, reference barn', () => {
  const wind = windPressures(barnSite, barnShape)
  test.each([
    ['h, 26.2', wind.meanHeightFt, 17.33],
    ['Kz, Table 26.10-1', wind.kz, 0.8751],
    ['qh, 26.10-1', wind.qhPsf, 25.18],
    ['windward wall', wind.windwardPsf, 17.13],
    ['leeward wall', wind.leewardPsf, -10.7],
    ['internal', wind.internalPsf, 4.533],
    ['roof windward B', wind.roofWindwardBPsf + wind.internalPsf, 4.433],
    ['roof windward A', wind.roofWindwardAPsf - wind.internalPsf, -14.36],
    ['roof leeward', wind.roofLeewardPsf, -12.17],
    ['along the ridge, first h', roofAlongPsf(wind, 0) - wind.internalPsf, -23.8],
    ['along the ridge, h to 2h', roofAlongPsf(wind, 20) - wind.internalPsf, -15.24],
    ['leeward along the ridge', wind.leewardAlongPsf / (wind.qhPsf * 0.85), -0.38],
  ])('%s', (_n, got, want) => expectNear(got, want, 6e-4))
  test.each([
    ['B', 15, 0.5747],
    ['B', 30, 0.7006],
    ['C', 15, 0.8489],
    ['C', 40, 1.044],
    ['D', 15, 1.03],
    ['D', 25, 1.126],
  ] as const)('Kz exposure %s at %d ft', (e, z, want) => expectNear(kz(z, e), want, 6e-4))
  test('more wind never lowers a pressure', () => {
    fc.assert(
      fc.property(fc.integer({ min: 80, max: 199 }), (v) => {
        const [wind, pressures] = [v, v + 1].map((windMph) => windPressures({ ...barnSite, windMph }, barnShape))
        expect(pressures.windwardPsf).toBeGreaterThan(wind.windwardPsf)
        expect(-roofAlongPsf(pressures, 0)).toBeGreaterThan(-roofAlongPsf(wind, 0))
      }),
    )
  })
})

describe('cladding wind, ASCE 7-16 ch. 30', () => {
  const q = claddingPressurePsf({ heightFt: 17.3333, exposure: 'C', elevationFt: 0, windMph: 115 })
  const area = effectiveAreaFt2(8, 2)
  test('edge zone a, Fig. 30.3-1', () => expectNear(edgeZoneFt(40, 17.33), 4))
  test('girt of 8 ft span at 2 ft: area and coefficients', () => {
    expectNear(area, 21.33)
    expectNear(wallGcp(area, 4, false).inward, 0.9419)
    expectNear(wallGcp(area, 4, false).outward, -1.042)
    expectNear(wallGcp(area, 5, false).outward, -1.284)
  })
  test('pressures both ways', () => {
    expectNear(wallPressures({ qhPsf: q, areaFt2: area, zone: 4, flatRoof: false }).inwardPsf, 28.25)
    expectNear(wallPressures({ qhPsf: q, areaFt2: area, zone: 4, flatRoof: false }).outwardPsf, -30.77)
    expectNear(wallPressures({ qhPsf: q, areaFt2: area, zone: 5, flatRoof: false }).outwardPsf, -36.86)
  })
  test('never under 16 psf, 30.2.2', () =>
    expect(wallPressures({ qhPsf: 5, areaFt2: 500, zone: 4, flatRoof: true })).toMatchObject({
      inwardPsf: 16,
      outwardPsf: -16,
    }))
  test('exposure B takes Kz of 0.70 at least', () =>
    expectNear(
      claddingPressurePsf({ heightFt: 15, exposure: 'B', elevationFt: 0, windMph: 100 }) / (0.00256 * 0.85 * 10000),
      0.7,
    ))
})

test('a missing hazard is named, never assumed', () => {
  const result = completeSite({ ...barnSite, groundSnowPsf: null, soil: 'own' })
  expect(result.ok ? [] : result.issues.map((issue) => issue.path.join('.'))).toEqual([
    'site.groundSnowPsf',
    'site.ownBearingPsf',
    'site.ownLateralPsfPerFt',
  ])
})

describe('snow on a roof lower than the main one', () => {
  // A triangle of 30 psf over 8 ft on a roof 10 ft deep: 120 lb, its middle 8/3 ft from the wall: 32 lb outside.
  test.each([
    ['a triangle that fits', 8, 32],
    // Over 20 ft it is cut at 10: 15 psf left there: 150 lb at 5 ft and 75 at 10/3: (750 + 250)/10.
    ['one cut off at the edge', 20, 100],
  ])('%s', (_, peakWidthFt, outer) => {
    const drift = { uniformPsf: 0, peakPsf: 30, peakWidthFt, governs: 'drift', trace: [] } as const
    expectNear(lowRoofReactionsPlf(drift, 10, 0).outerPlf, outer, 1e-9)
  })
  // Windward counts three quarters of its own height: a deep low roof under a narrow main one is governed by it.
  test('the windward drift takes three quarters of its height', () => {
    const low = (depthFt: number, mainWidthFt: number) =>
      lowRoofSnow(barnSite, snowLoads(barnSite, { pitchPer12: 4, halfWidthFt: 20, slippery: true }), {
        pitchPer12: 2,
        depthFt,
        stepFt: 12,
        mainWidthFt,
        mainRunFt: mainWidthFt / 2,
        mainPitchPer12: 4,
        slipperyMain: false,
      })
    const peak = (depthFt: number, mainWidthFt: number) =>
      low(depthFt, mainWidthFt).find(({ governs }) => governs === 'drift')?.peakPsf ?? 0
    // Leeward from 25 ft at least against windward from 100 ft: hd = 0.43·∛lu·⁴√(pg + 10) − 1.5.
    const hd = (lu: number) => 0.43 * Math.cbrt(lu) * (barnSite.groundSnowPsf + 10) ** 0.25 - 1.5
    const gamma = 0.13 * barnSite.groundSnowPsf + 14
    expectNear(peak(100, 10), 0.75 * hd(100) * gamma, 2e-2)
  })
})

// ASCE 7-16 7.7.1: no drift counts where the step clears the balanced snow by less than a fifth of its height.
test.each([
  [1.19, false],
  [1.21, true],
])('a step of %d times the balanced snow: a drift %p', (times, drifts) => {
  const main = snowLoads(barnSite, { pitchPer12: 4, halfWidthFt: 20, slippery: true })
  const low = snowLoads(barnSite, { pitchPer12: 2, halfWidthFt: 10, slippery: false })
  const roof = { pitchPer12: 2, depthFt: 10, mainWidthFt: 40, mainRunFt: 20, mainPitchPer12: 4, slipperyMain: true }
  const found = lowRoofSnow(barnSite, main, { ...roof, stepFt: (times * low.psPsf) / low.gammaPcf })
  expect(found.some(({ governs }) => governs === 'drift')).toBe(drifts)
})

// ASCE 7-16 7.7.1: a drift no higher than what is clear is four times as wide as high; a higher one spreads, 8 times the
// clear height at most.
test('a drift against the wall is four heights wide, more where it is cut off', () => {
  const main = snowLoads(barnSite, { pitchPer12: 4, halfWidthFt: 20, slippery: true })
  const roof = { pitchPer12: 2, depthFt: 10, mainWidthFt: 40, mainRunFt: 20, mainPitchPer12: 4, slipperyMain: true }
  const gamma = 0.13 * barnSite.groundSnowPsf + 14
  const drift = (stepFt: number) =>
    lowRoofSnow(barnSite, main, { ...roof, stepFt }).find(({ governs }) => governs === 'drift')
  const high = drift(12)
  expectNear(high?.peakWidthFt ?? 0, (4 * (high?.peakPsf ?? 0)) / gamma, 1e-6)
  const hd = (high?.peakPsf ?? 0) / gamma
  const low = drift(2)
  const clear = (low?.peakPsf ?? 0) / gamma
  expectNear(low?.peakWidthFt ?? 0, Math.min((4 * hd * hd) / clear, 8 * clear), 1e-6)
})
// ASCE 7-16 Fig. 7.6-1: the drift grows with √Is: risk III 1.1, IV 1.2; risk I lowers none.
test.each([
  ['I', 1],
  ['II', 1],
  ['III', Math.sqrt(1.1)],
  ['IV', Math.sqrt(1.2)],
] as const)('a drift against a wall at risk %s is %d times that of risk II', (risk, times) => {
  const peak = (of: 'I' | 'II' | 'III' | 'IV') => {
    const site = { ...barnSite, risk: of }
    const main = snowLoads(site, { pitchPer12: 4, halfWidthFt: 20, slippery: true })
    const roof = { pitchPer12: 2, depthFt: 10, mainWidthFt: 40, mainRunFt: 20, mainPitchPer12: 4, slipperyMain: true }
    return lowRoofSnow(site, main, { ...roof, stepFt: 12 }).find(({ governs }) => governs === 'drift')?.peakPsf ?? 0
  }
  expectNear(peak(risk), times * peak('II'), 1e-9)
})

import { kz, roofLivePsf, slopeFactor, snowLoads, wallGcp, windPressures } from '.'
import { editionData } from './editions'
import { openRoofPressures } from './openRoof'
import { roofCladding } from './roofCladding'
import { judgeEnclosure } from './enclosure'
import { barnSite } from '../testing/barn'
import { expectNear } from '../testing/near'

// Tables of ASCE 7-16 row by row.
describe('Kz, Table 26.10-1', () => {
  test.each([
    ['B', 15, 0.5747],
    ['B', 20, 0.624],
    ['B', 25, 0.665],
    ['B', 30, 0.7006],
    ['B', 40, 0.7606],
    ['C', 15, 0.8489],
    ['C', 20, 0.9019],
    ['C', 25, 0.9453],
    ['C', 30, 0.9823],
    ['C', 40, 1.044],
    ['D', 15, 1.03],
    ['D', 20, 1.083],
    ['D', 25, 1.126],
    ['D', 30, 1.162],
    ['D', 40, 1.222],
  ] as const)('exposure %s at %d ft', (e, z, want) => expectNear(kz(z, e), want, 6e-4))
  test('below 15 ft it stays', () => expect(kz(3, 'C')).toBe(kz(15, 'C')))
})

describe('snow factors, Tables 1.5-2, 7.3-1 and 7.3-2: pf = 0.7·Ce·Ct·Is·pg at 30 psf', () => {
  test.each([
    ['I', 'C', 'partially', 'unheated', 20.16],
    ['II', 'C', 'partially', 'unheated', 25.2],
    ['III', 'C', 'partially', 'unheated', 27.72],
    ['IV', 'C', 'partially', 'unheated', 30.24],
    ['II', 'B', 'fully', 'heated', 18.9],
    ['II', 'B', 'partially', 'heated', 21.0],
    ['II', 'B', 'sheltered', 'heated', 25.2],
    ['II', 'C', 'fully', 'heated', 18.9],
    ['II', 'C', 'partially', 'heated', 21.0],
    ['II', 'C', 'sheltered', 'heated', 23.1],
    ['II', 'D', 'fully', 'heated', 16.8],
    ['II', 'D', 'partially', 'heated', 18.9],
    ['II', 'D', 'sheltered', 'heated', 21.0],
    ['II', 'C', 'partially', 'heated', 21.0],
    ['II', 'C', 'partially', 'just-above-freezing', 23.1],
    ['II', 'C', 'partially', 'unheated', 25.2],
    ['II', 'C', 'partially', 'kept-below-freezing', 27.3],
  ] as const)('risk %s, exposure %s, %s, %s: %d psf', (risk, exposure, snowExposure, thermal, want) => {
    const snow = snowLoads(
      {
        ...barnSite,
        risk,
        exposure,
        snowExposure,
        thermal,
      },
      { pitchPer12: 4, halfWidthFt: 20, slippery: true },
    )
    expectNear(snow.pfPsf, want)
  })
})

describe('slope factor, Fig. 7.4-1: start of the fall and half way to 70 degrees', () => {
  test.each([
    [1, false, 30],
    [1.1, true, 10],
    [1.1, false, 37.5],
    [1.2, true, 15],
    [1.2, false, 45],
    [1.3, true, 15],
  ] as const)('Ct %d, slippery %s: 1 up to %d degrees', (ct, slippery, start) => {
    expect(slopeFactor(start, ct, slippery)).toBe(1)
    expectNear(slopeFactor((start + 70) / 2, ct, slippery), 0.5)
    expect(slopeFactor(70, ct, slippery)).toBe(0)
    expect(slopeFactor(90, ct, slippery)).toBe(0)
  })
})

describe('roof coefficients, Fig. 27.3-1, at the table’s own corners', () => {
  const data = editionData('ASCE 7-16').roof
  test.each([
    [0.25, 10, -0.7, -0.18],
    [0.25, 15, -0.5, 0.0],
    [0.25, 20, -0.3, 0.2],
    [0.25, 25, -0.2, 0.3],
    [0.25, 30, -0.2, 0.3],
    [0.25, 35, 0.0, 0.4],
    [0.25, 45, 0.4, 0.4],
    [0.5, 10, -0.9, -0.18],
    [0.5, 15, -0.7, -0.18],
    [0.5, 20, -0.4, 0.0],
    [0.5, 25, -0.3, 0.2],
    [0.5, 30, -0.2, 0.2],
    [0.5, 35, -0.2, 0.3],
    [0.5, 45, 0.0, 0.4],
    [1, 10, -1.3, -0.18],
    [1, 15, -1.0, -0.18],
    [1, 20, -0.7, -0.18],
    [1, 25, -0.5, 0.0],
    [1, 30, -0.3, 0.2],
    [1, 35, -0.2, 0.2],
    [1, 45, 0.0, 0.3],
  ] as const)('h/L %d, %d degrees: A %d, B %d', (ratio, theta, a, b) => {
    const [i, j] = [data.heightRatio.indexOf(ratio), data.thetaDeg.indexOf(theta)]
    expect([data.windwardA[i][j], data.windwardB[i][j]]).toEqual([a, b])
  })
  test('between corners it is bilinear: the reference barn, 18.43 degrees and h/L 0.4333', () => {
    const wind = windPressures(barnSite, { lengthFt: 64, widthFt: 40, heelFt: 14, pitchPer12: 4 })
    expectNear(wind.roofWindwardAPsf / (wind.qhPsf * 0.85), -0.4589, 1e-3)
    expectNear(wind.roofLeewardPsf / (wind.qhPsf * 0.85), -0.5687, 1e-3)
  })
})

describe('cladding of gable roofs, Figs. 30.3-2A to D, strength psf at qh 25.18 enclosed', () => {
  test.each([
    [5, -1.7, -2.3, -2.3, -3.2],
    [15, -2, -2, -3, -3],
    [20, -2, -2, -3, -3],
    [25, -2, -2, -3, -3],
    [40, -1.8, -2, -2, -3.2],
  ] as const)('%d degrees: zones 1 %d, 2e %d, 2n %d, 3e %d', (theta, z1, z2e, z2n, z3e) => {
    const r = roofCladding('ASCE 7-16', theta, 25.18, 0.18)
    for (const [zone, gcp] of [
      ['1', z1],
      ['2e', z2e],
      ['2n', z2n],
      ['3e', z3e],
    ] as const)
      expectNear(r?.zonePsf[zone] ?? 0, 25.18 * (gcp - 0.18), 1e-6)
    expect(r?.verify).toBe(theta > 20 ? 'C15' : null)
  })
  test('never less than 16 psf either way (30.2.2); steeper than 45 degrees is not covered', () => {
    expect(roofCladding('ASCE 7-16', 15, 5, 0.18)).toMatchObject({ inwardPsf: 16, zonePsf: { '1': -16 } })
    expect(roofCladding('ASCE 7-16', 46, 25, 0.18)).toBeNull()
  })
})

describe('walls, Fig. 30.3-1', () => {
  test.each([
    [10, 1, -1.1, -1.4],
    [21.33, 0.9419, -1.042, -1.284],
    [112, 0.8147, -0.9147, -1.029],
    [500, 0.7, -0.8, -0.8],
    [5000, 0.7, -0.8, -0.8],
    [2, 1, -1.1, -1.4],
  ])('%d ft²: in %d, zone 4 %d, zone 5 %d', (a, inward, z4, z5) => {
    expectNear(wallGcp(a, 4, false).inward, inward, 1e-3)
    expectNear(wallGcp(a, 4, false).outward, z4, 1e-3)
    expectNear(wallGcp(a, 5, false).outward, z5, 1e-3)
    expectNear(wallGcp(a, 5, true).outward, 0.9 * z5, 1e-3)
  })
})

describe('open roofs, Figs. 27.3-4, 27.3-5, 27.3-7 (register C14): the worst of both flows and cases', () => {
  test.each([
    ['mono', 7.5, -1.7, 1.6],
    ['mono', 15, -2.1, 1.8],
    ['mono', 0, -1.2, 1.2],
    ['mono', 22.5, -2.4, 2.2],
    ['mono', 30, -2.5, 2.6],
    ['pitched', 7.5, -1.7, 1.1],
    ['pitched', 15, -1.6, 1.1],
    ['pitched', 22.5, -1.7, 1.1],
    ['pitched', 30, -1.2, 1.3],
    ['pitched', 40, -1.2, 1.3],
    ['pitched', 45, -1.2, 1.1],
  ] as const)('%s at %d degrees: up %d, down %d', (shape, theta, up, down) =>
    expect(openRoofPressures('ASCE 7-16', shape, theta, 25)).toMatchObject({ cnUp: up, cnDown: down }),
  )
  test('an angle past the table is refused: its last row is never kept', () =>
    expect(() => openRoofPressures('ASCE 7-16', 'mono', 30.1, 25)).toThrow(RangeError))
  test('between two rows both are taken', () => expect(openRoofPressures('ASCE 7-16', 'mono', 10, 25).cnUp).toBe(-2.1))
  test('qh 25.18, CN −1.7: −36.39 psf', () =>
    expectNear(openRoofPressures('ASCE 7-16', 'mono', 7.5, 25.18).upPsf, -36.39))
})

describe('enclosure, 26.2', () => {
  const walls = (south: number, other: number) => [
    { side: 'south' as const, grossFt2: 900, openFt2: south },
    { side: 'north' as const, grossFt2: 900, openFt2: other },
    { side: 'east' as const, grossFt2: 693, openFt2: 0 },
    { side: 'west' as const, grossFt2: 693, openFt2: 0 },
  ]
  test.each([
    [0, 0, 'enclosed'],
    [144, 6, 'partially'],
    [144, 140, 'enclosed'],
    [3, 0, 'enclosed'],
    [900, 0, 'partially'],
  ] as const)('%d ft² south, %d north: %s', (s, n, want) => expect(judgeEnclosure(walls(s, n), 2700).class).toBe(want))
  test('80 % open on every side: open', () =>
    expect(
      judgeEnclosure(
        walls(900, 900).map((wall) => ({ ...wall, openFt2: 0.8 * wall.grossFt2 })),
        2700,
      ).class,
    ).toBe('open'))
})

describe('roof live, 4.8.2', () => {
  test.each([
    [100, 4, 20],
    [200, 4, 20],
    [230, 4, 19.4],
    [100, 5, 19],
    [320, 4, 17.6],
    [400, 4, 16],
    [600, 4, 12],
    [900, 4, 12],
    [100, 6, 18],
    [100, 12, 12],
    [400, 8, 12.8],
  ])('%d ft² at %d:12: %d psf', (a, p, want) => expectNear(roofLivePsf(a, p), want))
})

import { boardSize, boardValues, postSize, timberValues } from '.'
import { expectNear } from '../testing/near'

// Known answers row by row, as the tables print them: NDS Supplement 2018 Tables 1B, 4A, 4B, 4C and 4D.

describe('dressed boards, Table 1B: A, Sx, Ix, Sy, Iy', () => {
  test.each([
    ['2x4', 5.25, 3.063, 5.359, 1.313, 0.9844],
    ['2x6', 8.25, 7.563, 20.8, 2.063, 1.547],
    ['2x8', 10.88, 13.14, 47.63, 2.719, 2.039],
    ['2x10', 13.88, 21.39, 98.93, 3.469, 2.602],
    ['2x12', 16.88, 31.64, 178.0, 4.219, 3.164],
  ] as const)('%s', (name, area, sx, ix, sy, iy) => {
    const s = boardSize(name)
    expectNear(s.areaIn2, area, 1e-3)
    expectNear(s.sEdgeIn3, sx, 1e-3)
    expectNear(s.iEdgeIn4, ix, 1e-3)
    expectNear(s.sFlatIn3, sy, 1e-3)
    expectNear(s.iFlatIn4, iy, 1e-3)
  })
})

describe('nail-laminated columns: width, depth, A, Sx, Ix about the strong axis', () => {
  test.each([
    ['3-2x6', 4.5, 5.5, 24.75, 22.69, 62.39],
    ['3-2x8', 4.5, 7.25, 32.63, 39.42, 142.9],
    ['3-2x10', 4.5, 9.25, 41.63, 64.17, 296.8],
    ['4-2x6', 6.0, 5.5, 33.0, 30.25, 83.19],
    ['4-2x8', 6.0, 7.25, 43.5, 52.56, 190.5],
    ['4-2x10', 6.0, 9.25, 55.5, 85.56, 395.7],
  ] as const)('%s', (section, width, depth, area, sx, ix) => {
    const s = postSize({ section })
    expect([s.widthIn, s.depthIn]).toEqual([width, depth])
    expectNear(s.areaIn2, area, 1e-3)
    expectNear(s.sIn3, sx, 1e-3)
    expectNear(s.iIn4, ix, 1e-3)
  })
})

describe('Southern Pine by width, Table 4B: Fb, Ft, Fv, Fc perp, Fc, E, Emin', () => {
  test.each([
    ['SP-SS', 4, 2350, 1650, 175, 565, 1900, 1.8, 0.66],
    ['SP-SS', 6, 2100, 1450, 175, 565, 1800, 1.8, 0.66],
    ['SP-SS', 8, 1950, 1350, 175, 565, 1700, 1.8, 0.66],
    ['SP-SS', 10, 1700, 1150, 175, 565, 1650, 1.8, 0.66],
    ['SP-SS', 12, 1600, 1100, 175, 565, 1650, 1.8, 0.66],
    ['SP-No.1 Dense', 4, 1650, 1100, 175, 660, 1750, 1.8, 0.66],
    ['SP-No.1 Dense', 6, 1500, 1000, 175, 660, 1650, 1.8, 0.66],
    ['SP-No.1 Dense', 8, 1350, 900, 175, 660, 1600, 1.8, 0.66],
    ['SP-No.1 Dense', 10, 1200, 800, 175, 660, 1550, 1.8, 0.66],
    ['SP-No.1 Dense', 12, 1100, 750, 175, 660, 1500, 1.8, 0.66],
    ['SP-No.1', 4, 1500, 1000, 175, 565, 1650, 1.6, 0.58],
    ['SP-No.1', 6, 1350, 875, 175, 565, 1550, 1.6, 0.58],
    ['SP-No.1', 8, 1250, 800, 175, 565, 1500, 1.6, 0.58],
    ['SP-No.1', 10, 1050, 700, 175, 565, 1450, 1.6, 0.58],
    ['SP-No.1', 12, 1000, 650, 175, 565, 1400, 1.6, 0.58],
    ['SP-No.2', 4, 1100, 675, 175, 565, 1450, 1.4, 0.51],
    ['SP-No.2', 6, 1000, 600, 175, 565, 1400, 1.4, 0.51],
    ['SP-No.2', 8, 925, 550, 175, 565, 1350, 1.4, 0.51],
    ['SP-No.2', 10, 800, 475, 175, 565, 1300, 1.4, 0.51],
    ['SP-No.2', 12, 750, 450, 175, 565, 1250, 1.4, 0.51],
    ['SP-No.3', 4, 650, 400, 175, 565, 850, 1.3, 0.47],
    ['SP-No.3', 6, 575, 350, 175, 565, 800, 1.3, 0.47],
    ['SP-No.3', 8, 525, 325, 175, 565, 775, 1.3, 0.47],
    ['SP-No.3', 10, 475, 275, 175, 565, 750, 1.3, 0.47],
    ['SP-No.3', 12, 450, 250, 175, 565, 725, 1.3, 0.47],
  ] as const)('%s 2×%d', (lumber, nominal, fb, ft, fv, fcPerp, fc, e, eMin) => {
    const values = boardValues(lumber, nominal)
    expect(values).toMatchObject({ fb, ft, fv, fcPerp, fc, gravity: 0.55 })
    expectNear(values?.ePsi ?? 0, e * 1e6)
    expectNear(values?.eMin ?? 0, eMin * 1e6)
  })
})

describe('other species, Table 4A at 12 in. (CF 1) and the size factor of narrower boards', () => {
  test.each([
    ['DF-L-SS', 1500, 1000, 180, 625, 1700, 1.9, 0.69, 0.5],
    ['DF-L-No.1&Btr', 1200, 800, 180, 625, 1550, 1.8, 0.66, 0.5],
    ['DF-L-No.1', 1000, 675, 180, 625, 1500, 1.7, 0.62, 0.5],
    ['DF-L-No.2', 900, 575, 180, 625, 1350, 1.6, 0.58, 0.5],
    ['DF-L-No.3', 525, 325, 180, 625, 775, 1.4, 0.51, 0.5],
    ['HF-SS', 1400, 925, 150, 405, 1500, 1.6, 0.58, 0.43],
    ['HF-No.1&Btr', 1100, 725, 150, 405, 1350, 1.5, 0.55, 0.43],
    ['HF-No.1', 975, 625, 150, 405, 1350, 1.5, 0.55, 0.43],
    ['HF-No.2', 850, 525, 150, 405, 1300, 1.3, 0.47, 0.43],
    ['HF-No.3', 500, 300, 150, 405, 725, 1.2, 0.44, 0.43],
    ['SPF-SS', 1250, 700, 135, 425, 1400, 1.5, 0.55, 0.42],
    ['SPF-No.1/No.2', 875, 450, 135, 425, 1150, 1.4, 0.51, 0.42],
    ['SPF-No.3', 500, 250, 135, 425, 650, 1.2, 0.44, 0.42],
  ] as const)('%s', (lumber, fb, ft, fv, fcPerp, fc, e, eMin, g) => {
    const values = boardValues(lumber, 12)
    expect(values).toMatchObject({ fb, ft, fv, fcPerp, fc, gravity: g })
    expectNear(values?.ePsi ?? 0, e * 1e6)
    expectNear(values?.eMin ?? 0, eMin * 1e6)
    for (const [nominal, cfFb, cfFc] of [
      [4, 1.5, 1.15],
      [6, 1.3, 1.1],
      [8, 1.2, 1.05],
      [10, 1.1, 1],
    ] as const) {
      expectNear(boardValues(lumber, nominal)?.fb ?? 0, fb * cfFb)
      expectNear(boardValues(lumber, nominal)?.fc ?? 0, fc * cfFc)
    }
  })
  test.each([
    ['DF-L-Stud', 700, 850],
    ['HF-Stud', 675, 800],
    ['SPF-Stud', 675, 725],
  ] as const)('%s: 1.1 and 1.05 on a 2×4, 1 on a 2×6, No.3 from 8 in. up', (lumber, fb, fc) => {
    expectNear(boardValues(lumber, 4)?.fb ?? 0, fb * 1.1)
    expectNear(boardValues(lumber, 4)?.fc ?? 0, fc * 1.05)
    expectNear(boardValues(lumber, 6)?.fb ?? 0, fb)
    expect(boardValues(lumber, 8)?.fb).toBe(boardValues(lumber.replace('Stud', 'No.3'), 8)?.fb)
  })
})

describe('machine rated, Table 4C, no size factor', () => {
  test.each([
    ['SP-1650f-1.5E', 1650, 1020, 1700, 1.5, 0.76, 175, 565, 0.55],
    ['DF-L-1650f-1.5E', 1650, 1020, 1700, 1.5, 0.76, 180, 625, 0.5],
    ['SPF-1650f-1.5E', 1650, 1020, 1700, 1.5, 0.76, 135, 425, 0.42],
    ['SP-2100f-1.8E', 2100, 1575, 1875, 1.8, 0.91, 175, 565, 0.55],
    ['DF-L-2100f-1.8E', 2100, 1575, 1875, 1.8, 0.91, 180, 625, 0.5],
    ['SPF-2100f-1.8E', 2100, 1575, 1875, 1.8, 0.91, 135, 425, 0.42],
    ['SP-2400f-2.0E', 2400, 1925, 1975, 2.0, 1.02, 175, 565, 0.55],
    ['DF-L-2400f-2.0E', 2400, 1925, 1975, 2.0, 1.02, 180, 625, 0.5],
    ['SPF-2400f-2.0E', 2400, 1925, 1975, 2.0, 1.02, 135, 425, 0.42],
  ] as const)('%s', (lumber, fb, ft, fc, e, eMin, fv, fcPerp, g) => {
    for (const nominal of [4, 6, 8, 10, 12])
      expect(boardValues(lumber, nominal)).toMatchObject({ fb, ft, fc, fv, fcPerp, gravity: g, verify: 'C04' })
    expectNear(boardValues(lumber, 6)?.ePsi ?? 0, e * 1e6)
    expectNear(boardValues(lumber, 6)?.eMin ?? 0, eMin * 1e6)
  })
})

describe('posts and timbers, Table 4D', () => {
  test.each([
    ['SP-SS', 1500, 1000, 165, 375, 950, 1.5, 0.55, 0.55],
    ['SP-No.1', 1350, 900, 165, 375, 825, 1.5, 0.55, 0.55],
    ['SP-No.2', 850, 550, 165, 375, 525, 1.2, 0.44, 0.55],
    ['DF-L-SS', 1500, 1000, 170, 625, 1150, 1.6, 0.58, 0.5],
    ['DF-L-No.1', 1200, 825, 170, 625, 1000, 1.6, 0.58, 0.5],
    ['DF-L-No.2', 750, 475, 170, 625, 700, 1.3, 0.47, 0.5],
  ] as const)('%s', (lumber, fb, ft, fv, fcPerp, fc, e, eMin, g) => {
    const values = timberValues(lumber)
    expect(values).toMatchObject({ fb, ft, fv, fcPerp, fc, gravity: g })
    expectNear(values?.ePsi ?? 0, e * 1e6)
    expectNear(values?.eMin ?? 0, eMin * 1e6)
  })
})

describe('grades of the user’s own', () => {
  const own = [
    {
      id: 'own-a',
      name: 'Stamped',
      source: 'stamp',
      fbPsi: 1234,
      ftPsi: 700,
      fvPsi: 150,
      fcPerpPsi: 500,
      fcPsi: 1500,
      ePsi: 1500000,
      eMinPsi: 560000,
      g: 0.46,
    },
  ]
  test('are taken as entered at every width, for boards and timbers', () => {
    expect(boardValues('own-a', 8, own)).toMatchObject({ fb: 1234, fc: 1500, ePsi: 1500000, gravity: 0.46 })
    expect(timberValues('own-a', own)).toMatchObject({ fb: 1234 })
  })
  test('an id that no list knows has no values', () => {
    expect(boardValues('own-b', 8, own)).toBeNull()
    expect(boardValues('XX-No.9', 6)).toBeNull()
    expect(boardValues('SP-No.2', 14)).toBeNull()
  })
})

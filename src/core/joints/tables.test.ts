import {
  BOLT_YIELD_PSI,
  bearingStrengthPsi,
  nailOf,
  NAILS,
  nailStrength,
  ringWithdrawal,
  smoothWithdrawal,
  yieldLimit,
} from '.'
import { expectNear } from '../testing/near'

// Printed values of common fasteners, row by row (NDS 2018 12.3.1, 12.2.3): lb, 1.5 in. side, normal duration.
const G = { SP: 0.55, 'DF-L': 0.5, SPF: 0.42 } as const
const lateral = (id: string, g: number) =>
  nailStrength({ nail: nailOf(id) ?? NAILS[0], sideIn: 1.5, mainIn: 12, gMain: g, gSide: g, duration: 1, wet: false })
    .lateralLb

describe('common nails: Z in three species, W per inch in three species', () => {
  test.each([
    ['8d-common', 0.131, 80.81, 74.03, 63.06, 40.56, 31.96, 20.67],
    ['10d-common', 0.148, 128.2, 117.4, 100.0, 45.82, 36.1, 23.35],
    ['16d-common', 0.162, 153.6, 140.7, 119.8, 50.15, 39.52, 25.56],
    ['20d-common', 0.192, 184.9, 169.4, 144.3, 59.44, 46.84, 30.29],
    ['30d-common', 0.207, 202.4, 185.4, 157.9, 64.08, 50.5, 32.66],
    ['40d-common', 0.225, 223.5, 204.7, 172.3, 69.66, 54.89, 35.5],
    ['50d-common', 0.244, 229.9, 210.6, 175.7, 75.54, 59.52, 38.49],
    ['60d-common', 0.263, 186.8, 174.3, 144.1, 81.42, 64.16, 41.49],
  ] as const)('%s, D %d', (id, d, zSp, zDfl, zSpf, wSp, wDfl, wSpf) => {
    expectNear(lateral(id, G.SP), zSp)
    expectNear(lateral(id, G['DF-L']), zDfl)
    expectNear(lateral(id, G.SPF), zSpf)
    expectNear(smoothWithdrawal(G.SP, d), wSp)
    expectNear(smoothWithdrawal(G['DF-L'], d), wDfl)
    expectNear(smoothWithdrawal(G.SPF, d), wSpf)
  })
})

describe('ring-shank nails: W per inch of ring thread', () => {
  test.each([
    [0.135, 73.51, 60.75, 42.87],
    [0.148, 80.59, 66.6, 46.99],
    [0.177, 96.38, 79.65, 56.2],
    [0.2, 108.9, 90.0, 63.5],
    [0.207, 112.7, 93.15, 65.73],
  ] as const)('D %d', (d, wSp, wDfl, wSpf) => {
    expectNear(ringWithdrawal(G.SP, d), wSp)
    expectNear(ringWithdrawal(G['DF-L'], d), wDfl)
    expectNear(ringWithdrawal(G.SPF, d), wSpf)
  })
})

describe('bolts in single shear, side 1.5 in.: both along the grain, side across it, main across it (printed to the pound)', () => {
  const z = ({
    d,
    main,
    g,
    mainTheta,
    sideTheta,
  }: {
    d: number
    main: number
    g: number
    mainTheta: number
    sideTheta: number
  }) =>
    yieldLimit({
      dIn: d,
      lmIn: main,
      lsIn: 1.5,
      femPsi: bearingStrengthPsi(g, d, mainTheta),
      fesPsi: bearingStrengthPsi(g, d, sideTheta),
      fybPsi: BOLT_YIELD_PSI,
      thetaDeg: Math.max(mainTheta, sideTheta),
    }).zLb
  const pound = (got: number, want: number) => {
    if (Math.abs(got - want) > 1.01) throw new Error(`printed ${want}, got ${got}`)
  }
  test.each([
    ['SP', 0.5, 1.5, 531, 334, 334],
    ['DF-L', 0.5, 1.5, 483, 298, 298],
    ['SPF', 0.5, 1.5, 405, 243, 243],
    ['SP', 0.5, 3.5, 659, 398, 469],
    ['DF-L', 0.5, 3.5, 614, 366, 432],
    ['SPF', 0.5, 3.5, 542, 317, 372],
    ['SP', 0.5, 5.5, 659, 398, 469],
    ['DF-L', 0.5, 5.5, 614, 366, 432],
    ['SPF', 0.5, 5.5, 542, 317, 372],
    ['SP', 0.625, 1.5, 664, 399, 399],
    ['DF-L', 0.625, 1.5, 604, 357, 357],
    ['SPF', 0.625, 1.5, 507, 291, 291],
    ['SP', 0.625, 3.5, 936, 562, 615],
    ['DF-L', 0.625, 3.5, 878, 524, 542],
    ['SPF', 0.625, 3.5, 783, 411, 430],
    ['SP', 0.625, 5.5, 936, 562, 643],
    ['DF-L', 0.625, 5.5, 878, 524, 595],
    ['SPF', 0.625, 5.5, 783, 411, 517],
    ['SP', 0.75, 1.5, 797, 462, 462],
    ['DF-L', 0.75, 1.5, 724, 414, 414],
    ['SPF', 0.75, 1.5, 608, 337, 337],
    ['SP', 0.75, 3.5, 1275, 666, 691],
    ['DF-L', 0.75, 3.5, 1201, 580, 609],
    ['SPF', 0.75, 3.5, 1082, 450, 484],
    ['SP', 0.75, 5.5, 1275, 666, 848],
    ['DF-L', 0.75, 5.5, 1201, 580, 788],
    ['SPF', 0.75, 5.5, 1082, 450, 690],
  ] as const)('%s, %d in., main %d in.', (species, d, main, par, sPerp, mPerp) => {
    pound(z({ d, main, g: G[species], mainTheta: 0, sideTheta: 0 }), par)
    pound(z({ d, main, g: G[species], mainTheta: 0, sideTheta: 90 }), sPerp)
    pound(z({ d, main, g: G[species], mainTheta: 90, sideTheta: 0 }), mPerp)
  })
})

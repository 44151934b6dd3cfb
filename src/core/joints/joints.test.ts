import fc from 'fast-check'
import {
  bearingStrengthPsi,
  boltStrength,
  BOLT_YIELD_PSI,
  combinedLb,
  crossingPlace,
  geometryFactor,
  groupAction,
  headPullThrough,
  laminationPlan,
  lagWithdrawal,
  nailColumns,
  nailOf,
  NAILS,
  nailStrength,
  nailYieldPsi,
  ringWithdrawal,
  rowGapIn,
  screwWithdrawal,
  smoothWithdrawal,
  yieldLimit,
} from '.'
import { newJob } from '../model'
import { expectNear } from '../testing/near'

const SP = 0.55
const DFL = 0.5
const SPF = 0.42

/** Two 5/8 in. bolts through a laminated post. */
const TWO_BOLTS = {
  diameterIn: 0.625,
  count: 2,
  rows: 1,
  double: true,
  mainIn: 5.5,
  sideIn: 1.5,
  gMain: SP,
  gSide: SP,
  mainThetaDeg: 0,
  sideThetaDeg: 90,
  eaMain: 3.5e7,
  eaSide: 2.3e7,
  spacingIn: 2.5,
  place: { cDelta: 1, problem: null },
  duration: 1.15,
  wet: false,
}

describe('dowel bearing, NDS 2018 Table 12.3.3', () => {
  test.each([
    [SP, 0.162, 0, 5526],
    [DFL, 0.162, 0, 4637],
    [SPF, 0.162, 0, 3364],
    [SP, 0.5, 0, 6160],
    [SP, 0.5, 90, 3626],
    [DFL, 0.5, 90, 3158],
    [SP, 0.625, 90, 3243],
    [SPF, 0.625, 90, 2193],
  ])('G %d, D %d, %d° to the grain: %d psi', (g, d, theta, want) => expectNear(bearingStrengthPsi(g, d, theta), want))
  test('at an angle it lies between the two', () => {
    const at = (t: number) => bearingStrengthPsi(SP, 0.5, t)
    expect(at(45)).toBeLessThan(at(0))
    expect(at(45)).toBeGreaterThan(at(90))
  })
})

describe('yield limit, NDS 2018 12.3.1: 16d common in Southern Pine', () => {
  const limit = yieldLimit({ dIn: 0.162, lmIn: 2, lsIn: 1.5, femPsi: 5526, fesPsi: 5526, fybPsi: 90000, thetaDeg: 0 })
  test.each([
    ['Im', 813.8],
    ['Is', 610.3],
    ['II', 300.1],
    ['IIIm', 285.6],
    ['IIIs', 222.3],
    ['IV', 153.6],
  ] as const)('mode %s %d lb', (mode, want) => expectNear(limit.modes[mode], want))
  test('the smallest governs', () => expect([limit.mode, Math.round(limit.zLb)]).toEqual(['IV', 154]))
})

describe('bolts, 1/2 in., Southern Pine main 5½, side 1½', () => {
  const bolt = (side: number, d = 0.5, main = 5.5, double = false) =>
    yieldLimit({
      dIn: d,
      lmIn: main,
      lsIn: 1.5,
      femPsi: bearingStrengthPsi(SP, d, 0),
      fesPsi: bearingStrengthPsi(SP, d, side),
      fybPsi: BOLT_YIELD_PSI,
      thetaDeg: side,
      double,
    })
  test.each([
    ['both parallel, Im', bolt(0).modes.Im, 4235],
    ['Is', bolt(0).modes.Is, 1155],
    ['II', bolt(0).modes.II, 1573],
    ['IIIm', bolt(0).modes.IIIm, 1817],
    ['IIIs', bolt(0).modes.IIIs, 660],
    ['IV', bolt(0).modes.IV, 751],
    ['side across the grain', bolt(90).zLb, 398.3],
    ['5/8 in. side across the grain', bolt(90, 0.625).zLb, 562],
    ['5/8 in. both parallel', bolt(0, 0.625).zLb, 936],
    ['5/8 in. in double shear, sides across the grain, 14.4', bolt(90, 0.625, 5.5, true).zLb, 1125],
  ])('%s', (_n, got, want) => expectNear(got, want, 2e-3))
  test.each([
    [0.5, 543.8],
    [0.625, 608],
  ])('truss seat in a pocket, %d in.: middle 1½ across the grain, sides 1½ along it, 15.5', (d, want) => {
    const limit = yieldLimit({
      dIn: d,
      lmIn: 1.5,
      lsIn: 1.5,
      femPsi: bearingStrengthPsi(SP, d, 90),
      fesPsi: bearingStrengthPsi(SP, d, 0),
      fybPsi: BOLT_YIELD_PSI,
      thetaDeg: 90,
      double: true,
    })
    expectNear(limit.zLb, want)
  })
  test('nothing from nothing: a length of 0 gives no strength', () =>
    expect(yieldLimit({ dIn: 0.5, lmIn: 0, lsIn: 1.5, femPsi: 1, fesPsi: 1, fybPsi: 1, thetaDeg: 0 }).zLb).toBe(0))
})

describe('common nails, one by one, 15.3', () => {
  const lateral = (id: string, g: number) =>
    nailStrength({ nail: nailOf(id) ?? NAILS[0], sideIn: 1.5, mainIn: 10, gMain: g, gSide: g, duration: 1, wet: false })
      .lateralLb
  test.each([
    ['8d-common', SP, 80.81],
    ['8d-common', SPF, 63.06],
    ['10d-common', SP, 128.2],
    ['10d-common', DFL, 117.4],
    ['16d-common', SP, 153.6],
    ['16d-common', SPF, 119.8],
    ['20d-common', DFL, 169.4],
    ['30d-common', SP, 202.4],
    ['40d-common', SPF, 172.3],
    ['50d-common', SP, 229.9],
    ['60d-common', SP, 186.8],
    ['60d-common', DFL, 174.3],
  ])('%s, G %d: %d lb sideways', (id, g, want) => expectNear(lateral(id, g), want))
  test.each([
    ['smooth 0.162 SP', smoothWithdrawal(SP, 0.162), 50.15],
    ['smooth 0.131 DF-L', smoothWithdrawal(DFL, 0.131), 31.96],
    ['smooth 0.207 SPF', smoothWithdrawal(SPF, 0.207), 32.66],
    ['ring 0.177 SP', ringWithdrawal(SP, 0.177), 96.38],
    ['ring 0.207 SPF', ringWithdrawal(SPF, 0.207), 65.73],
    ['screw #10 SP', screwWithdrawal(SP, 0.19), 163.8],
    ['lag 3/8 SP', lagWithdrawal(SP, 0.375), 1800 * 0.55 ** 1.5 * 0.375 ** 0.75],
  ])('%s', (_n, got, want) => expectNear(got, want))
  test.each([
    [0.131, 100000],
    [0.148, 90000],
    [0.192, 80000],
    [0.244, 70000],
    [0.3, 60000],
  ])('yield of a %d in. nail is %d psi', (d, f) => expect(nailYieldPsi(d)).toBe(f))
})

describe('pull, 15.4', () => {
  const ring = nailOf('ring-177') ?? NAILS[0]
  test('heads pull through before a ring shank lets go: 230.5 × 1.6 = 368.8 lb', () => {
    expectNear(headPullThrough(0.375, SP, 1.5), 230.5)
    const n = nailStrength({ nail: ring, sideIn: 1.5, mainIn: 7.25, gMain: SP, gSide: SP, duration: 1.6, wet: false })
    expectNear(n.pullLb, 368.8)
    expect(n.governs).toBe('head')
  })
  test('a post that dries after nailing keeps a quarter of the pull', () => {
    const dry = nailStrength({
      nail: nailOf('16d-common') ?? ring,
      sideIn: 1.5,
      mainIn: 5,
      gMain: SP,
      gSide: SP,
      duration: 1.6,
      wet: false,
    })
    const wet = nailStrength({
      nail: nailOf('16d-common') ?? ring,
      sideIn: 1.5,
      mainIn: 5,
      gMain: SP,
      gSide: SP,
      duration: 1.6,
      wet: true,
    })
    expectNear(dry.pullLb, 160.5)
    expectNear(wet.pullLb, 40.12)
  })
  // Register C29: 0.25 unless the nails are known to be hardened; nothing makes smooth nails keep more.
  test.each([
    ['ring-177', false, 0.25],
    ['ring-177', true, 1],
    ['16d-common', true, 0.25],
  ])('%s in a wet post, hardened %s: %d of the pull by its shank', (id, hardened, share) => {
    const shankLb = (wet: boolean) =>
      nailStrength({
        nail: { ...(nailOf(id) ?? ring), headIn: 3 },
        sideIn: 1.5,
        mainIn: 7.25,
        gMain: SP,
        gSide: SP,
        duration: 1.6,
        wet,
        hardened,
      }).pullLb
    expectNear(shankLb(true) / shankLb(false), share, 1e-9)
  })
  test('end grain holds nothing in withdrawal', () =>
    expect(
      nailStrength({
        nail: ring,
        sideIn: 1.5,
        mainIn: 5,
        gMain: SP,
        gSide: SP,
        duration: 1.6,
        wet: false,
        endGrain: true,
      }).pullLb,
    ).toBe(0))
  test('too short to reach six diameters: nothing', () =>
    expect(
      nailStrength({ nail: ring, sideIn: 4, mainIn: 5, gMain: SP, gSide: SP, duration: 1, wet: false }),
    ).toMatchObject({ lateralLb: 0, pullLb: 0 }))
  test('combined: 160.5 and 245.7 lb at 51.34° hold 135.0 lb, NDS 12.4.2', () =>
    expectNear(combinedLb(160.5, 245.7, 51.34), 135))
  test('combined at 0° is lateral, at 90° pull, and never more than either side’s own', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 500, noNaN: true }),
        fc.double({ min: 10, max: 500, noNaN: true }),
        (p, z) => {
          expectNear(combinedLb(p, z, 0), z, 1e-9)
          expectNear(combinedLb(p, z, 90), p, 1e-9)
          expectNear(combinedLb(p, z, 0, true), z, 1e-9)
        },
      ),
    )
  })
})

describe('group and geometry factors of bolts, 15.2', () => {
  test.each([
    [
      '3 bolts 5/8, s 2.5, E 1.4e6, 24.75 and 16.5 in²',
      groupAction({ n: 3, dIn: 0.625, spacingIn: 2.5, eaMain: 1.4e6 * 24.75, eaSide: 1.4e6 * 16.5 }),
      0.9927,
    ],
    [
      'D 1, s 4, E 1.4e6, A 5 and 5, n 4: NDS Table 11.3.6A',
      groupAction({ n: 4, dIn: 1, spacingIn: 4, eaMain: 7e6, eaSide: 7e6 }),
      0.91,
    ],
    ['one bolt', groupAction({ n: 1, dIn: 0.625, spacingIn: 2.5, eaMain: 1e7, eaSide: 1e7 }), 1],
  ])('Cg, %s', (_n, got, want) => expectNear(got, want, 6e-3))
  test.each([
    [7, 4, true, 1],
    [3.5, 4, true, 0.5],
    [3.4, 4, true, 0],
    [4, 3, false, 0.75],
    [4, 2.9, false, 0],
    [2, 4, false, 0.5],
  ])('CΔ at end %dD, spacing %dD, tension %s: %d', (end, space, tension, want) =>
    expectNear(geometryFactor(end * 0.625, space * 0.625, 0.625, tension), want, 1e-9),
  )
  test('two 5/8 bolts in double shear at CD 1.15: near 2 × 1294 lb', () =>
    expectNear(boltStrength(TWO_BOLTS).groupLb, 2 * 1294, 1e-2))
  test('bolts nearer than the least distance are refused, not reduced', () =>
    expect(boltStrength({ ...TWO_BOLTS, place: crossingPlace(0.625, 2, 7) })).toMatchObject({
      groupLb: 0,
      problem: expect.stringMatching(/loaded edge/),
    }))
  test('several rows that dry after making up keep 0.4', () =>
    expectNear(
      boltStrength({ ...TWO_BOLTS, count: 4, rows: 2, wet: true }).eachLb /
        boltStrength({ ...TWO_BOLTS, count: 4, rows: 2 }).eachLb,
      0.4,
      1e-9,
    ))
})

describe('lamination by NDS 15.3.3.1, 15.6', () => {
  const pattern = {
    ...newJob('x').building.joints.lamination,
    nail: '30d-common' as const,
    rows: 2,
    spacingIn: 9,
    edgeIn: 1.5,
    endIn: 3.5,
    through: true,
  }
  test('3-ply 2×6 of 16 ft: 22 columns at 8.810 in., 44 nails, 22 from each face', () => {
    expectNear(nailColumns(192, 3.5, 9).spaceIn, 8.81)
    expect(laminationPlan({ lamination: pattern, plies: 3, depthIn: 5.5, lengthIn: 192, gravity: SP })).toMatchObject({
      columns: 22,
      total: 44,
      nailsPerFace: 22,
      meets: true,
    })
  })
  test('an interface passes what its nails hold over their spacing; two rows twice as much as one', () => {
    const passes = (rows: number) =>
      laminationPlan({ lamination: { ...pattern, rows }, plies: 3, depthIn: 5.5, lengthIn: 192, gravity: SP })
    const [one, two] = [passes(1), passes(2)]
    expect(one.interfacePlf).toBeGreaterThan(0)
    expectNear(two.interfacePlf ?? 0, 2 * (one.interfacePlf ?? 0), 1e-9)
    // Half the spacing passes about twice as much: the columns are spread evenly between the ends.
    const close = laminationPlan({
      lamination: { ...pattern, spacingIn: 4.5 },
      plies: 3,
      depthIn: 5.5,
      lengthIn: 192,
      gravity: SP,
    })
    expectNear((close.interfacePlf ?? 0) * close.spacingIn, (two.interfacePlf ?? 0) * two.spacingIn, 1e-9)
  })
  test('its marks run from the foot, start and end 3½ in. in', () => {
    const { marksIn } = laminationPlan({ lamination: pattern, plies: 3, depthIn: 5.5, lengthIn: 192, gravity: SP })
    expect([marksIn[0], marksIn[21]]).toEqual([3.5, 188.5])
  })
  test.each([
    ['a nail too short for the last ply', { nail: '20d-common' as const }, '(b) nail length'],
    ['first nail too near the end', { endIn: 2 }, '(c) end distance'],
    ['nails too far apart', { spacingIn: 12 }, '(d) spacing along a row'],
    ['rows too far apart', { edgeIn: 0.6 }, '(e) row spacing'],
    ['a single row in a wide ply', { rows: 1 }, '(g) rows'],
  ])('%s breaks rule %s', (_n, change, rule) => {
    const plan = laminationPlan({
      lamination: { ...pattern, ...change },
      plies: 3,
      depthIn: 5.5,
      lengthIn: 192,
      gravity: SP,
    })
    expect(plan.meets).toBe(false)
    expect(plan.rules.filter((rule) => !rule.ok).map((rule) => rule.rule)).toContain(rule)
  })
  // Three rows in 5.5 in. with 1.5 at the edges: 1.25 in. apart, under 15 diameters: NDS 15.3.3.1 wants them 10 to 20 apart.
  test('rows share what the edges leave: three in 5.5 in. are half as far apart as two', () => {
    const plan = (rows: number, depthIn: number) =>
      laminationPlan({ lamination: { ...pattern, rows }, plies: 3, depthIn, lengthIn: 192, gravity: SP })
    const rowRule = (rows: number, depthIn: number) =>
      plan(rows, depthIn).rules.find(({ rule }) => rule === '(e) row spacing')?.ok
    expect([rowRule(2, 5.5), rowRule(2, 9.25), rowRule(3, 9.25)]).toEqual([true, false, true])
  })
  test('nailing each pair of plies apart is a shop pattern, not 15.3.3', () =>
    expect(
      laminationPlan({
        lamination: { ...pattern, through: false, nail: '10d-common' },
        plies: 3,
        depthIn: 5.5,
        lengthIn: 192,
        gravity: SP,
      }).meets,
    ).toBe(false))
})

describe('bolts across the grain, NDS 12.5.1 and 3.4.3.3', () => {
  test.each([
    [0.5, 2, 11.25, null, 9.25, 7],
    [0.5, 1, 9.25, null, 4.625, 4.625],
    [0.625, 2, 7.5, null, 5, 5],
    [0.625, 2, 7.25, /loaded edge/, 4.75, 4.75],
    [0.75, 1, 5.5, /loaded edge/, 2.75, 2.75],
  ])('bolts of %d in., %d above one another in %d in.', (dIn, inRow, acrossIn, problem, down, up) => {
    const place = crossingPlace(dIn, inRow, acrossIn)
    if (problem) expect(place.problem).toMatch(problem)
    else expect(place.problem).toBeNull()
    expect([place.deDownIn, place.deUpIn]).toEqual([down, up])
  })
  // Table 12.5.1D: l/D to 2: 2.5 D; 2.4: (5·2.4 + 10)/8 = 2.75 D; from 6 on 5 D.
  test.each([
    [1.5, 3, 0.75, 2.5],
    [1.5, 4.5, 0.625, 2.75],
    [6, 4.5, 0.75, 5],
  ])('rows through %d and %d in. with %d in. bolts stand %d D apart', (mainIn, sideIn, dIn, want) =>
    expectNear(rowGapIn(dIn, mainIn, sideIn), want * dIn, 1e-9),
  )
})

describe('bolts in rows', () => {
  const fourBolts = { ...TWO_BOLTS, count: 4, rows: 2 }
  test('four in two rows share as two in one: only those of a row act as a group', () =>
    expectNear(boltStrength(fourBolts).cg, boltStrength({ ...fourBolts, count: 2, rows: 1 }).cg, 1e-12))
  test('the arithmetic says how many side members there are', () => {
    expect(boltStrength(fourBolts).trace[0]?.label).toMatch(/twice 1\.5/)
    expect(boltStrength({ ...fourBolts, double: false }).trace[0]?.label).not.toContain('twice')
  })
})

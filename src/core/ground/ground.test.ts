import fc from 'fast-check'
import {
  bearingWidthIn,
  collarUpliftLb,
  constrainedDepthFt,
  ep486DepthFt,
  padAreaFt2,
  cleatUpliftLb,
  inGroundMomentFtLb,
  padRatios,
  padWeightLb,
  slabForceLb,
  soilValues,
  unconstrainedDepthFt,
} from '.'
import { barnSite } from '../testing/barn'
import { expectNear } from '../testing/near'

const LOAD = { shearLb: 909.6, momentFtLb: 2547, bFt: 0.5303, lateralPsfPerFt: 300 }

describe('embedment, IBC 2021 1807.3', () => {
  test.each([
    ['1807.3.2.1 doubled', unconstrainedDepthFt(LOAD), 7.513],
    ['not doubled', unconstrainedDepthFt({ ...LOAD, lateralPsfPerFt: 150 }), 10.21],
    ['fixed lower', unconstrainedDepthFt({ ...LOAD, shearLb: 845.6, momentFtLb: 1651 }), 6.978],
    ['18 in. concrete doubled', unconstrainedDepthFt({ ...LOAD, bFt: 1.5 }), 4.815],
    ['18 in. not doubled', unconstrainedDepthFt({ ...LOAD, bFt: 1.5, lateralPsfPerFt: 150 }), 6.464],
    ['24 in. doubled', unconstrainedDepthFt({ ...LOAD, bFt: 2 }), 4.272],
    ['1807.3.2.2 doubled', constrainedDepthFt(LOAD), 4.082],
    ['not doubled', constrainedDepthFt({ ...LOAD, lateralPsfPerFt: 150 }), 5.144],
    ['slab force', slabForceLb(LOAD, 4.082), 1742],
    ['EP486 free', ep486DepthFt(LOAD, false), 7.215],
    ['EP486 slab', ep486DepthFt(LOAD, true), 4.001],
    ['b of a 4½ in. face', bearingWidthIn(4.5) / 12, 0.5303],
  ])('%s', (_n, got, want) => expectNear(got ?? NaN, want, 6e-4))
  test('the depth is a root: a little less is not enough', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 4000, noNaN: true }),
        fc.double({ min: 0, max: 9000, noNaN: true }),
        fc.double({ min: 0.3, max: 3, noNaN: true }),
        (shearLb, momentFtLb, bFt) => {
          const l = { shearLb, momentFtLb, bFt, lateralPsfPerFt: 300 }
          const d = unconstrainedDepthFt(l)
          const rhs = (x: number) => {
            const a = (2.34 * shearLb) / (((300 * Math.min(x, 12)) / 3) * bFt)
            return (a / 2) * (1 + Math.sqrt(1 + (4.36 * momentFtLb) / shearLb / a))
          }
          if (d !== null && d > 0.5) {
            expect(d).toBeGreaterThanOrEqual(rhs(d) - 1e-9)
            expect(d - 0.001).toBeLessThan(rhs(d - 0.001))
          }
        },
      ),
    )
  })
  test.each([
    [{ ...LOAD, shearLb: 0 }],
    [{ ...LOAD, bFt: -1 }],
    [{ ...LOAD, lateralPsfPerFt: NaN }],
    [{ ...LOAD, shearLb: 1e9 }],
  ])('no depth is given for %j', (l) => expect(unconstrainedDepthFt(l)).toBeNull())
})

test('moment below grade of a free post: 3,838 ft-lb', () => expectNear(inGroundMomentFtLb(909.6, 2547, 7), 3838))

describe('bearing, pads and uplift', () => {
  test.each([
    [12, 0.7854],
    [18, 1.767],
    [24, 3.142],
    [36, 7.069],
  ])('area of %d in., ft²', (d, a) => expectNear(padAreaFt2(d), a))
  test('weight of a 24 × 8 in. pad', () => expectNear(padWeightLb(24, 8), 303.7))
  test('plain concrete pad, ACI 318-19 ch. 14', () => {
    const r = padRatios({ loadLb: 4931, diameterIn: 24, thicknessIn: 8, faceIn: 4.5, depthIn: 5.5, fcPsi: 3000 })
    expectNear(r.muInLb, 12270, 1e-3)
    expectNear(r.phiMnInLb, 23240, 1e-3)
    expectNear(r.shear, 787.3 / 4582, 2e-3)
    expectNear(r.punching, 5784 / 23140, 2e-3)
    expect(padRatios({ loadLb: 4931, diameterIn: 24, thicknessIn: 6, faceIn: 4.5, depthIn: 5.5 }).bending).toBeNull()
  })
  test('collar of 24 × 12 in. under 3½ ft of soil', () => {
    const collar = { diameterIn: 24, heightIn: 12, topFt: 3.5, postAreaFt2: 24.75 / 144, postWeightLb: 121.9 }
    expectNear(collarUpliftLb({ ...collar, coneDeg: 15 }).capacityLb, 1767, 1e-3)
    expectNear(collarUpliftLb({ ...collar, coneDeg: 0 }).capacityLb, 955.1, 1e-3)
  })
  test('cleats of 7½ × 24 in. under 4 ft of loose soil: 0.6 × (100 × (1.25 × 4 − 0.17 × 4) + 120)', () => {
    expectNear(
      cleatUpliftLb({ widthIn: 7.5, lengthIn: 24, topFt: 4, postAreaFt2: 0.17, postWeightLb: 120, coneDeg: 0 })
        .capacityLb,
      0.6 * (100 * (1.25 * 4 - 0.68) + 120),
    )
    expect(
      cleatUpliftLb({ widthIn: 7.5, lengthIn: 24, topFt: 4, postAreaFt2: 0.17, postWeightLb: 120, coneDeg: 15 })
        .capacityLb,
    ).toBeGreaterThan(600)
  })
  test('more depth never lowers what a collar holds', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 8, noNaN: true }),
        fc.double({ min: 0, max: 15, noNaN: true }),
        (topFt, coneDeg) => {
          const at = (t: number) =>
            collarUpliftLb({ diameterIn: 20, heightIn: 12, topFt: t, postAreaFt2: 0.17, postWeightLb: 100, coneDeg })
              .capacityLb
          expect(at(topFt + 0.25)).toBeGreaterThan(at(topFt))
        },
      ),
    )
  })
  test.each([
    ['3', 3000, 200],
    ['5', 1500, 100],
  ] as const)('soil class %s, IBC Table 1806.2', (soil, q, s) =>
    expect(soilValues({ ...barnSite, soil })).toMatchObject({ bearingPsf: q, lateralPsfPerFt: s }),
  )
})

// ACI 318-19 22.6.5.2: a long face counts with (1 + 2/β), no more than twice: β 4 gives 1.5 of 4/3, β 1 the cap of 8/3.
test.each([
  ['square', 6, 6, 8 / 3],
  ['two to one', 4, 8, 8 / 3],
  ['four to one', 3, 12, (1 + 2 / 4) * (4 / 3)],
])('punching under a %s post', (_, faceIn, depthIn, share) => {
  const pad = padRatios({ loadLb: 10_000, diameterIn: 36, thicknessIn: 12, faceIn, depthIn, fcPsi: 2500 })
  const aroundIn = 2 * (faceIn + 10 + depthIn + 10)
  expectNear(pad.punchVnLb, 0.6 * share * 50 * aroundIn * 10, 1e-9)
})

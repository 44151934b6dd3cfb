import { ROUNDING } from '../units'
/** Ratios of a plain concrete pad under a post: bending beyond the face, one-way shear, punching. */
export interface PadRatios {
  readonly bending: number | null
  readonly shear: number
  readonly punching: number
  readonly worst: number
  readonly effectiveIn: number
  readonly muInLb: number
  readonly phiMnInLb: number
  /**
   * What these are made of: factored pressure, half the face, the area beyond it and the chord along it, shear and
   * strength one way and in punching.
   */
  readonly quPsi: number
  readonly faceXIn: number
  readonly faceSegmentIn2: number
  readonly chordIn: number
  readonly shearVuLb: number
  readonly shearVnLb: number
  readonly punchVuLb: number
  readonly punchVnLb: number
}

/** Least depth of a footing below undisturbed ground, inches, IBC 2021 1809.4. */
export const LEAST_DEPTH_IN = 12

/** Least thickness of a plain concrete pad, inches (ACI 318-19 14.3.2.1). */
const LEAST_PLAIN_IN = 8

/** Strength of concrete assumed for a job-mixed pad, psi (IBC 2021 1808.8.1 asks 2,500 at least). */
export const CONCRETE_FC_PSI = 2500

/**
 * Plain concrete pad, ACI 318-19 ch. 14: thickness less 2 in. cast on soil (14.5.1.7), at least 8 in. (14.3.2.1),
 * factored pressure 1.6·P/A. `faceIn` and `depthIn` are the post's sides. `bending` is null where the pad is thinner
 * than the code allows, and the pad cannot be judged.
 */
export function padRatios(given: {
  readonly loadLb: number
  readonly diameterIn: number
  readonly thicknessIn: number
  readonly faceIn: number
  readonly depthIn: number
  readonly fcPsi?: number
}): PadRatios {
  const fc = given.fcPsi ?? CONCRETE_FC_PSI
  const effectiveIn = given.thicknessIn - 2
  const radiusIn = given.diameterIn / 2
  const qu = (1.6 * given.loadLb) / (Math.PI * radiusIn * radiusIn)
  const segment = (x: number) =>
    radiusIn * radiusIn * Math.acos(x / radiusIn) - x * Math.sqrt(radiusIn * radiusIn - x * x)
  const x0 = Math.min(given.faceIn, given.depthIn) / 2
  const faceSegmentIn2 = segment(x0)
  const chordIn = 2 * Math.sqrt(radiusIn * radiusIn - x0 * x0)
  const mu = qu * ((2 / 3) * (radiusIn * radiusIn - x0 * x0) ** 1.5 - x0 * faceSegmentIn2)
  const phiMn = (0.6 * 5 * Math.sqrt(fc) * chordIn * effectiveIn * effectiveIn) / 6
  const x1 = x0 + effectiveIn
  const shearVuLb = x1 >= radiusIn ? 0 : qu * segment(x1)
  const shearVnLb =
    0.6 * (4 / 3) * Math.sqrt(fc) * 2 * Math.sqrt(Math.max(radiusIn * radiusIn - x1 * x1, 1)) * effectiveIn
  const shear = shearVuLb / shearVnLb
  const [acrossIn, alongIn] = [given.faceIn + effectiveIn, given.depthIn + effectiveIn]
  const beta = Math.max(given.faceIn, given.depthIn) / Math.min(given.faceIn, given.depthIn)
  const punchVuLb = Math.max(0, qu * (Math.PI * radiusIn * radiusIn - acrossIn * alongIn))
  const punchVnLb =
    0.6 * Math.min((1 + 2 / beta) * (4 / 3), 8 / 3) * Math.sqrt(fc) * 2 * (acrossIn + alongIn) * effectiveIn
  const punching = punchVuLb / punchVnLb
  const bending = given.thicknessIn < LEAST_PLAIN_IN - ROUNDING ? null : mu / phiMn
  return {
    bending,
    shear,
    punching,
    worst: Math.max(bending ?? 0, shear, punching),
    effectiveIn,
    muInLb: mu,
    phiMnInLb: phiMn,
    quPsi: qu,
    faceXIn: x0,
    faceSegmentIn2,
    chordIn,
    shearVuLb,
    shearVnLb,
    punchVuLb,
    punchVnLb,
  }
}

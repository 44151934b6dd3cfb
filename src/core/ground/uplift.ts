import { IN2_PER_FT2, IN_PER_FT, radians } from '../units'
import { collarWeightLb, CONCRETE_PCF, padAreaFt2 } from './bearing'
import { line, sig, type TraceLine } from '../result'

/** Soil weight counted against uplift, pcf (the low end of compacted backfill). */
const SOIL_PCF = 100

/**
 * How far a cone of soil reaches at its top, ft: it grows by `growFt`, and no farther than the middle between it and its
 * neighbor, so that soil that two would share is counted once (register C23).
 */
function sharedRadiusFt(baseFt: number, growFt: number, nearestIn: number | undefined): number {
  if (nearestIn === undefined) return baseFt + growFt
  return Math.max(baseFt, Math.min(baseFt + growFt, nearestIn / 2 / IN_PER_FT))
}

/**
 * Resistance of a collar to being pulled out, lb: 0.6 of the soil cone over it, its concrete and the post. `topFt`
 * depth to the collar's
 * top, `coneDeg` 0 to 15 from vertical (register C23). The connection of collar to post must carry the force.
 */
export function collarUpliftLb(given: {
  readonly diameterIn: number
  readonly heightIn: number
  readonly topFt: number
  readonly postAreaFt2: number
  readonly postWeightLb: number
  readonly coneDeg: number
  /** Distance to the nearest neighbor, center to center; none where it stands alone. */
  readonly nearestIn?: number | undefined
  readonly soilPcf?: number
  readonly concretePcf?: number
}): {
  readonly capacityLb: number
  readonly soilFt3: number
  readonly concreteLb: number
  /** All of it, before the 0.6. */
  readonly weightLb: number
  readonly trace: () => readonly TraceLine[]
} {
  const soilPcf = given.soilPcf ?? SOIL_PCF
  const r1 = given.diameterIn / 2 / IN_PER_FT
  const r2 = sharedRadiusFt(r1, given.topFt * Math.tan(radians(given.coneDeg)), given.nearestIn)
  const soilFt3 = Math.max(
    0,
    ((Math.PI * given.topFt) / 3) * (r1 * r1 + r1 * r2 + r2 * r2) - given.postAreaFt2 * given.topFt,
  )
  const concreteLb =
    (collarWeightLb(given.diameterIn, given.heightIn, given.postAreaFt2 * IN2_PER_FT2) *
      (given.concretePcf ?? CONCRETE_PCF)) /
    CONCRETE_PCF
  const weightLb = soilPcf * soilFt3 + concreteLb + given.postWeightLb
  const capacityLb = 0.6 * weightLb
  return {
    capacityLb,
    soilFt3,
    concreteLb,
    weightLb,
    trace: () => [
      line({
        label: 'Soil over the collar',
        formula: '(π·ds/3)·(r1²+r1·r2+r2²) − post',
        numbers:
          `(π × ${sig(given.topFt)}/3) × (${sig(r1)}²+${sig(r1)} × ${sig(r2)}+${sig(r2)}²) − ` +
          `${sig(given.postAreaFt2 * given.topFt)}`,
        value: soilFt3,
        unit: 'ft³',
        clause: 'mechanics',
        verify: 'C23',
      }),
      line({
        label: 'What holds it down',
        formula: '0.6·(soil + concrete + post)',
        numbers: `0.6 × (${soilPcf} × ${sig(soilFt3)} + ${sig(concreteLb)} + ${sig(given.postWeightLb)})`,
        value: capacityLb,
        unit: 'lb',
        clause: 'ASCE 7-16 2.4.1 (7)',
      }),
    ],
  }
}

/** Weight of a straight pier that holds against uplift, lb: 0.6 of its concrete. */
export function pierUpliftLb(
  diameterIn: number,
  lengthFt: number,
): { readonly capacityLb: number; readonly trace: () => readonly TraceLine[] } {
  const weight = padAreaFt2(diameterIn) * lengthFt * CONCRETE_PCF
  return {
    capacityLb: 0.6 * weight,
    trace: () => [
      line({
        label: 'Weight of the pier',
        formula: '0.6·A·L·145',
        numbers: `0.6 × ${sig(padAreaFt2(diameterIn))} × ${sig(lengthFt)} × 145`,
        value: 0.6 * weight,
        unit: 'lb',
        clause: 'ASCE 7-16 2.4.1 (7)',
      }),
    ],
  }
}

/**
 * Resistance of cleats at the foot of a post, lb: 0.6 of the soil prism over them and the post. `topFt` depth to their
 * top; the prism's sides
 * grow by ds·tan(angle) each way (register C23). The bolts of the cleats must carry the force.
 */
export function cleatUpliftLb(given: {
  readonly widthIn: number
  readonly lengthIn: number
  readonly topFt: number
  readonly postAreaFt2: number
  readonly postWeightLb: number
  readonly coneDeg: number
  /** Distance to the nearest neighbor, center to center; none where it stands alone. */
  readonly nearestIn?: number | undefined
}): { readonly capacityLb: number; readonly trace: () => readonly TraceLine[] } {
  const baseFt = Math.max(given.widthIn, given.lengthIn) / 2 / IN_PER_FT
  const grow = sharedRadiusFt(baseFt, given.topFt * Math.tan(radians(given.coneDeg)), given.nearestIn) - baseFt
  const area = (growFt: number) => (given.widthIn / IN_PER_FT + 2 * growFt) * (given.lengthIn / IN_PER_FT + 2 * growFt)
  const soilFt3 = Math.max(
    0,
    (given.topFt / 6) * (area(0) + 4 * area(grow / 2) + area(grow)) - given.postAreaFt2 * given.topFt,
  )
  const capacityLb = 0.6 * (SOIL_PCF * soilFt3 + given.postWeightLb)
  return {
    capacityLb,
    trace: () => [
      line({
        label: 'Soil over the cleats',
        formula: '(ds/6)·(A0 + 4·Am + A1) − post',
        numbers:
          `(${sig(given.topFt)}/6) × (${sig(area(0))} + 4 × ${sig(area(grow / 2))} + ${sig(area(grow))}) − ` +
          `${sig(given.postAreaFt2 * given.topFt)}`,
        value: soilFt3,
        unit: 'ft³',
        clause: 'mechanics',
        verify: 'C23',
      }),
      line({
        label: 'What holds it down',
        formula: '0.6·(soil + post)',
        numbers: `0.6 × (${SOIL_PCF} × ${sig(soilFt3)} + ${sig(given.postWeightLb)})`,
        value: capacityLb,
        unit: 'lb',
        clause: 'ASCE 7-16 2.4.1 (7)',
      }),
    ],
  }
}

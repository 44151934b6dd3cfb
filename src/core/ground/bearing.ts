import { IN2_PER_FT2, IN_PER_FT } from '../units'
/** Pad and hole diameters that are stocked as forms, augers or precast pads, inches. */
export const STOCK_DIAMETERS_IN = [12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 36] as const
/** Weight of plain concrete, pcf. */
export const CONCRETE_PCF = 145

/** Area of a round pad, square feet. */
export const padAreaFt2 = (diameterIn: number): number => (Math.PI / 4) * (diameterIn / IN_PER_FT) ** 2

/** Weight of a round pad, lb. */
export const padWeightLb = (diameterIn: number, thicknessIn: number): number =>
  (padAreaFt2(diameterIn) * thicknessIn * CONCRETE_PCF) / IN_PER_FT

/** Weight of a round collar around a post, lb: the post's own room is not concrete. */
export const collarWeightLb = (diameterIn: number, heightIn: number, postAreaIn2: number): number =>
  ((padAreaFt2(diameterIn) - postAreaIn2 / IN2_PER_FT2) * heightIn * CONCRETE_PCF) / IN_PER_FT

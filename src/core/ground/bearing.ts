/** Pad and hole diameters that are stocked as forms, augers or precast pads, inches. */
export const STOCK_DIAMETERS_IN = [12, 14, 16, 18, 20, 22, 24, 26, 28, 30, 36] as const
/** Weight of plain concrete, pcf. */
export const CONCRETE_PCF = 145

/** Area of a round pad, square feet. */
export const padAreaFt2 = (diameterIn: number): number => (Math.PI / 4) * (diameterIn / 12) ** 2

/** Weight of a round pad, lb. */
export const padWeightLb = (diameterIn: number, thicknessIn: number): number => (padAreaFt2(diameterIn) * thicknessIn * CONCRETE_PCF) / 12

/** Smallest stock diameter whose pad carries the load and its own weight, inches; null when none of them does. Soil over the pad is not counted. */
export function padDiameterIn(postLoadLb: number, thicknessIn: number, bearingPsf: number, leastIn = 0): number | null {
  return STOCK_DIAMETERS_IN.find((d) => d >= leastIn && postLoadLb + padWeightLb(d, thicknessIn) <= bearingPsf * padAreaFt2(d) * (1 + 1e-9)) ?? null
}

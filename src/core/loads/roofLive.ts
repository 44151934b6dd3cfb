/**
 * Roof live load Lr, psf of plan, with area and slope reduction, 12 to 20 psf, ASCE 7-16 4.8.2. `areaFt2` tributary
 * area, `risePer12` rise in inches per foot.
 */
export function roofLivePsf(areaFt2: number, risePer12: number): number {
  const areaFactor = () => {
    if (areaFt2 <= 200) return 1
    if (areaFt2 >= 600) return 0.6
    return 1.2 - 0.001 * areaFt2
  }
  const r1 = areaFactor()
  const slopeReduction = () => {
    if (risePer12 <= 4) return 1
    if (risePer12 >= 12) return 0.6
    return 1.2 - 0.05 * risePer12
  }
  const r2 = slopeReduction()
  return Math.min(20, Math.max(12, 20 * r1 * r2))
}

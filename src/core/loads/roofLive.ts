/**
 * Roof live load Lr, psf of plan, with area and slope reduction, 12 to 20 psf, ASCE 7-16 4.8.2. `areaFt2` tributary
 * area, `risePer12` rise in inches per foot.
 */
export function roofLivePsf(areaFt2: number, risePer12: number): number {
  const r1 = areaFt2 <= 200 ? 1 : areaFt2 >= 600 ? 0.6 : 1.2 - 0.001 * areaFt2
  const r2 = risePer12 <= 4 ? 1 : risePer12 >= 12 ? 0.6 : 1.2 - 0.05 * risePer12
  return Math.min(20, Math.max(12, 20 * r1 * r2))
}

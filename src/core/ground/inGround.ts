/**
 * Largest moment below grade of a post not held there, ft-lb: soil stiffness growing with depth, rigid post. `shearLb`
 * and `momentFtLb` at grade, `depthFt` over 0.
 */
export function inGroundMomentFtLb(shearLb: number, momentFtLb: number, depthFt: number): number {
  if (!(shearLb > 0)) return Math.abs(momentFtLb)
  const ratio = (3 * shearLb * depthFt + 4 * momentFtLb) / (4 * shearLb * depthFt + 6 * momentFtLb)
  const d0 = ratio * depthFt
  const k = (36 * (momentFtLb + (2 * shearLb * depthFt) / 3)) / depthFt ** 4
  const shearAt = (z: number) => shearLb - k * ((d0 * z * z) / 2 - (z * z * z) / 3)
  let [lo, hi] = [0, d0]
  for (let i = 0; i < 40; i++) {
    const mid = (lo + hi) / 2
    if (shearAt(mid) > 0) lo = mid
    else hi = mid
  }
  return momentFtLb + shearLb * lo - k * ((d0 * lo ** 3) / 6 - lo ** 4 / 12)
}

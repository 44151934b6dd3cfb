/**
 * Beam stability factor CL, NDS 2018 3.3.3. `leIn` effective length, `dIn` and `bIn` depth and thickness, `fbStarPsi`
 * all factors but CL. NaN past the slenderness limit of 50.
 */
export function beamStability(given: {
  readonly leIn: number
  readonly dIn: number
  readonly bIn: number
  readonly eMinPsi: number
  readonly fbStarPsi: number
}): { readonly rb: number; readonly cl: number } {
  if (given.dIn <= given.bIn) return { rb: 0, cl: 1 }
  const rb = Math.sqrt((given.leIn * given.dIn) / given.bIn ** 2)
  if (rb > 50) return { rb, cl: NaN }
  const f = (1.2 * given.eMinPsi) / rb ** 2 / given.fbStarPsi
  const a = (1 + f) / 1.9
  return { rb, cl: a - Math.sqrt(a * a - f / 0.95) }
}

/** Effective length of a single span under uniform load, NDS 2018 Table 3.3.3. */
export const uniformLeIn = (luIn: number, dIn: number): number => (luIn / dIn < 7 ? 2.06 * luIn : 1.63 * luIn + 3 * dIn)

/** Column stability factor CP, NDS 2018 3.7.1. `c` 0.8 sawn and nail-laminated. NaN past le/d of 50. */
export function columnStability(given: {
  readonly slenderness: number
  readonly eMinPsi: number
  readonly fcStarPsi: number
  readonly curve?: number
}): { readonly fcePsi: number; readonly cp: number } {
  const c = given.curve ?? 0.8
  const fcePsi = (0.822 * given.eMinPsi) / given.slenderness ** 2
  if (given.slenderness > 50) return { fcePsi, cp: NaN }
  const f = fcePsi / given.fcStarPsi
  const a = (1 + f) / (2 * c)
  return { fcePsi, cp: a - Math.sqrt(a * a - f / c) }
}

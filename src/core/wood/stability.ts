/** Slenderness past which neither a beam's free edge nor a column is used, NDS 2018 3.3.3.7 and 3.7.1.4. */
export const MOST_SLENDER = 50

/**
 * Beam stability factor CL, NDS 2018 3.3.3. `leIn` effective length, `dIn` and `bIn` depth and thickness, `fbStarPsi`
 * all factors but CL. 0 past the slenderness limit of 50 (3.3.3.7): nothing of its strength counts.
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
  if (rb > MOST_SLENDER) return { rb, cl: 0 }
  const f = (1.2 * given.eMinPsi) / rb ** 2 / given.fbStarPsi
  const a = (1 + f) / 1.9
  return { rb, cl: a - Math.sqrt(a * a - f / 0.95) }
}

/** Effective length of a single span under uniform load, NDS 2018 Table 3.3.3. */
export const uniformLeIn = (luIn: number, dIn: number): number => (luIn / dIn < 7 ? 2.06 * luIn : 1.63 * luIn + 3 * dIn)

/**
 * Column stability factor CP, NDS 2018 3.7.1. `c` 0.8 sawn and nail-laminated. 0 past le/d of 50 (3.7.1.4): nothing of
 * its strength counts.
 */
export function columnStability(given: {
  readonly slenderness: number
  readonly eMinPsi: number
  readonly fcStarPsi: number
  readonly curve?: number
}): { readonly fcePsi: number; readonly cp: number } {
  const c = given.curve ?? 0.8
  const fcePsi = (0.822 * given.eMinPsi) / given.slenderness ** 2
  if (given.slenderness > MOST_SLENDER) return { fcePsi, cp: 0 }
  const f = fcePsi / given.fcStarPsi
  const a = (1 + f) / (2 * c)
  return { fcePsi, cp: a - Math.sqrt(a * a - f / c) }
}

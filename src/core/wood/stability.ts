/** Beam stability factor CL, NDS 2018 3.3.3. `leIn` effective length, `dIn` and `bIn` depth and thickness, `fbStarPsi` all factors but CL. NaN past the slenderness limit of 50. */
export function beamStability(p: {
  readonly leIn: number
  readonly dIn: number
  readonly bIn: number
  readonly eMinPsi: number
  readonly fbStarPsi: number
}): { readonly rb: number; readonly cl: number } {
  if (p.dIn <= p.bIn) return { rb: 0, cl: 1 }
  const rb = Math.sqrt((p.leIn * p.dIn) / p.bIn ** 2)
  if (rb > 50) return { rb, cl: NaN }
  const f = (1.2 * p.eMinPsi) / rb ** 2 / p.fbStarPsi
  const a = (1 + f) / 1.9
  return { rb, cl: a - Math.sqrt(a * a - f / 0.95) }
}

/** Effective length of a single span under uniform load, NDS 2018 Table 3.3.3. */
export const uniformLeIn = (luIn: number, dIn: number): number => (luIn / dIn < 7 ? 2.06 * luIn : 1.63 * luIn + 3 * dIn)

/** Column stability factor CP, NDS 2018 3.7.1. `c` 0.8 sawn and nail-laminated. NaN past le/d of 50. */
export function columnStability(p: {
  readonly slenderness: number
  readonly eMinPsi: number
  readonly fcStarPsi: number
  readonly c?: number
}): { readonly fcePsi: number; readonly cp: number } {
  const c = p.c ?? 0.8
  const fcePsi = (0.822 * p.eMinPsi) / p.slenderness ** 2
  if (p.slenderness > 50) return { fcePsi, cp: NaN }
  const f = fcePsi / p.fcStarPsi
  const a = (1 + f) / (2 * c)
  return { fcePsi, cp: a - Math.sqrt(a * a - f / c) }
}

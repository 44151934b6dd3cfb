import type { SoilClass } from '../model'
import type { CompleteSite } from '../loads'

// IBC 2021 Table 1806.2: presumptive allowable bearing, psf, and lateral bearing, psf per foot below grade.
const PRESUMPTIVE: Readonly<Record<Exclude<SoilClass, 'own'>, readonly [number, number]>> = {
  1: [12000, 1200],
  2: [4000, 400],
  3: [3000, 200],
  4: [2000, 150],
  5: [1500, 100],
}

/** Allowable bearing and lateral values of the site's soil. */
export function soilValues(site: CompleteSite): {
  readonly bearingPsf: number
  readonly lateralPsfPerFt: number
  readonly source: string
} {
  if (site.soil === 'own')
    return {
      bearingPsf: site.ownBearingPsf ?? 0,
      lateralPsfPerFt: site.ownLateralPsfPerFt ?? 0,
      source: 'entered from a soil report',
    }
  const [bearingPsf, lateralPsfPerFt] = PRESUMPTIVE[site.soil]
  return { bearingPsf, lateralPsfPerFt, source: 'IBC 2021 Table 1806.2' }
}

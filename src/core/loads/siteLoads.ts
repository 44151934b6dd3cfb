import type { Exposure, Site, SoilClass } from '../model'
import { issue, type Issue, type Result } from '../result'

/** The site with every hazard entered. */
export type CompleteSite = Site & {
  readonly groundSnowPsf: number
  readonly windMph: number
  readonly exposure: Exposure
  readonly frostIn: number
  readonly soil: SoilClass
}

/** Stops when a site hazard is missing: a load, soil or frost value is never assumed. One issue a missing field. */
export function completeSite(site: Site): Result<CompleteSite> {
  const missing: Issue[] = (['groundSnowPsf', 'windMph', 'exposure', 'frostIn', 'soil'] as const)
    .filter((k) => site[k] === null)
    .map((k) => issue('missing', ['site', k]))
  if (site.soil === 'own')
    for (const k of ['ownBearingPsf', 'ownLateralPsfPerFt'] as const)
      if (site[k] === null) missing.push(issue('own-soil-missing', ['site', k]))
  return missing.length ? { ok: false, issues: missing } : { ok: true, value: site as CompleteSite }
}

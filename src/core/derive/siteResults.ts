import type { Grid } from '../layout'
import { claddingPressurePsf, completeSite, edgeZoneFt, eaveSnowPlf, lowRoofReactionsPlf, lowRoofSnow, snowLoads, windPressures, type LowRoofSnow, type SnowLoads, type WindPressures } from '../loads'
import type { CompleteSite } from '../loads'
import { soilValues } from '../ground'
import type { Job } from '../model'
import type { Issue } from '../result'

/** Loads of the whole building, once per job. */
export interface SiteResults {
  readonly site: CompleteSite
  readonly snow: SnowLoads
  readonly eaveSnowPlf: number
  readonly wind: WindPressures
  readonly claddingQhPsf: number
  readonly edgeZoneFt: number
  readonly flatRoof: boolean
  readonly soil: ReturnType<typeof soilValues>
  readonly lowRoof: { readonly governing: LowRoofSnow; readonly wallPlf: number; readonly outerPlf: number } | null
}

/** Computes the site's loads, or says which hazards are missing. */
export function siteResults(job: Job, grid: Grid): { readonly results: SiteResults | null; readonly missing: readonly Issue[] } {
  const complete = completeSite(job.site)
  if (!complete.ok) return { results: null, missing: complete.issues }
  const site = complete.value
  const b = job.building
  const widthFt = grid.widthIn / 12
  const overhangFt = b.eaveOverhangIn / 12
  const snow = snowLoads(site, { pitchPer12: b.pitchPer12, halfWidthFt: widthFt / 2, slippery: site.slipperyRoof })
  const shape = { lengthFt: grid.lengthIn / 12, widthFt, heelFt: b.heelIn / 12, pitchPer12: b.pitchPer12 }
  const wind = windPressures(site, shape)
  const thetaDeg = (Math.atan(b.pitchPer12 / 12) * 180) / Math.PI
  let lowRoof: SiteResults['lowRoof'] = null
  if (b.leanTo) {
    const l = b.leanTo
    const cases = lowRoofSnow(site, snow, { pitchPer12: l.pitchPer12, depthFt: l.depthIn / 12, stepFt: l.dropIn / 12, mainWidthFt: widthFt, mainRunFt: widthFt / 2 + overhangFt, mainPitchPer12: b.pitchPer12, slipperyMain: site.slipperyRoof })
      .map((governing) => ({ governing, ...lowRoofReactionsPlf(governing, l.depthIn / 12, overhangFt) }))
    const pick = (k: 'wallPlf' | 'outerPlf') => Math.max(...cases.map((c) => c[k]))
    lowRoof = { governing: cases.reduce((a, c) => (c.outerPlf > a.outerPlf ? c : a)).governing, wallPlf: pick('wallPlf'), outerPlf: pick('outerPlf') }
  }
  return {
    missing: [],
    results: {
      site, snow, wind, lowRoof, eaveSnowPlf: eaveSnowPlf(snow, widthFt, overhangFt), flatRoof: thetaDeg <= 10, soil: soilValues(site),
      claddingQhPsf: claddingPressurePsf({ heightFt: wind.meanHeightFt, exposure: site.exposure, elevationFt: site.elevationFt, windMph: site.windMph }),
      edgeZoneFt: edgeZoneFt(Math.min(shape.lengthFt, widthFt), wind.meanHeightFt),
    },
  }
}

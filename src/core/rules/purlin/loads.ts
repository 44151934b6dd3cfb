import { roofLivePsf, type RoofZone } from '../../loads'
import type { Building } from '../../model'
import { IN2_PER_FT2 } from '../../units'
import type { SiteResults } from '../../frame'
import type { PurlinLoads } from './member'

/** Loads of the main roof's purlins. Null where the roof's cladding wind is not covered. */
export function mainPurlinLoads(
  building: Pick<Building, 'roof' | 'pitchPer12' | 'skin'>,
  results: Pick<SiteResults, 'snow' | 'wind' | 'dead' | 'site' | 'enclosure' | 'claddingQhPsf' | 'roofCladding'>,
  spanIn: number,
  zones: readonly RoofZone[],
): PurlinLoads | null {
  const snow = results.snow
  const snowPsf = Math.max(
    snow.psPsf,
    snow.pmPsf,
    snow.unbalanced ? snow.unbalanced.leewardPsf + snow.unbalanced.surchargePsf : 0,
  )
  const base = {
    thetaDeg: results.wind.thetaDeg,
    deadPsf: results.dead.slopePsf,
    leastPsf: results.site.dead.by === 'parts' ? results.dead.slopePsf : Math.min(1.5, results.dead.minPsf),
    snowPsf,
    livePsf: roofLivePsf((spanIn * building.roof.purlins.spaceIn) / IN2_PER_FT2, building.pitchPer12),
  }
  if (results.enclosure.class === 'open') {
    const cn = building.skin.openRoofCn
    if (cn === null) return null
    const psf = results.claddingQhPsf * 0.85 * cn
    return { ...base, windInPsf: psf, zones: [{ zone: 'open roof', upPsf: psf }] }
  }
  if (!results.roofCladding) return null
  const roofCladding = results.roofCladding
  return {
    ...base,
    windInPsf: roofCladding.inwardPsf,
    zones: zones.map((zone) => ({ zone, upPsf: roofCladding.zonePsf[zone] })),
  }
}

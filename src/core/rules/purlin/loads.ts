import { DEAD_AGAINST_WIND, roofLivePsf, type RoofZone, WIND_ASD, wallGcp } from '../../loads'
import type { Building } from '../../model'
import { IN2_PER_FT2, IN_PER_FT, pitchRadians, radians } from '../../units'
import type { SiteResults } from '../../frame'
import type { PurlinLoads } from './member'

/** What the loads of purlins are worked out from. */
type Roof = Pick<Building, 'roof' | 'pitchPer12' | 'skin' | 'eaveOverhangIn' | 'gableOverhangIn'>
type Results = Pick<
  SiteResults,
  'snow' | 'wind' | 'dead' | 'site' | 'enclosure' | 'claddingQhPsf' | 'roofCladding' | 'flatRoof'
>

/** Zones along the eaves, and those along the rakes. */
const AT_EAVE: ReadonlySet<RoofZone> = new Set(['2e', '3e'])
const AT_RAKE: ReadonlySet<RoofZone> = new Set(['2n', '3e', '3r'])
/** Least effective area that coefficients are tabled for, square feet. */
const LEAST_FT2 = 10

/**
 * What the wind adds to the suction on an overhang, psf at strength level: the soffit takes the pressure of the wall
 * beside it, where inside the building the internal pressure stands (ASCE 7-16 30.9).
 */
const soffitMorePsf = ({ claddingQhPsf, wind, flatRoof }: Results): number =>
  Math.max(0, claddingQhPsf * (wallGcp(LEAST_FT2, 5, flatRoof).inward - wind.gcpi))

/** The share of a purlin's width that hangs out over the eave, at most. */
function eaveShare({ eaveOverhangIn, pitchPer12, roof }: Roof): number {
  return Math.min(1, eaveOverhangIn / Math.cos(pitchRadians(pitchPer12)) / roof.purlins.spaceIn)
}

/** Dead load of the slope that is there for certain, psf: of parts all of it, of a typed sum 1.5 at most. */
export const leastSlopePsf = ({ site, dead }: Pick<SiteResults, 'site' | 'dead'>): number =>
  site.dead.by === 'parts' ? dead.slopePsf : Math.min(1.5, dead.minPsf)

/** Gust factor with the coefficient CN of an open roof (ASCE 7-16 30.8). */
const GUST = 0.85
/** Wind on the cladding of an open roof, psf at strength level, either way, from the coefficient that was entered. */
export const openRoofPsf = ({ claddingQhPsf }: Pick<SiteResults, 'claddingQhPsf'>, cn: number): number =>
  claddingQhPsf * GUST * cn

/** Loads of the main roof's purlins. Null where the roof's cladding wind is not covered. */
export function mainPurlinLoads(
  building: Roof,
  results: Results,
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
    leastPsf: leastSlopePsf(results),
    snowPsf,
    livePsf: roofLivePsf((spanIn * building.roof.purlins.spaceIn) / IN2_PER_FT2, building.pitchPer12),
  }
  if (results.enclosure.class === 'open') {
    const cn = building.skin.openRoofCn
    if (cn === null) return null
    const psf = openRoofPsf(results, cn)
    return { ...base, windInPsf: psf, zones: [{ zone: 'open roof', upPsf: psf }] }
  }
  if (!results.roofCladding) return null
  const roofCladding = results.roofCladding
  const soffitPsf = eaveShare(building) * soffitMorePsf(results)
  return {
    ...base,
    windInPsf: roofCladding.inwardPsf,
    zones: zones.map((zone) => ({
      zone,
      upPsf: roofCladding.zonePsf[zone] - (AT_EAVE.has(zone) ? soffitPsf : 0),
    })),
  }
}

/** Suction on an overhang of the main roof, psf at strength level: on the gable overhang, or on the worst of both. */
export function overhangUpPsf(
  building: Pick<Building, 'eaveOverhangIn' | 'gableOverhangIn' | 'skin'>,
  results: Results,
  where: 'gable' | 'any',
): number {
  const { roofCladding, enclosure } = results
  if (enclosure.class === 'open') return openRoofPsf(results, building.skin.openRoofCn ?? 0)
  if (!roofCladding) return 0
  const atEave = where === 'any' && building.eaveOverhangIn > 0
  const zones = [...(atEave ? AT_EAVE : []), ...(building.gableOverhangIn > 0 ? AT_RAKE : [])]
  if (zones.length === 0) return 0
  return Math.max(...zones.map((zone) => -roofCladding.zonePsf[zone])) + soffitMorePsf(results)
}

/** Net load up on a foot of purlin in service, plf; `upPsf` at strength level. */
export const netUpPlf = ({ roof }: Pick<Building, 'roof'>, loads: PurlinLoads, upPsf: number): number =>
  ((WIND_ASD * upPsf - DEAD_AGAINST_WIND * loads.leastPsf * Math.cos(radians(loads.thetaDeg))) * roof.purlins.spaceIn) /
  IN_PER_FT

/**
 * Uplift at the hardest pulled support of a row of purlins, lb: both half spans at a truss, or the end truss with the
 * half span beside it and the overhang, which lifts by a lever. `endSpanIn` the shortest span beside an end truss.
 */
export function purlinPullLb(
  building: Roof,
  results: Results,
  { loads, spanIn, endSpanIn }: { readonly loads: PurlinLoads; readonly spanIn: number; readonly endSpanIn: number },
): number {
  const worstPsf = Math.max(...loads.zones.map(({ upPsf }) => Math.abs(upPsf)))
  const between = netUpPlf(building, loads, worstPsf) * (spanIn / IN_PER_FT)
  const outFt = building.gableOverhangIn / IN_PER_FT
  const outPlf = netUpPlf(building, loads, overhangUpPsf(building, results, 'gable'))
  const lever = 1 + building.gableOverhangIn / (2 * endSpanIn)
  return Math.max(between, between / 2 + (outFt > 0 ? outPlf * outFt * lever : 0))
}

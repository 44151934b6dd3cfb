import { IN2_PER_FT2, IN_PER_FT, PITCH_RUN_IN, degrees, pitchRadians } from '../units'
import type { Grid } from '../layout'
import {
  claddingPressurePsf,
  completeSite,
  deadLoad,
  edgeZoneFt,
  eaveSnowPlf,
  enclosureOf,
  lowRoofReactionsPlf,
  lowRoofSnow,
  openRoofPressures,
  roofCladding,
  snowLoads,
  windPressures,
  type CompleteSite,
  type DeadLoad,
  type EnclosureJudgement,
  type LowRoofSnow,
  type OpenRoofPressures,
  type RoofCladding,
  type SnowLoads,
  type WindPressures,
} from '../loads'
import { soilValues } from '../ground'
import type { Building, Job, LeanTo, Side } from '../model'
import type { Issue } from '../result'
import { boardSize, weightPlf } from '../wood'

/**
 * Loads of one open lean-to: every snow case, its wind, and what each foot of eave brings to the wall and to the outer
 * posts.
 */
export interface LeanToLoads {
  readonly leanTo: LeanTo
  readonly thetaDeg: number
  readonly snow: readonly LowRoofSnow[]
  readonly governing: LowRoofSnow
  readonly wallPlf: number
  readonly outerPlf: number
  readonly wind: OpenRoofPressures
}

/** Loads of the whole building, once per job. */
export interface SiteResults {
  readonly site: CompleteSite
  readonly enclosure: EnclosureJudgement
  readonly dead: DeadLoad
  readonly snow: SnowLoads
  readonly eaveSnowPlf: number
  readonly wind: WindPressures
  /** Net pressures of the main roof where the building is open. */
  readonly openRoof: OpenRoofPressures | null
  readonly claddingQhPsf: number
  readonly roofCladding: RoofCladding | null
  readonly edgeZoneFt: number
  readonly flatRoof: boolean
  readonly soil: ReturnType<typeof soilValues>
  readonly leanTos: readonly LeanToLoads[]
}

/** Gross area of a wall, gable triangle included, square feet. */
export function wallAreaFt2(building: Building, grid: Grid, side: Side): number {
  if (side === 'south' || side === 'north') return (grid.lengthIn * building.heelIn) / IN2_PER_FT2
  return (
    (grid.widthIn * building.heelIn + (grid.widthIn * ((grid.widthIn / 2) * building.pitchPer12)) / 2 / PITCH_RUN_IN) /
    IN2_PER_FT2
  )
}

function leanToLoads({
  site,
  building,
  grid,
  leanTo,
  main,
  qhPsf,
}: {
  site: CompleteSite
  building: Building
  grid: Grid
  leanTo: LeanTo
  main: SnowLoads
  qhPsf: number
}): LeanToLoads {
  const widthFt = grid.widthIn / IN_PER_FT
  const overhangFt = building.eaveOverhangIn / IN_PER_FT
  const thetaDeg = degrees(pitchRadians(leanTo.pitchPer12))
  const snow = lowRoofSnow(site, main, {
    pitchPer12: leanTo.pitchPer12,
    depthFt: leanTo.depthIn / IN_PER_FT,
    stepFt: leanTo.dropIn / IN_PER_FT,
    mainWidthFt: widthFt,
    mainRunFt: widthFt / 2 + overhangFt,
    mainPitchPer12: building.pitchPer12,
    slipperyMain: site.slipperyRoof,
  })
  const cases = snow.map((governing) => ({
    governing,
    ...lowRoofReactionsPlf(governing, leanTo.depthIn / IN_PER_FT, overhangFt),
  }))
  const pick = (k: 'wallPlf' | 'outerPlf') => Math.max(...cases.map((snowCase) => snowCase[k]))
  return {
    leanTo,
    thetaDeg,
    snow,
    governing: cases.reduce((best, each) => (each.outerPlf > best.outerPlf ? each : best)).governing,
    wallPlf: pick('wallPlf'),
    outerPlf: pick('outerPlf'),
    wind: openRoofPressures(site.edition, 'mono', thetaDeg, qhPsf),
  }
}

/** Computes the site's loads, or says which hazards are missing. */
export function siteResults(
  job: Job,
  grid: Grid,
): { readonly results: SiteResults | null; readonly missing: readonly Issue[] } {
  const complete = completeSite(job.site)
  if (!complete.ok) return { results: null, missing: complete.issues }
  const site = complete.value
  const building = job.building
  const widthFt = grid.widthIn / IN_PER_FT
  const overhangFt = building.eaveOverhangIn / IN_PER_FT
  const snow = snowLoads(site, {
    pitchPer12: building.pitchPer12,
    halfWidthFt: widthFt / 2,
    slippery: site.slipperyRoof,
  })
  const shape = {
    lengthFt: grid.lengthIn / IN_PER_FT,
    widthFt,
    heelFt: building.heelIn / IN_PER_FT,
    pitchPer12: building.pitchPer12,
  }
  const roofFt2 = (shape.lengthFt * widthFt) / Math.cos(pitchRadians(building.pitchPer12))
  const enclosure = enclosureOf({
    site,
    openings: building.openings,
    openSides: building.openSides,
    wallFt2: (side) => wallAreaFt2(building, grid, side),
    roofFt2,
  })
  const wind = windPressures(site, shape, enclosure.class)
  const { thetaDeg } = wind
  const claddingQhPsf = claddingPressurePsf({
    heightFt: wind.meanHeightFt,
    exposure: site.exposure,
    elevationFt: site.elevationFt,
    windMph: site.windMph,
    kzt: site.kzt,
  })
  const purlins = building.roof.purlins
  const trussSpaceIn = building.roof.truss.set === 'posts' ? Math.max(...grid.baysIn) : building.roof.truss.spaceIn
  return {
    missing: [],
    results: {
      site,
      enclosure,
      snow,
      wind,
      eaveSnowPlf: eaveSnowPlf(snow, widthFt, overhangFt),
      flatRoof: thetaDeg <= 10,
      soil: soilValues(site),
      claddingQhPsf,
      dead: deadLoad(
        site,
        building,
        weightPlf(purlins.lumber, boardSize(purlins.size).areaIn2, 19, building.grades),
        trussSpaceIn,
      ),
      openRoof: enclosure.class === 'open' ? openRoofPressures(site.edition, 'pitched', thetaDeg, wind.qhPsf) : null,
      roofCladding: roofCladding(site.edition, thetaDeg, claddingQhPsf, wind.gcpi),
      edgeZoneFt: edgeZoneFt(Math.min(shape.lengthFt, widthFt), wind.meanHeightFt),
      leanTos: building.leanTos.map((leanTo) =>
        leanToLoads({ site, building, grid, leanTo, main: snow, qhPsf: wind.qhPsf }),
      ),
    },
  }
}

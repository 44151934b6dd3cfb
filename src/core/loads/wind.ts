import { degrees, PITCH_RUN_IN, pitchRadians } from '../units'
import type { Exposure } from '../model'
import { line, sig, type TraceLine, item, lastOf } from '../result'
import { editionData, type EditionData } from './editions'
import { ASCE_7_16 } from './editions/asce7-16'
import type { EnclosureClass } from './enclosure'
import { interpolate, interpolate2 } from './interpolate'
import type { CompleteSite } from './siteLoads'

/**
 * Velocity pressure exposure coefficient Kz, ASCE 7-16 Table 26.10-1. `heightFt` above ground, taken as 15 ft or more.
 */
export const kz = (heightFt: number, exposure: Exposure, edition: EditionData = ASCE_7_16): number =>
  2.01 * Math.pow(Math.max(heightFt, 15) / edition.terrain[exposure].zgFt, 2 / edition.terrain[exposure].alpha)

/** Ground elevation factor Ke, ASCE 7-16 Table 26.9-1. */
const elevationFactor = (elevationFt: number): number => Math.exp(-0.0000362 * elevationFt)

/**
 * Velocity pressure q, psf at strength level: 0.00256·Kz·Kzt·Kd·Ke·V², ASCE 7-16 26.10-1. Kzt is 1 on flat ground only
 * and is typed by the user.
 */
export const velocityPressurePsf = (given: {
  readonly kz: number
  readonly elevationFt: number
  readonly windMph: number
  readonly kzt?: number
  readonly kd?: number
}): number =>
  0.00256 *
  given.kz *
  (given.kzt ?? 1) *
  (given.kd ?? ASCE_7_16.directionality) *
  elevationFactor(given.elevationFt) *
  given.windMph ** 2

/** Wind where a building stands: the part of a site that its pressures come from. */
export type WindSite = Pick<CompleteSite, 'edition' | 'windMph' | 'exposure' | 'elevationFt' | 'kzt'>

/** Factors of the wind where they are not the edition's own. */
export interface WindFactors {
  readonly kd?: number
  readonly gust?: number
}

export interface WindShape {
  readonly lengthFt: number
  readonly widthFt: number
  readonly heelFt: number
  readonly pitchPer12: number
}

/**
 * Pressures of the main system, psf at strength level, toward the surface positive, external only; `internalPsf` acts
 * either way.
 */
export interface WindPressures {
  readonly meanHeightFt: number
  readonly thetaDeg: number
  readonly enclosure: EnclosureClass
  readonly gcpi: number
  readonly qhPsf: number
  readonly internalPsf: number
  readonly kz: number
  readonly windwardPsf: number
  readonly leewardPsf: number
  readonly leewardAlongPsf: number
  readonly sidePsf: number
  readonly gust: number
  /** External coefficients behind the pressures. */
  readonly cp: {
    readonly windward: number
    readonly leeward: number
    readonly leewardAlong: number
    readonly side: number
    readonly roofWindwardA: number
    readonly roofWindwardB: number
    readonly roofLeeward: number
  }
  readonly roofWindwardAPsf: number
  readonly roofWindwardBPsf: number
  readonly roofLeewardPsf: number
  /** Suction on the roof with wind along the ridge, strip by strip from the windward end: each holds up to `toFt`. */
  readonly roofAlong: readonly { readonly toFt: number; readonly psf: number; readonly cp: number }[]
  readonly trace: readonly TraceLine[]
}

/** Mean roof height, ft; eave height where the roof is 10 degrees or flatter (ASCE 7-16 26.2). */
const meanRoofHeightFt = (windShape: WindShape): number =>
  windShape.heelFt +
  (degrees(pitchRadians(windShape.pitchPer12)) <= 10
    ? 0
    : ((windShape.widthFt / 2) * windShape.pitchPer12) / PITCH_RUN_IN / 2)

/**
 * External coefficient of a roof along the wind at a distance from its windward edge, ASCE 7-16 Fig. 27.3-1; `slender`
 * is height over length along the wind.
 */
function stripCp(distanceFt: number, heightFt: number, slender: number): number {
  const high = distanceFt < heightFt / 2 ? -1.3 : -0.7
  return interpolate(slender, [0.5, 1], [lowStripCp(distanceFt / heightFt), high])
}

/** The same for a low building, by the distance in heights. */
function lowStripCp(heights: number): number {
  if (heights < 1) return -0.9
  return heights < 2 ? -0.5 : -0.3
}

/** Under this slope a roof across the ridge takes the same strips as along it, degrees (ASCE 7-16 Fig. 27.3-1). */
const FLAT_DEG = 10

/** Coefficients of the roof with wind across the ridge: both cases of its windward slope, and its leeward slope. */
function acrossRidgeCp(
  { roof }: EditionData,
  thetaDeg: number,
  { heightFt, widthFt }: { readonly heightFt: number; readonly widthFt: number },
) {
  const slender = heightFt / widthFt
  if (thetaDeg < FLAT_DEG)
    return {
      windwardA: stripCp(0, heightFt, slender),
      windwardB: -0.18,
      leeward: stripCp(widthFt / 2, heightFt, slender),
    }
  const at = (xs: readonly number[], rows: readonly (readonly number[])[]) =>
    interpolate2({ x: thetaDeg, y: slender, xs, ys: roof.heightRatio, rows })
  return {
    windwardA: at(roof.thetaDeg, roof.windwardA),
    windwardB: at(roof.thetaDeg, roof.windwardB),
    leeward: at([10, 15, 20], roof.leeward),
  }
}

/** Height that the wind is taken at, as a line of arithmetic. */
function meanHeightLine({ heelFt, widthFt, pitchPer12 }: WindShape, heightFt: number): TraceLine {
  const same = { label: 'Mean roof height', value: heightFt, unit: 'ft', clause: 'ASCE 7-16 26.2' }
  if (heightFt === heelFt) return line({ ...same, formula: 'h = eave, roof of 10° or less', numbers: sig(heightFt) })
  const riseFt = ((widthFt / 2) * pitchPer12) / PITCH_RUN_IN
  return line({ ...same, formula: 'h = heel + rise/2', numbers: `${sig(heelFt)} + ${sig(riseFt)}/2` })
}

/** The arithmetic of velocity pressure, windward wall and internal pressure. */
function windTrace(
  site: WindSite,
  windShape: WindShape,
  {
    heightFt,
    kz,
    qh,
    enclosure,
  }: {
    readonly heightFt: number
    readonly kz: number
    readonly qh: number
    readonly enclosure: EnclosureClass
  },
): TraceLine[] {
  const { terrain, gust, directionality, walls, gcpi } = editionData(site.edition)
  const { zgFt, alpha } = terrain[site.exposure]
  return [
    meanHeightLine(windShape, heightFt),
    line({
      label: 'Exposure coefficient',
      formula: 'Kz = 2.01·(z/zg)^(2/α)',
      numbers: `2.01 × (${sig(Math.max(heightFt, 15))}/${zgFt})^(2/${alpha})`,
      value: kz,
      unit: '',
      clause: 'ASCE 7-16 Table 26.10-1',
    }),
    line({
      label: 'Velocity pressure',
      formula: 'qh = 0.00256·Kz·Kzt·Kd·Ke·V²',
      numbers:
        `0.00256 × ${sig(kz)} × ${site.kzt} × ${directionality} × ${sig(elevationFactor(site.elevationFt))} × ` +
        `${site.windMph}²`,
      value: qh,
      unit: 'psf',
      clause: 'ASCE 7-16 26.10-1',
    }),
    line({
      label: 'Windward wall',
      formula: 'p = qh·G·Cp',
      numbers: `${sig(qh)} × ${gust} × ${walls.windward}`,
      value: qh * gust * walls.windward,
      unit: 'psf',
      clause: 'ASCE 7-16 27.3.1',
    }),
    line({
      label: `Internal pressure, ${enclosure === 'partially' ? 'partially enclosed' : enclosure}`,
      formula: 'qh·GCpi',
      numbers: `${sig(qh)} × ${gcpi[enclosure]}`,
      value: qh * gcpi[enclosure],
      unit: 'psf',
      clause: 'ASCE 7-16 Table 26.13-1',
    }),
  ]
}

/**
 * Main wind-force pressures of an enclosed or partially enclosed gable building by the directional procedure, ASCE 7-16
 * 27.3 and Fig. 27.3-1, h up to 60 ft. An open building takes them too, with no internal pressure, for the walls it
 * has; its roof is in `openRoof.ts`.
 */
export function windPressures(
  site: WindSite,
  windShape: WindShape,
  enclosure: EnclosureClass = 'enclosed',
  factors: WindFactors = {},
): WindPressures {
  const edition = editionData(site.edition)
  const { walls } = edition
  const { lengthFt, widthFt } = windShape
  const gcpi = edition.gcpi[enclosure]
  const thetaDeg = degrees(pitchRadians(windShape.pitchPer12))
  const heightFt = meanRoofHeightFt(windShape)
  const exposureFactor = kz(heightFt, site.exposure, edition)
  const qh = velocityPressurePsf({
    kz: exposureFactor,
    elevationFt: site.elevationFt,
    windMph: site.windMph,
    kzt: site.kzt,
    ...factors,
  })
  const gust = factors.gust ?? edition.gust
  const gq = qh * gust
  const leeCp = (ratio: number) => interpolate(ratio, walls.leewardRatio, walls.leeward)
  const roof = acrossRidgeCp(edition, thetaDeg, { heightFt, widthFt })
  const stripsFt = [0, heightFt / 2, heightFt, 2 * heightFt, 1e6]
  return {
    meanHeightFt: heightFt,
    thetaDeg,
    enclosure,
    gcpi,
    qhPsf: qh,
    internalPsf: qh * gcpi,
    kz: exposureFactor,
    windwardPsf: gq * walls.windward,
    leewardPsf: gq * leeCp(widthFt / lengthFt),
    leewardAlongPsf: gq * leeCp(lengthFt / widthFt),
    sidePsf: gq * walls.side,
    gust,
    cp: {
      windward: walls.windward,
      leeward: leeCp(widthFt / lengthFt),
      leewardAlong: leeCp(lengthFt / widthFt),
      side: walls.side,
      roofWindwardA: roof.windwardA,
      roofWindwardB: roof.windwardB,
      roofLeeward: roof.leeward,
    },
    roofWindwardAPsf: gq * roof.windwardA,
    roofWindwardBPsf: gq * roof.windwardB,
    roofLeewardPsf: gq * roof.leeward,
    roofAlong: stripsFt.slice(1).map((toFt, i) => {
      const cp = stripCp(item(stripsFt, i), heightFt, heightFt / lengthFt)
      return { toFt, psf: gq * cp, cp }
    }),
    trace: windTrace(site, windShape, { heightFt, kz: exposureFactor, qh, enclosure }),
  }
}

/**
 * Suction on the roof at a distance from the windward end with wind along the ridge, psf at strength level, external
 * only.
 */
export const roofAlongPsf = (wind: WindPressures, distanceFt: number): number =>
  (wind.roofAlong.find((strip) => distanceFt < strip.toFt) ?? lastOf(wind.roofAlong)).psf

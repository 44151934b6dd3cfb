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

/**
 * Velocity pressure q, psf at strength level: 0.00256·Kz·Kzt·Kd·Ke·V², ASCE 7-16 26.10-1. Kzt is 1 on flat ground only
 * and is typed by the user.
 */
export const velocityPressurePsf = (given: {
  readonly kz: number
  readonly elevationFt: number
  readonly windMph: number
  readonly kzt?: number
}): number =>
  0.00256 *
  given.kz *
  (given.kzt ?? 1) *
  ASCE_7_16.directionality *
  Math.exp(-0.0000362 * given.elevationFt) *
  given.windMph ** 2

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
  readonly roofWindwardAPsf: number
  readonly roofWindwardBPsf: number
  readonly roofLeewardPsf: number
  /** Suction on the roof with wind along the ridge, strip by strip from the windward end: each holds up to `toFt`. */
  readonly roofAlong: readonly { readonly toFt: number; readonly psf: number }[]
  readonly trace: readonly TraceLine[]
}

/** Mean roof height, ft; eave height where the roof is 10 degrees or flatter (ASCE 7-16 26.2). */
const meanRoofHeightFt = (windShape: WindShape): number =>
  windShape.heelFt +
  (degrees(pitchRadians(windShape.pitchPer12)) <= 10
    ? 0
    : ((windShape.widthFt / 2) * windShape.pitchPer12) / PITCH_RUN_IN / 2)

/**
 * Main wind-force pressures of an enclosed or partially enclosed gable building by the directional procedure, ASCE 7-16
 * 27.3 and Fig. 27.3-1, h up to 60 ft. An open building takes them too, with no internal pressure, for the walls it
 * has; its roof is in `openRoof.ts`.
 */
export function windPressures(
  site: CompleteSite,
  windShape: WindShape,
  enclosure: EnclosureClass = 'enclosed',
): WindPressures {
  const edition = editionData(site.edition)
  const { roof, walls } = edition
  const gcpi = edition.gcpi[enclosure]
  const thetaDeg = degrees(pitchRadians(windShape.pitchPer12))
  const heightFt = meanRoofHeightFt(windShape)
  const k = kz(heightFt, site.exposure, edition)
  const qh = velocityPressurePsf({ kz: k, elevationFt: site.elevationFt, windMph: site.windMph, kzt: site.kzt })
  const gq = qh * edition.gust
  const across = heightFt / windShape.widthFt
  const along = heightFt / windShape.lengthFt
  const leeCp = (ratio: number) => interpolate(ratio, walls.leewardRatio, walls.leeward)
  const zones = (distanceFt: number, hl: number): number => {
    const coefficient = () => {
      if (distanceFt < heightFt) return -0.9
      if (distanceFt < 2 * heightFt) return -0.5
      return -0.3
    }
    const low = coefficient()
    const high = distanceFt < heightFt / 2 ? -1.3 : -0.7
    return interpolate(hl, [0.5, 1], [low, high])
  }
  // Under 10 degrees a roof across the ridge takes the same distance zones (Fig. 27.3-1).
  const flat = thetaDeg < 10
  const caseA = flat
    ? zones(0, across)
    : interpolate2({ x: thetaDeg, y: across, xs: roof.thetaDeg, ys: roof.heightRatio, rows: roof.windwardA })
  const caseB = flat
    ? -0.18
    : interpolate2({ x: thetaDeg, y: across, xs: roof.thetaDeg, ys: roof.heightRatio, rows: roof.windwardB })
  const lee = flat
    ? zones(windShape.widthFt / 2, across)
    : interpolate2({ x: thetaDeg, y: across, xs: [10, 15, 20], ys: roof.heightRatio, rows: roof.leeward })
  const ke = Math.exp(-0.0000362 * site.elevationFt)
  return {
    meanHeightFt: heightFt,
    thetaDeg,
    enclosure,
    gcpi,
    qhPsf: qh,
    internalPsf: qh * gcpi,
    kz: k,
    windwardPsf: gq * walls.windward,
    leewardPsf: gq * leeCp(windShape.widthFt / windShape.lengthFt),
    leewardAlongPsf: gq * leeCp(windShape.lengthFt / windShape.widthFt),
    sidePsf: gq * walls.side,
    roofWindwardAPsf: gq * caseA,
    roofWindwardBPsf: gq * caseB,
    roofLeewardPsf: gq * lee,
    roofAlong: [heightFt / 2, heightFt, 2 * heightFt, 1e6].map((toFt, i) => ({
      toFt,
      psf: gq * zones(item([0, heightFt / 2, heightFt, 2 * heightFt], i), along),
    })),
    trace: [
      heightFt === windShape.heelFt
        ? line({
            label: 'Mean roof height',
            formula: 'h = eave, roof of 10° or less',
            numbers: sig(heightFt),
            value: heightFt,
            unit: 'ft',
            clause: 'ASCE 7-16 26.2',
          })
        : line({
            label: 'Mean roof height',
            formula: 'h = heel + rise/2',
            numbers: `${sig(windShape.heelFt)} + ${sig(((windShape.widthFt / 2) * windShape.pitchPer12) / PITCH_RUN_IN)}/2`,
            value: heightFt,
            unit: 'ft',
            clause: 'ASCE 7-16 26.2',
          }),
      line({
        label: 'Exposure coefficient',
        formula: 'Kz = 2.01·(z/zg)^(2/α)',
        numbers:
          '2.01 × ' +
          (`(${sig(Math.max(heightFt, 15))}/${edition.terrain[site.exposure].zgFt})^(2/` +
            `${edition.terrain[site.exposure].alpha})`),
        value: k,
        unit: '',
        clause: 'ASCE 7-16 Table 26.10-1',
      }),
      line({
        label: 'Velocity pressure',
        formula: 'qh = 0.00256·Kz·Kzt·Kd·Ke·V²',
        numbers: `0.00256 × ${sig(k)} × ${site.kzt} × 0.85 × ${sig(ke)} × ${site.windMph}²`,
        value: qh,
        unit: 'psf',
        clause: 'ASCE 7-16 26.10-1',
      }),
      line({
        label: 'Windward wall',
        formula: 'p = qh·G·Cp',
        numbers: `${sig(qh)} × 0.85 × 0.8`,
        value: gq * 0.8,
        unit: 'psf',
        clause: 'ASCE 7-16 27.3.1',
      }),
      line({
        label: `Internal pressure, ${enclosure === 'partially' ? 'partially enclosed' : enclosure}`,
        formula: 'qh·GCpi',
        numbers: `${sig(qh)} × ${gcpi}`,
        value: qh * gcpi,
        unit: 'psf',
        clause: 'ASCE 7-16 Table 26.13-1',
      }),
    ],
  }
}

/**
 * Suction on the roof at a distance from the windward end with wind along the ridge, psf at strength level, external
 * only.
 */
export const roofAlongPsf = (wind: WindPressures, distanceFt: number): number =>
  (wind.roofAlong.find((strip) => distanceFt < strip.toFt) ?? lastOf(wind.roofAlong)).psf

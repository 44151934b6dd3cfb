import type { Exposure } from '../model'
import { line, sig, type TraceLine } from '../result'
import { interpolate, interpolate2 } from './interpolate'
import type { CompleteSite } from './siteLoads'

const TERRAIN: Readonly<Record<Exposure, { readonly alpha: number; readonly zgFt: number }>> = { // ASCE 7-16 Table 26.11-1
  B: { alpha: 7, zgFt: 1200 }, C: { alpha: 9.5, zgFt: 900 }, D: { alpha: 11.5, zgFt: 700 },
}
const THETA = [10, 15, 20, 25, 30, 35, 45]
const RATIO = [0.25, 0.5, 1]
// ASCE 7-16 Fig. 27.3-1, windward roof, wind normal to the ridge: most negative (A) and least negative or positive (B).
const WINDWARD_A = [[-0.7, -0.5, -0.3, -0.2, -0.2, 0, 0.4], [-0.9, -0.7, -0.4, -0.3, -0.2, -0.2, 0], [-1.3, -1, -0.7, -0.5, -0.3, -0.2, 0]]
const WINDWARD_B = [[-0.18, 0, 0.2, 0.3, 0.3, 0.4, 0.4], [-0.18, -0.18, 0, 0.2, 0.2, 0.3, 0.4], [-0.18, -0.18, -0.18, 0, 0.2, 0.2, 0.3]]
const LEEWARD = [[-0.3, -0.5, -0.6], [-0.5, -0.5, -0.6], [-0.7, -0.6, -0.6]]
/** Gust factor of a rigid building, ASCE 7-16 26.11.1. */
export const GUST = 0.85
/** Internal pressure coefficient of an enclosed building, ASCE 7-16 Table 26.13-1. */
export const GCPI_ENCLOSED = 0.18

/** Velocity pressure exposure coefficient Kz, ASCE 7-16 Table 26.10-1. `heightFt` above ground, taken as 15 ft or more. */
export const kz = (heightFt: number, exposure: Exposure): number => 2.01 * Math.pow(Math.max(heightFt, 15) / TERRAIN[exposure].zgFt, 2 / TERRAIN[exposure].alpha)

/** Velocity pressure q, psf at strength level: 0.00256·Kz·Kzt·Kd·Ke·V², ASCE 7-16 26.10-1, on flat ground (Kzt = 1). */
export const velocityPressurePsf = (p: { readonly kz: number; readonly elevationFt: number; readonly windMph: number }): number =>
  0.00256 * p.kz * 0.85 * Math.exp(-0.0000362 * p.elevationFt) * p.windMph ** 2

export interface WindShape { readonly lengthFt: number; readonly widthFt: number; readonly heelFt: number; readonly pitchPer12: number }

/** Pressures of the main system, psf at strength level, toward the surface positive, external only; `internalPsf` acts either way. */
export interface WindPressures {
  readonly meanHeightFt: number; readonly qhPsf: number; readonly internalPsf: number; readonly kz: number
  readonly windwardPsf: number; readonly leewardPsf: number; readonly leewardAlongPsf: number; readonly sidePsf: number
  readonly roofWindwardAPsf: number; readonly roofWindwardBPsf: number; readonly roofLeewardPsf: number
  /** Suction on the roof with wind along the ridge at a distance from the windward end. */
  readonly roofAlongPsf: (distanceFt: number) => number
  readonly trace: readonly TraceLine[]
}

/** Mean roof height, ft; eave height where the roof is 10 degrees or flatter (ASCE 7-16 26.2). */
export const meanRoofHeightFt = (s: WindShape): number => s.heelFt + (Math.atan(s.pitchPer12 / 12) * 180 / Math.PI <= 10 ? 0 : ((s.widthFt / 2) * s.pitchPer12) / 12 / 2)

/** Main wind-force pressures of an enclosed gable building by the directional procedure, ASCE 7-16 27.3 and Fig. 27.3-1, flat ground, h up to 60 ft. */
export function windPressures(site: CompleteSite, s: WindShape): WindPressures {
  const thetaDeg = (Math.atan(s.pitchPer12 / 12) * 180) / Math.PI
  const h = meanRoofHeightFt(s)
  const k = kz(h, site.exposure)
  const qh = velocityPressurePsf({ kz: k, elevationFt: site.elevationFt, windMph: site.windMph })
  const gq = qh * GUST
  const across = h / s.widthFt
  const along = h / s.lengthFt
  const leeCp = (ratio: number) => interpolate(ratio, [1, 2, 4], [-0.5, -0.3, -0.2])
  const zones = (distanceFt: number, hl: number): number => {
    const low = distanceFt < h ? -0.9 : distanceFt < 2 * h ? -0.5 : -0.3
    const high = distanceFt < h / 2 ? -1.3 : -0.7
    return interpolate(hl, [0.5, 1], [low, high])
  }
  // Under 10 degrees a roof across the ridge takes the same distance zones (Fig. 27.3-1).
  const flat = thetaDeg < 10
  const a = flat ? zones(0, across) : interpolate2(thetaDeg, across, THETA, RATIO, WINDWARD_A)
  const b = flat ? -0.18 : interpolate2(thetaDeg, across, THETA, RATIO, WINDWARD_B)
  const lee = flat ? zones(s.widthFt / 2, across) : interpolate2(thetaDeg, across, [10, 15, 20], RATIO, LEEWARD)
  const ke = Math.exp(-0.0000362 * site.elevationFt)
  return {
    meanHeightFt: h, qhPsf: qh, internalPsf: qh * GCPI_ENCLOSED, kz: k,
    windwardPsf: gq * 0.8, leewardPsf: gq * leeCp(s.widthFt / s.lengthFt), leewardAlongPsf: gq * leeCp(s.lengthFt / s.widthFt), sidePsf: gq * -0.7,
    roofWindwardAPsf: gq * a, roofWindwardBPsf: gq * b, roofLeewardPsf: gq * lee,
    roofAlongPsf: (distanceFt) => gq * zones(distanceFt, along),
    trace: [
      line('Mean roof height', 'h = heel + rise/2', `${sig(s.heelFt)} + ${sig(((s.widthFt / 2) * s.pitchPer12) / 12)}/2`, h, 'ft', 'ASCE 7-16 26.2'),
      line('Exposure coefficient', 'Kz = 2.01·(z/zg)^(2/α)', `2.01 × (${sig(Math.max(h, 15))}/${TERRAIN[site.exposure].zgFt})^(2/${TERRAIN[site.exposure].alpha})`, k, '', 'ASCE 7-16 Table 26.10-1'),
      line('Velocity pressure', 'qh = 0.00256·Kz·Kzt·Kd·Ke·V²', `0.00256 × ${sig(k)} × 1 × 0.85 × ${sig(ke)} × ${site.windMph}²`, qh, 'psf', 'ASCE 7-16 26.10-1'),
      line('Windward wall', 'p = qh·G·Cp', `${sig(qh)} × 0.85 × 0.8`, gq * 0.8, 'psf', 'ASCE 7-16 27.3.1'),
      line('Internal pressure, enclosed', 'qh·GCpi', `${sig(qh)} × 0.18`, qh * GCPI_ENCLOSED, 'psf', 'ASCE 7-16 Table 26.13-1'),
    ],
  }
}

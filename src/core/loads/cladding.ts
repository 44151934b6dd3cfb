import type { Exposure } from '../model'
import { ASCE_7_16 } from './editions/asce7-16'
import { velocityPressurePsf, kz } from './wind'

/** Width a of the end zones, ft, ASCE 7-16 Fig. 30.3-1. */
export const edgeZoneFt = (leastFt: number, heightFt: number): number =>
  Math.max(Math.min(0.1 * leastFt, 0.4 * heightFt), 0.04 * leastFt, 3)

/** Effective wind area of a member, square feet: span times the larger of its width and a third of the span, ASCE 7-16 26.2. */
export const effectiveAreaFt2 = (spanFt: number, widthFt: number): number => spanFt * Math.max(widthFt, spanFt / 3)

/** Velocity pressure for components; Exposure B under 30 ft takes Kz not under 0.70 (register C13). */
export const claddingPressurePsf = (p: {
  readonly heightFt: number
  readonly exposure: Exposure
  readonly elevationFt: number
  readonly windMph: number
  readonly kzt?: number
}): number =>
  velocityPressurePsf({
    kz: p.exposure === 'B' && p.heightFt < 30 ? Math.max(0.7, kz(p.heightFt, 'B')) : kz(p.heightFt, p.exposure),
    elevationFt: p.elevationFt,
    windMph: p.windMph,
    kzt: p.kzt,
  })

/** Wall pressure coefficients by zone, ASCE 7-16 Fig. 30.3-1, area from 10 to 500 square feet; 0.9 of it under a roof of 10 degrees or flatter. */
export function wallGcp(
  areaFt2: number,
  zone: 4 | 5,
  flatRoof: boolean,
): { readonly inward: number; readonly outward: number } {
  const l = Math.log10(Math.min(Math.max(areaFt2, 10), 500) / 10) / Math.log10(50)
  const f = flatRoof ? 0.9 : 1
  return { inward: f * (1 - 0.3 * l), outward: -f * (zone === 4 ? 1.1 - 0.3 * l : 1.4 - 0.6 * l) }
}

/** Strength-level wall pressures with the worse internal pressure, at least 16 psf each way (ASCE 7-16 30.2.2). */
export function wallPressures(
  qhPsf: number,
  areaFt2: number,
  zone: 4 | 5,
  flatRoof: boolean,
  gcpi = ASCE_7_16.gcpi.enclosed,
): { readonly inwardPsf: number; readonly outwardPsf: number; readonly gcpIn: number; readonly gcpOut: number } {
  const g = wallGcp(areaFt2, zone, flatRoof)
  return {
    inwardPsf: Math.max(ASCE_7_16.minimum.claddingPsf, qhPsf * (g.inward + gcpi)),
    outwardPsf: Math.min(-ASCE_7_16.minimum.claddingPsf, qhPsf * (g.outward - gcpi)),
    gcpIn: g.inward,
    gcpOut: g.outward,
  }
}

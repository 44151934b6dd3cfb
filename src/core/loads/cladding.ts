import type { Exposure } from '../model'
import { ASCE_7_16 } from './editions/asce7-16'
import { velocityPressurePsf, kz } from './wind'

/** Width a of the end zones, ft, ASCE 7-16 Fig. 30.3-1. */
export const edgeZoneFt = (leastFt: number, heightFt: number): number =>
  Math.max(Math.min(0.1 * leastFt, 0.4 * heightFt), 0.04 * leastFt, 3)

/**
 * Effective wind area of a member, square feet: span times the larger of its width and a third of the span, ASCE 7-16
 * 26.2.
 */
export const effectiveAreaFt2 = (spanFt: number, widthFt: number): number => spanFt * Math.max(widthFt, spanFt / 3)

/** Velocity pressure for components; Exposure B under 30 ft takes Kz not under 0.70 (register C13). */
export const claddingPressurePsf = (given: {
  readonly heightFt: number
  readonly exposure: Exposure
  readonly elevationFt: number
  readonly windMph: number
  readonly kzt?: number
}): number =>
  velocityPressurePsf({
    kz:
      given.exposure === 'B' && given.heightFt < 30
        ? Math.max(0.7, kz(given.heightFt, 'B'))
        : kz(given.heightFt, given.exposure),
    elevationFt: given.elevationFt,
    windMph: given.windMph,
    kzt: given.kzt,
  })

/**
 * Wall pressure coefficients by zone, ASCE 7-16 Fig. 30.3-1, area from 10 to 500 square feet; 0.9 of it under a roof of
 * 10 degrees or flatter.
 */
export function wallGcp(
  areaFt2: number,
  zone: 4 | 5,
  flatRoof: boolean,
): { readonly inward: number; readonly outward: number } {
  const logShare = Math.log10(Math.min(Math.max(areaFt2, 10), 500) / 10) / Math.log10(50)
  const factor = flatRoof ? 0.9 : 1
  return {
    inward: factor * (1 - 0.3 * logShare),
    outward: -factor * (zone === 4 ? 1.1 - 0.3 * logShare : 1.4 - 0.6 * logShare),
  }
}

/** Strength-level wall pressures with the worse internal pressure, at least 16 psf each way (ASCE 7-16 30.2.2). */
export function wallPressures({
  qhPsf,
  areaFt2,
  zone,
  flatRoof,
  gcpi = ASCE_7_16.gcpi.enclosed,
}: {
  qhPsf: number
  areaFt2: number
  zone: 4 | 5
  flatRoof: boolean
  gcpi?: number
}): { readonly inwardPsf: number; readonly outwardPsf: number; readonly gcpIn: number; readonly gcpOut: number } {
  const gcp = wallGcp(areaFt2, zone, flatRoof)
  return {
    inwardPsf: Math.max(ASCE_7_16.minimum.claddingPsf, qhPsf * (gcp.inward + gcpi)),
    outwardPsf: Math.min(-ASCE_7_16.minimum.claddingPsf, qhPsf * (gcp.outward - gcpi)),
    gcpIn: gcp.inward,
    gcpOut: gcp.outward,
  }
}

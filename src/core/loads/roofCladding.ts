import { ROUNDING } from '../units'
import type { Edition } from '../model'
import { editionData, type RoofZone } from './editions'

export interface RoofCladding {
  readonly zonePsf: Readonly<Record<RoofZone, number>>
  readonly inwardPsf: number
  readonly verify: string | null
  readonly coefficients: Readonly<Record<RoofZone, number>>
  readonly inwardCoefficient: number
}
const ROOF_ZONES: readonly RoofZone[] = ['1', '2e', '2n', '2r', '3e', '3r']

/**
 * Strength-level cladding pressures of a gable roof at 10 ft², no area reduction, ASCE 7-16 Figs. 30.3-2A to D, with
 * the worse internal
 * pressure and at least 16 psf (30.2.2). Null over 45 degrees: not covered. Slopes over 20 degrees: register C15.
 */
export function roofCladding(edition: Edition, thetaDeg: number, qhPsf: number, gcpi: number): RoofCladding | null {
  const data = editionData(edition)
  const row = data.gableRoof.find((row) => thetaDeg <= row.upToDeg + ROUNDING)
  if (!row) return null
  const zonePsf = Object.fromEntries(
    ROOF_ZONES.map((zone) => [zone, Math.min(-data.minimum.claddingPsf, qhPsf * (row.zones[zone] - gcpi))]),
  ) as Record<RoofZone, number>
  return {
    zonePsf,
    inwardPsf: Math.max(data.minimum.claddingPsf, qhPsf * (row.inward + gcpi)),
    verify: row.verify,
    coefficients: row.zones,
    inwardCoefficient: row.inward,
  }
}

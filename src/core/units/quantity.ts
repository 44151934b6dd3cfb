import { FPS_PER_MPH, FT3_PER_YD3, IN2_PER_FT2, M_PER_FT, MM_PER_IN, MM_PER_M, N_PER_LB, PA_PER_PSF } from './factors'
import { fixed, significant, upTo } from '../result/figures'
import { type UnitSystem, spaceOf, type WriteOptions } from '../result/system'

/** How one kind of quantity is written in a system: its unit, what the core's number is multiplied by, its decimals. */
interface Written {
  readonly unit: string
  readonly times: number
  readonly decimals: number
}

const PSF_IN_KPA = PA_PER_PSF / 1000

/** Quantities other than lengths, by the unit that the core reckons in: US customary, then SI. */
const KINDS = {
  lb: [
    { unit: 'lb', times: 1, decimals: 0 },
    { unit: 'kN', times: N_PER_LB / 1000, decimals: 2 },
  ],
  /** A weight that is lifted or bought. */
  weightLb: [
    { unit: 'lb', times: 1, decimals: 0 },
    { unit: 'kg', times: 0.45359237, decimals: 0 },
  ],
  psf: [
    { unit: 'psf', times: 1, decimals: 1 },
    { unit: 'kPa', times: PSF_IN_KPA, decimals: 3 },
  ],
  psi: [
    { unit: 'psi', times: 1, decimals: 0 },
    { unit: 'MPa', times: (PSF_IN_KPA * IN2_PER_FT2) / 1000, decimals: 2 },
  ],
  plf: [
    { unit: 'plf', times: 1, decimals: 0 },
    { unit: 'kN/m', times: N_PER_LB / M_PER_FT / 1000, decimals: 2 },
  ],
  lbFt: [
    { unit: 'lb-ft', times: 1, decimals: 0 },
    { unit: 'kN·m', times: (N_PER_LB * M_PER_FT) / 1000, decimals: 2 },
  ],
  ft2: [
    { unit: 'ft²', times: 1, decimals: 0 },
    { unit: 'm²', times: M_PER_FT ** 2, decimals: 1 },
  ],
  in2: [
    { unit: 'in²', times: 1, decimals: 2 },
    { unit: 'mm²', times: MM_PER_IN ** 2, decimals: 0 },
  ],
  ft3: [
    { unit: 'ft³', times: 1, decimals: 2 },
    { unit: 'm³', times: M_PER_FT ** 3, decimals: 3 },
  ],
  yd3: [
    { unit: 'yd³', times: 1, decimals: 2 },
    { unit: 'm³', times: FT3_PER_YD3 * M_PER_FT ** 3, decimals: 2 },
  ],
  /** What grows with depth: sideways bearing of soil. */
  psfPerFt: [
    { unit: 'psf/ft', times: 1, decimals: 0 },
    { unit: 'kPa/m', times: PSF_IN_KPA / M_PER_FT, decimals: 1 },
  ],
  mph: [
    { unit: 'mph', times: 1, decimals: 0 },
    { unit: 'm/s', times: FPS_PER_MPH * M_PER_FT, decimals: 1 },
  ],
  ft: [
    { unit: 'ft', times: 1, decimals: 1 },
    { unit: 'm', times: M_PER_FT, decimals: 2 },
  ],
  /** Stiffness of a member, E·I. */
  lbIn2: [
    { unit: 'lb·in²', times: 1, decimals: 0 },
    { unit: 'kN·m²', times: (N_PER_LB * (MM_PER_IN / MM_PER_M) ** 2) / 1000, decimals: 1 },
  ],
  /** A short length in a sentence or a trace, in decimals. */
  inches: [
    { unit: 'in.', times: 1, decimals: 2 },
    { unit: 'mm', times: MM_PER_IN, decimals: 1 },
  ],
  deg: [
    { unit: '°', times: 1, decimals: 1 },
    { unit: '°', times: 1, decimals: 1 },
  ],
} as const satisfies Record<string, readonly [Written, Written]>

export type QuantityKind = keyof typeof KINDS

/** How a kind of quantity is written in a system. */
const writtenAs = (kind: QuantityKind, system: UnitSystem = 'us'): Written => KINDS[kind][system === 'us' ? 0 : 1]

/** How a number that is typed in a unit of the core is written and typed in a system. */
export interface NumberScale {
  readonly unit: string
  /** What the core's number is multiplied by. */
  readonly times: number
  /** What an arrow key adds, in the unit that is shown. */
  readonly step: number
}

/** The scale of a field whose number the core keeps in `unit` (`psf`, `lb`); units that no kind has stay as they are. */
export function numberScale(unit: string, system: UnitSystem): NumberScale {
  const kind = Object.values(KINDS).find(([us]) => us.unit === unit)
  if (system === 'us' || !kind || unit === '°') return { unit, times: 1, step: 1 }
  const [, si] = kind
  return { unit: si.unit, times: si.times, step: 10 ** (1 - si.decimals) }
}

/** A figure with its unit, on one line; a degree sign stands close. */
const withUnit = (figure: string, unit: string, options: WriteOptions): string =>
  `${figure}${unit === '°' ? '' : spaceOf(options)}${unit}`

export interface QuantityOptions extends WriteOptions {
  /** Decimals in US units, where the kind's own are too few or too many; metric units keep their own. */
  readonly decimals?: number
  /** Leaves out decimals that say nothing. */
  readonly short?: boolean
}

/**
 * A force, pressure, area, volume, weight, speed or angle with its unit: `1,240 lb`, `25.0 psf`, `1.20 kPa`. The number
 * is in the unit that its kind is named after; it is multiplied exactly and rounded once. The unit stays on its line.
 */
export function quantity(value: number, kind: QuantityKind, options: QuantityOptions = {}): string {
  const { unit, times, decimals } = writtenAs(kind, options.system)
  const places = unit === KINDS[kind][0].unit ? (options.decimals ?? decimals) : decimals
  const figure = options.short ? upTo(value * times, places, options) : fixed(value * times, places, options)
  return withUnit(figure, unit, options)
}

/** The same to four figures, as traces and sentences give results that were reckoned: `12.35 psf`, `−0.4201 in.`. */
export function about(value: number, kind: QuantityKind, options: WriteOptions = {}): string {
  const { unit, times } = writtenAs(kind, options.system)
  const figure = significant(value * times, options)
  return withUnit(figure, unit, options)
}

/** Decimals that people type. */
const TYPED_DECIMALS = 4

/** The same as it was typed: `25 psf`, `37.25 psf`, `0.625 in.`. */
export function stated(value: number, kind: QuantityKind, options: WriteOptions = {}): string {
  const { unit, times } = writtenAs(kind, options.system)
  return withUnit(upTo(value * times, TYPED_DECIMALS, options), unit, options)
}

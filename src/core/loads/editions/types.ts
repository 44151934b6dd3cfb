import type { Exposure, Risk, SnowExposure, Thermal } from '../../model'

/** Roof zones of components and cladding: interior, eave, rake, ridge, eave corner, ridge corner. */
export type RoofZone = '1' | '2e' | '2n' | '2r' | '3e' | '3r'

/**
 * One allowable-stress combination: factors of dead, roof (snow or roof live) and strength-level wind, and its load
 * duration factor.
 */
export interface Combination {
  readonly id: string
  readonly dead: number
  readonly least?: boolean
  readonly roof: number
  readonly live?: 'snow' | 'roof'
  readonly wind: number
  readonly duration: number
  readonly clause: string
}

type Half = readonly [number, number]

/** Everything of a loads standard that is a number. Another edition is another object of this shape. */
export interface EditionData {
  readonly name: string
  readonly importance: Readonly<Record<Risk, number>>
  readonly snowExposure: Readonly<Record<Exposure, Readonly<Record<SnowExposure, number>>>>
  readonly thermal: Readonly<Record<Thermal, number>>
  readonly terrain: Readonly<Record<Exposure, { readonly alpha: number; readonly zgFt: number }>>
  readonly gust: number
  readonly directionality: number
  readonly gcpi: Readonly<Record<'enclosed' | 'partially' | 'open', number>>
  readonly walls: {
    readonly windward: number
    readonly side: number
    readonly leewardRatio: readonly number[]
    readonly leeward: readonly number[]
  }
  readonly roof: {
    readonly thetaDeg: readonly number[]
    readonly heightRatio: readonly number[]
    readonly windwardA: readonly (readonly number[])[]
    readonly windwardB: readonly (readonly number[])[]
    readonly leeward: readonly (readonly number[])[]
  }
  readonly minimum: { readonly wallPsf: number; readonly roofPsf: number; readonly claddingPsf: number }
  readonly gableRoof: readonly {
    readonly upToDeg: number
    readonly zones: Readonly<Record<RoofZone, number>>
    readonly inward: number
    readonly verify: string | null
  }[]
  readonly openPitched: readonly OpenRow[]
  readonly openMono: readonly OpenRow[]
  readonly openAlong: Readonly<Record<'within' | 'between' | 'beyond', Half>>
  readonly combinations: readonly Combination[]
}

export interface OpenRow {
  readonly thetaDeg: number
  readonly clear: readonly Half[]
  readonly obstructed: readonly Half[]
}

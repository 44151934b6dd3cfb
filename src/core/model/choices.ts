/** Closed lists of the job model. The order is the order in which the interface offers them. */
export const EXPOSURES = ['B', 'C', 'D'] as const
export const RISKS = ['I', 'II', 'III', 'IV'] as const
export const THERMALS = ['heated', 'just-above-freezing', 'unheated', 'kept-below-freezing'] as const
export const SNOW_EXPOSURES = ['fully', 'partially', 'sheltered'] as const
export const SOILS = ['1', '2', '3', '4', '5', 'own'] as const
export const SIDES = ['south', 'east', 'north', 'west'] as const
export const CORNERS = ['SW', 'SE', 'NE', 'NW'] as const
export const OPENING_KINDS = ['overhead', 'slider', 'walk', 'window'] as const
export const POST_SECTIONS = ['3-2x6', '4-2x6', '3-2x8', '4-2x8', '3-2x10', '4-2x10', '6x6'] as const
export const SCHOOLS = ['pad', 'collar', 'pier'] as const
export const GIRT_STYLES = ['flat', 'between'] as const
export const GIRT_SIZES = ['2x4', '2x6', '2x8'] as const
export const LUMBERS = [
  'SP-SS', 'SP-No.1', 'SP-No.2', 'SP-No.3', 'DF-L-SS', 'DF-L-No.1', 'DF-L-No.2', 'HF-SS', 'HF-No.1', 'HF-No.2', 'SPF-SS', 'SPF-No.1/No.2',
  'SPF-1650f-1.5E', 'SPF-2100f-1.8E', 'SP-2400f-2.0E',
] as const

export type Exposure = (typeof EXPOSURES)[number]
export type Risk = (typeof RISKS)[number]
export type Thermal = (typeof THERMALS)[number]
export type SnowExposure = (typeof SNOW_EXPOSURES)[number]
export type SoilClass = (typeof SOILS)[number]
/** Sides of the plan: south is the line of row A, east the last numbered line. True compass names follow from `northDeg`. */
export type Side = (typeof SIDES)[number]
export type Corner = (typeof CORNERS)[number]
export type OpeningKind = (typeof OPENING_KINDS)[number]
export type PostSection = (typeof POST_SECTIONS)[number]
export type School = (typeof SCHOOLS)[number]
export type GirtStyle = (typeof GIRT_STYLES)[number]
export type GirtSize = (typeof GIRT_SIZES)[number]
export type Lumber = (typeof LUMBERS)[number]

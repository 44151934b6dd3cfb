/** Closed lists of the job model. The order is the order in which the interface offers them. */
export const EDITIONS = ['ASCE 7-16'] as const
export const EXPOSURES = ['B', 'C', 'D'] as const
export const RISKS = ['I', 'II', 'III', 'IV'] as const
export const THERMALS = ['heated', 'just-above-freezing', 'unheated', 'kept-below-freezing'] as const
export const SNOW_EXPOSURES = ['fully', 'partially', 'sheltered'] as const
export const ENCLOSURES = ['by-openings', 'enclosed', 'partially', 'open'] as const
export const SOILS = ['1', '2', '3', '4', '5', 'own'] as const
export const SIDES = ['south', 'east', 'north', 'west'] as const
/** Strings that posts stand on: the four of the building, and the outer strings of lean-tos. */
export const STRING_IDS = ['south', 'east', 'north', 'west', 'lean-south', 'lean-north'] as const
export const CORNERS = ['SW', 'SE', 'NE', 'NW'] as const
export const OPENING_KINDS = ['overhead', 'slider', 'walk', 'window'] as const
export const POST_SECTIONS = ['3-2x6', '4-2x6', '3-2x8', '4-2x8', '3-2x10', '4-2x10', '6x6', 'glulam'] as const
export const FOUNDATION_TYPES = ['pad', 'collar', 'pier'] as const
export const GIRT_STYLES = ['flat', 'between', 'both'] as const
export const GIRT_SIZES = ['2x4', '2x6', '2x8'] as const
export const BOARD_SIZES = ['2x4', '2x6', '2x8', '2x10', '2x12'] as const
export const TRUSS_SETS = ['posts', 'carriers'] as const
export const TRUSS_SEATS = ['pocket', 'notch', 'face'] as const
export const BUILT_UP_SIDES = ['both', 'one'] as const
export const PURLIN_STYLES = ['over', 'between', 'flat'] as const
export const PURLIN_RUNS = ['simple', 'two-span', 'lapped'] as const
export const CEILINGS = ['none', 'other', 'plaster'] as const
export const FINISHES = ['metal', 'flexible', 'brittle'] as const
export const TOPS = ['trusted', 'checked', 'none'] as const
export const BASES = ['fixed', 'springs'] as const
export const WALL_BRACES = ['skin', 'x-boards', 'single-boards', 'straps', 'none'] as const
/** Tabled lumber: species and grade. A grade of the user's own has an id that starts with `own-`. */
export const LUMBERS = [
  'SP-SS',
  'SP-No.1 Dense',
  'SP-No.1',
  'SP-No.2',
  'SP-No.3',
  'DF-L-SS',
  'DF-L-No.1&Btr',
  'DF-L-No.1',
  'DF-L-No.2',
  'DF-L-No.3',
  'DF-L-Stud',
  'HF-SS',
  'HF-No.1&Btr',
  'HF-No.1',
  'HF-No.2',
  'HF-No.3',
  'HF-Stud',
  'SPF-SS',
  'SPF-No.1/No.2',
  'SPF-No.3',
  'SPF-Stud',
  'SP-1650f-1.5E',
  'SP-2100f-1.8E',
  'SP-2400f-2.0E',
  'DF-L-1650f-1.5E',
  'DF-L-2100f-1.8E',
  'DF-L-2400f-2.0E',
  'SPF-1650f-1.5E',
  'SPF-2100f-1.8E',
  'SPF-2400f-2.0E',
] as const

export type Edition = (typeof EDITIONS)[number]
export type Exposure = (typeof EXPOSURES)[number]
export type Risk = (typeof RISKS)[number]
export type Thermal = (typeof THERMALS)[number]
export type SnowExposure = (typeof SNOW_EXPOSURES)[number]
export type SoilClass = (typeof SOILS)[number]
/**
 * Sides of the plan: south is the line of row A, east the last numbered line. True compass names follow from
 * `northDeg`.
 */
export type Side = (typeof SIDES)[number]
export type StringId = (typeof STRING_IDS)[number]
export type Corner = (typeof CORNERS)[number]
export type OpeningKind = (typeof OPENING_KINDS)[number]
export type PostSection = (typeof POST_SECTIONS)[number]
export type FoundationType = (typeof FOUNDATION_TYPES)[number]
export type GirtStyle = (typeof GIRT_STYLES)[number]
export type BoardName = (typeof BOARD_SIZES)[number]
export type Ceiling = (typeof CEILINGS)[number]
export type Finish = (typeof FINISHES)[number]
/** A tabled lumber id or `own-…`. An id that no table knows has no values: its members are not checked. */
export type Lumber = string
/** Nails of the shipped list by id; their sizes stand in `joints`. */
export const NAIL_IDS = [
  '8d-common',
  '10d-common',
  '16d-common',
  '20d-common',
  '30d-common',
  '40d-common',
  '50d-common',
  '60d-common',
  'ring-135',
  'ring-148',
  'ring-177',
  'ring-200',
  'ring-207',
] as const
export type NailId = (typeof NAIL_IDS)[number]

export const PAPERS = ['letter', 'a4'] as const
export type PaperName = (typeof PAPERS)[number]

import { z } from 'zod'
import * as c from './choices'

/** Name and version in every job file. A file with a higher version is refused, one with a lower version is migrated. */
export const JOB_FORMAT = 'burdock-job'
export const JOB_VERSION = 1

const lengthIn = (min: number, max: number, what: string) => z.number().min(min).max(max).describe(`${what}, inches`)
const number = (min: number, max: number, what: string) => z.number().min(min).max(max).describe(what)
const text = (max: number) => z.string().max(max)
const id = z.string().regex(/^[a-zA-Z0-9_-]{1,40}$/)

/** Site hazards are null until someone enters them: no load, soil or frost value is ever assumed. */
export const siteSchema = z.strictObject({
  groundSnowPsf: number(0, 300, 'Ground snow load pg, psf (ASCE 7-16 7.2)').nullable(),
  windMph: number(60, 220, 'Basic wind speed V for the risk category, mph, strength level (ASCE 7-16 26.5)').nullable(),
  exposure: z.enum(c.EXPOSURES).nullable().describe('Wind exposure (26.7)'),
  risk: z.enum(c.RISKS).describe('Risk category (Table 1.5-1)'),
  elevationFt: number(-300, 15000, 'Ground elevation above sea level, feet (26.9)'),
  frostIn: lengthIn(0, 120, 'Frost depth given by the official').nullable(),
  thermal: z.enum(c.THERMALS).describe('Thermal condition (Table 7.3-2)'),
  snowExposure: z.enum(c.SNOW_EXPOSURES).describe('Exposure of the roof to wind (Table 7.3-1)'),
  slipperyRoof: z.boolean().describe('Unobstructed slippery roof surface (7.4)'),
  soil: z.enum(c.SOILS).nullable().describe('Soil class of IBC Table 1806.2, or own values'),
  ownBearingPsf: number(250, 20000, 'Own allowable bearing, psf').nullable(),
  ownLateralPsfPerFt: number(20, 2000, 'Own lateral bearing, psf per foot of depth').nullable(),
  doubleLateral: z.boolean().describe('Building not harmed by 1/2 inch of motion at grade: lateral value doubled (IBC 1806.3.4)'),
  northDeg: number(-180, 180, 'Degrees that true north stands clockwise from the top of the plan'),
  deadMaxPsf: number(1, 60, 'Greatest certain roof dead load, psf of plan'),
  deadMinPsf: number(0, 30, 'Least certain roof dead load, psf of plan'),
})

export const openingSchema = z.strictObject({
  id,
  kind: z.enum(c.OPENING_KINDS),
  name: text(60).describe('What the crew calls it; empty takes a name from its kind'),
  side: z.enum(c.SIDES),
  corner: z.enum(c.CORNERS).describe('Corner of the string rectangle from which the position is taped'),
  positionIn: lengthIn(0, 12000, 'From the named corner to the near edge of the rough opening'),
  widthIn: lengthIn(12, 600, 'Rough opening width'),
  heightIn: lengthIn(6, 360, 'Rough opening height above its sill'),
  sillIn: lengthIn(0, 300, 'Sill above the grade line; 0 for doors'),
})

export const baysSchema = z.discriminatedUnion('mode', [
  z.strictObject({ mode: z.literal('count'), count: z.int().min(1).max(60) }),
  z.strictObject({ mode: z.literal('max'), maxIn: lengthIn(36, 240, 'Widest bay') }),
  z.strictObject({ mode: z.literal('hand'), spacingsIn: z.array(lengthIn(24, 360, 'One bay')).min(1).max(60) }),
])

export const buildingSchema = z.strictObject({
  lengthIn: lengthIn(96, 6000, 'Length'),
  widthIn: lengthIn(96, 1920, 'Width'),
  heelIn: lengthIn(72, 360, 'Heel (truss seat) above the grade line'),
  pitchPer12: number(1, 12, 'Roof rise per 12 of run'),
  eaveOverhangIn: lengthIn(0, 48, 'Eave overhang'),
  gableOverhangIn: lengthIn(0, 48, 'Gable overhang'),
  bays: baysSchema,
  baysFrom: z.enum(['outside', 'centres']).describe('Equal bays between outside faces, or between centres of the end posts'),
  dimensionTo: z.enum(['post', 'girt']).describe('Length and width are to the outside of post or to the outside of girt'),
  post: z.strictObject({ section: z.enum(c.POST_SECTIONS), lumber: z.enum(c.LUMBERS) }),
  school: z.enum(c.SCHOOLS).describe('Pad in the hole, concrete collar round the post, or bracket on a concrete pier'),
  collarHeightIn: lengthIn(6, 96, 'Height of the concrete collar above the pad'),
  coneAngleDeg: number(0, 15, 'Spread of the soil cone over a collar, degrees from vertical'),
  bracketIn: lengthIn(0, 36, 'Bracket seat above the grade line (pier school)'),
  padThicknessIn: lengthIn(4, 36, 'Pad thickness'),
  holeDiameterIn: lengthIn(10, 60, 'Hole and pad diameter').nullable().describe('Hole and pad diameter, inches; null lets Burdock choose'),
  minimumDepthIn: lengthIn(12, 144, 'Least depth to the pad bottom'),
  slab: z.enum(['none', 'tied']).describe('Support at grade: none, or a slab that bears on the posts and is tied to them'),
  diaphragm: z.enum(['trusted', 'none']).describe('Whether the roof diaphragm and end walls may hold the tops of the posts'),
  openings: z.array(openingSchema).max(60),
  skirt: z.strictObject({ topIn: lengthIn(0, 48, 'Top of the skirt board above the grade line'), depthIn: lengthIn(0, 24, 'Depth of the skirt board') }),
  girts: z.strictObject({
    style: z.enum(c.GIRT_STYLES), size: z.enum(c.GIRT_SIZES), lumber: z.enum(c.LUMBERS),
    maxGapIn: lengthIn(8, 60, 'Widest space, top edge to top edge'),
    run: z.enum(['one-bay', 'two-bays']).describe('Boards reach over one bay, or over two with staggered splices'),
    meetOpenings: z.boolean().describe('Rows land on sills and heads'),
  }),
  gableMaxIn: lengthIn(36, 240, 'Widest space between gable posts'),
  gableShiftsIn: z.record(id, z.number().min(-240).max(240)).describe('Gable posts moved by hand along their wall, inches, by post id'),
  leanTo: z.strictObject({
    side: z.enum(['south', 'north']), depthIn: lengthIn(48, 360, 'From main string to lean-to string'),
    pitchPer12: number(0.25, 12, 'Lean-to rise per 12'), dropIn: lengthIn(0, 120, 'High end of the lean-to roof below the heel'),
  }).nullable(),
})

export const measuresSchema = z.strictObject({
  southIn: lengthIn(1, 12000, 'South side').nullable(), northIn: lengthIn(1, 12000, 'North side').nullable(),
  westIn: lengthIn(1, 12000, 'West side').nullable(), eastIn: lengthIn(1, 12000, 'East side').nullable(),
  risingIn: lengthIn(1, 12000, 'Diagonal SW to NE').nullable(), fallingIn: lengthIn(1, 12000, 'Diagonal SE to NW').nullable(),
})

export const stringsSchema = z.strictObject({
  runPastIn: lengthIn(12, 144, 'How far strings run past the corners'),
  hook: z.enum(['low', 'high']).describe('Hook the tape at the west or south end (low), or at the east or north end (high)'),
  hookPost: z.string().max(12).nullable().describe('Hook on this post of the selected string instead; running marks then go both ways'),
  measures: measuresSchema,
  squareMode: z.enum(['hold-south', 'least-move']).describe('Hold the south string, or move every corner as little as possible'),
  toleranceIn: lengthIn(0.03125, 2, 'Tape tolerance'),
})

export const levelsSchema = z.strictObject({
  coverIn: lengthIn(0, 60, 'Grade line above the highest point read'),
  readingsIn: z.record(id, z.number().min(0).max(600)).describe('Rod readings by post id, inches; a higher reading is a lower point'),
})

export const jobSchema = z.strictObject({
  format: z.literal(JOB_FORMAT),
  version: z.literal(JOB_VERSION),
  name: z.string().trim().min(1).max(120),
  note: text(2000),
  site: siteSchema,
  building: buildingSchema,
  strings: stringsSchema,
  levels: levelsSchema,
}).meta({ title: 'Burdock job', description: 'One post-frame building. Lengths in inches, forces in pounds, angles in degrees.' })

export type Job = z.infer<typeof jobSchema>
export type Site = Job['site']
export type Building = Job['building']
export type Opening = Building['openings'][number]
export type Bays = Building['bays']
export type Measures = Job['strings']['measures']

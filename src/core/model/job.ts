import { z } from 'zod'
import * as c from './choices'
import { buildingSchema } from './building'
import { postId } from './posts'
import { NAME_MOST_LETTERS } from './practice'
import { siteSchema } from './site'
import { FIGURE_NAMES } from '../pocket/names'
import { UNIT_SYSTEMS } from '../units'
import { id, lengthIn, lumber, number, text } from './zod'

/**
 * Name and version in every job file. A file with a higher version is refused, one with a lower version is migrated.
 */
export const JOB_FORMAT = 'burdock-job'
export const JOB_VERSION = 14

const measuresSchema = z.strictObject({
  southIn: lengthIn(1, 12000, 'South side').nullable(),
  northIn: lengthIn(1, 12000, 'North side').nullable(),
  westIn: lengthIn(1, 12000, 'West side').nullable(),
  eastIn: lengthIn(1, 12000, 'East side').nullable(),
  risingIn: lengthIn(1, 12000, 'Diagonal SW to NE').nullable(),
  fallingIn: lengthIn(1, 12000, 'Diagonal SE to NW').nullable(),
})

const stringsSchema = z.strictObject({
  runPastIn: lengthIn(12, 144, 'How far strings run past the corners'),
  hook: z
    .enum(['low', 'high'])
    .describe('Hook the tape at the west or south end (low), or at the east or north end (high)'),
  hookPost: postId
    .nullable()
    .describe('Hook on this post of the selected string instead; running marks then go both ways'),
  measures: measuresSchema,
  squareMode: z
    .enum(['hold-south', 'least-move'])
    .describe('Hold the south string, or move every corner as little as possible'),
  toleranceIn: lengthIn(0.03125, 2, 'Tape tolerance'),
})

const levelsSchema = z.strictObject({
  coverIn: lengthIn(0, 60, 'Grade line above the highest point read'),
  readingsIn: z
    .record(postId, z.number().min(0).max(600))
    .describe('Rod readings by post id, inches; a higher reading is a lower point'),
  benchmarkIn: z
    .number()
    .min(0)
    .max(300)
    .nullable()
    .describe(
      'What the rod read on the benchmark from where these readings were taken; ties them to the set-ups of phones',
    ),
})

/** Limits of ‘Size it for me’ and prices that differ from the shipped invented list. */
const sizingSchema = z.strictObject({
  bayMinIn: lengthIn(48, 180, 'Narrowest bay to try'),
  bayMaxIn: lengthIn(48, 180, 'Widest bay to try'),
  maxGapIn: lengthIn(8, 48, 'Widest girt space to try'),
  preferBayIn: lengthIn(36, 240, 'Bay the crew prefers')
    .nullable()
    .describe('Bay spacing that is preferred: what holds nearest to it comes first; null asks for the cheapest'),
  locked: z
    .array(z.enum(['bays', 'post', 'hole', 'girts', 'purlins', 'carrier', 'header', 'leanTo', 'bracing']))
    .describe('Choices that stay as they are'),
  sections: z.array(z.enum(c.POST_SECTIONS)).describe('Posts on the yard’s list'),
  boards: z.array(z.enum(c.BOARD_SIZES)).describe('Boards on the yard’s list'),
  lumbers: z.array(z.string().max(40)).max(40).describe('Lumber on the yard’s list'),
  sameGirts: z.boolean().describe('The same girts on all walls'),
  prices: z
    .record(z.string().max(60), number(0, 100000, 'Price of one unit'))
    .describe('Prices that differ from the shipped list, by item'),
})

/** How lumber and hardware are bought: what the yard has, what lies there already, and what is bought to spare. */
const buyingSchema = z.strictObject({
  stockIn: z
    .array(lengthIn(24, 720, 'A length that the yard sells'))
    .min(1)
    .max(30)
    .describe('Lengths on the yard’s list, inches'),
  spareIn: lengthIn(0, 24, 'A board is bought at least so much longer than its cut'),
  cutInPlaceIn: lengthIn(0, 60, 'The same for posts that are set long and cut at the top in place'),
  offcuts: z
    .array(
      z.strictObject({
        id,
        size: z.enum(c.BOARD_SIZES),
        lumber,
        treated: z.boolean(),
        lengthIn: lengthIn(6, 720, 'Its length'),
        count: z.int().min(1).max(999),
      }),
    )
    .max(200)
    .describe('Boards that lie there already: they are cut before any is bought'),
  spares: z.strictObject({
    boardsEvery: z.int().min(0).max(1000).describe('One spare board for so many of a kind; 0 for none'),
    hardwareShare: number(0, 1, 'Share of hangers, ties, brackets and bolts bought to spare'),
    hardwareLeast: z.int().min(0).max(100).describe('Of each kind of them at least so many to spare'),
    screwShare: number(0, 1, 'Share of screws bought to spare'),
    nailShare: number(0, 1, 'Share of nails bought to spare'),
    own: z
      .record(z.string().min(1).max(80), z.int().min(0).max(100000))
      .describe('So many to spare of one item, by its name in the order, where these rules do not fit it'),
  }),
  nailBoxLb: number(0.25, 100, 'Weight of a box of nails, lb'),
})

/** How the crew works on site: concrete, the way of leveling, and the crayon of each kind of mark. */
const fieldworkSchema = z.strictObject({
  concrete: z.strictObject({
    by: z.enum(['mixer', 'truck', 'hand']).describe('Bags in a mixer, a truck, or bags in a tub'),
    bagLb: z.literal([40, 50, 60, 80]),
    mixerFt3: number(0.5, 12, 'What one mixer load takes, cubic feet'),
    plantMinYd3: number(0, 12, 'Smallest load without a fee, cubic yards'),
    spareEvery: number(0, 100, 'One spare bag for so many holes; 0 for none'),
  }),
  levelSchool: z
    .enum(['high-pier', 'cut-to-laser', 'level-strings'])
    .describe(
      'How heights are carried: marks from the highest pier, posts set long and cut to a laser line, or level strings',
    ),
  boardEdge: z.enum(['top', 'bottom']).describe('Girt marks are the top or the bottom edge of the board'),
  laserLineIn: lengthIn(12, 240, 'Laser line above the grade line').describe(
    'Where posts are cut to a laser line: its height above the grade line',
  ),
  strings: z.strictObject({
    heightIn: z
      .number()
      .min(-60)
      .max(240)
      .describe('Level strings: height of the first row’s string above the grade line'),
    dropPerRowIn: z
      .number()
      .min(-48)
      .max(48)
      .describe('How much lower each next row’s string is, for a roof that falls'),
    from: z.enum(['south', 'north']).describe('Side of the first row'),
  }),
  secondReadings: z
    .enum(['some', 'all'])
    .describe('Rod readings that are asked for a second time: the high point, corners and every fifth post, or all'),
  paper: z.enum(c.PAPERS).describe('Paper that the sheets are printed on'),
  crayons: z
    .record(z.enum(['grade', 'skirt', 'girt', 'sill', 'head', 'heel', 'rafter']), z.string().trim().min(1).max(20))
    .describe('Crayon color of each kind of mark, as the crew names it'),
})

/**
 * The lie of the land: spot heights above the grade line, the pad, what is in the way, and an old wall that is built on
 * to.
 */
const groundSchema = z.strictObject({
  spots: z
    .array(
      z.strictObject({
        id: z.string().regex(/^[A-Za-z0-9]{1,12}$/),
        xIn: z.number().min(-6000).max(18000),
        yIn: z.number().min(-6000).max(18000),
        heightIn: z
          .number()
          .min(-240)
          .max(240)
          .nullable()
          .describe('Ground above the grade line, inches; null where a rod reading of spot-id gives it'),
      }),
    )
    .max(2000),
  padIn: z.number().min(-120).max(120).describe('Level of the finished pad above the grade line, inches'),
  obstructions: z
    .array(
      z.strictObject({
        id,
        kind: z.enum(['stump', 'root', 'rock', 'buried line']),
        xIn: z.number().min(-6000).max(18000),
        yIn: z.number().min(-6000).max(18000),
        radiusIn: lengthIn(0.5, 240, 'Half its width'),
        clearIn: lengthIn(0, 240, 'Clearance to keep'),
        decided: text(60),
        why: text(300),
      }),
    )
    .max(60),
  addition: z.strictObject({
    kind: z.enum(['lean-to', 'porch', 'wing']).describe('What is built on to the old wall'),
    end: z.enum(['west', 'east']).describe('Wing: the gable end that meets the old wall'),
    clearIn: lengthIn(0, 48, 'Wing: gap left at the proudest point'),
    lengthIn: lengthIn(24, 2400, 'Porch: along the old wall'),
    depthIn: lengthIn(24, 480, 'Porch: from the ledger to the outer face of its posts'),
    bays: z.int().min(1).max(40).describe('Porch: equal bays'),
  }),
  oldWall: z
    .array(z.strictObject({ atIn: lengthIn(0, 12000, 'Along the string'), offIn: z.number().min(-60).max(60) }))
    .max(200)
    .describe('Offsets of an old wall from a string along it'),
})

/**
 * The lot as it is typed for the permit: places in the axes of the plan, from the south-west string corner, x along the
 * length and y across it.
 */
const placeIn = z.number().min(-120000).max(120000)
const plotSchema = z.strictObject({
  corners: z
    .array(
      z.strictObject({
        id,
        xIn: placeIn,
        yIn: placeIn,
        line: text(60).describe('What the line from it to the next corner is: a road, a neighbor'),
        setbackIn: lengthIn(0, 12000, 'Set-back that is asked for from that line').nullable(),
      }),
    )
    .max(40)
    .describe('Corners of the lot, one after the other round it; none where it is not known'),
  things: z
    .array(
      z.strictObject({
        id,
        name: text(60),
        xIn: placeIn,
        yIn: placeIn,
        clearIn: lengthIn(0, 12000, 'Distance that is asked for from it').nullable(),
      }),
    )
    .max(40)
    .describe('What else stands on the lot: a well, a drain field, another building'),
})

/** Figures of the pocket that are kept with the job: each with what went in, to be opened again. */
const figuresSchema = z
  .array(
    z.strictObject({
      id,
      figure: z.enum(FIGURE_NAMES).describe('Its name'),
      given: z.record(z.string().max(40), z.json()).describe('What went in, as the figure takes it'),
      words: text(120).describe('What it is for'),
    }),
  )
  .max(200)
  .describe('Figures kept with the job')

export const jobSchema = z
  .strictObject({
    format: z.literal(JOB_FORMAT),
    version: z.literal(JOB_VERSION),
    name: z.string().trim().min(1).max(NAME_MOST_LETTERS),
    note: text(2000),
    practice: z.boolean().describe('A copy to practice on: no building is set out by it'),
    units: z.enum(UNIT_SYSTEMS).describe('How lengths are written: feet and inches, millimeters or meters'),
    site: siteSchema,
    building: buildingSchema,
    strings: stringsSchema,
    levels: levelsSchema,
    sizing: sizingSchema,
    buying: buyingSchema,
    fieldwork: fieldworkSchema,
    ground: groundSchema,
    plot: plotSchema,
    figures: figuresSchema,
  })
  .meta({
    title: 'Burdock job',
    description: 'One post-frame building. Lengths in inches, forces in pounds, angles in degrees.',
  })

export type Job = z.infer<typeof jobSchema>
export type Site = Job['site']
export type Building = Job['building']
export type Opening = Building['openings'][number]
export type Bays = Building['bays']
export type LeanTo = Building['leanTos'][number]
export type OwnGrade = Building['grades'][number]
export type Joints = Building['joints']
export type Measures = Job['strings']['measures']
export type Ground = Job['ground']
export type Plot = Job['plot']
export type Fieldwork = Job['fieldwork']
export type Sizing = Job['sizing']
export type JobBuying = Job['buying']

import { z } from 'zod'
import * as c from './choices'
import { bracingSchema, jointsSchema, leanToSchema, roofSchema, skinSchema } from './frame'
import { postId, postsFields } from './posts'
import { id, lengthIn, lumber, number, text } from './zod'

const openingSchema = z.strictObject({
  id,
  kind: z.enum(c.OPENING_KINDS),
  name: text(60).describe('What the crew calls it; empty takes a name from its kind'),
  side: z.enum(c.SIDES),
  corner: z.enum(c.CORNERS).describe('Corner of the string rectangle from which the position is taped'),
  positionIn: lengthIn(0, 12000, 'From the named corner to the near edge of the rough opening'),
  widthIn: lengthIn(12, 600, 'Rough opening width'),
  heightIn: lengthIn(6, 360, 'Rough opening height above its sill'),
  sillIn: lengthIn(0, 300, 'Sill above the grade line; 0 for doors'),
  weightLb: number(1, 5000, 'Weight of the door with its track and spring, lb')
    .nullable()
    // An opening that an older version kept has none: what history holds of it still reads back.
    .default(null)
    .describe('Weight of the door that its header and jambs carry, lb; null where it is not known, and not checked'),
})

/** Widest bay that may be set by hand, inches. */
export const MOST_BAY_BY_HAND_IN = 360

const baysSchema = z.discriminatedUnion('mode', [
  z.strictObject({ mode: z.literal('count'), count: z.int().min(1).max(60) }),
  z.strictObject({ mode: z.literal('max'), maxIn: lengthIn(36, 240, 'Widest bay') }),
  z.strictObject({
    mode: z.literal('hand'),
    spacingsIn: z
      .array(lengthIn(24, MOST_BAY_BY_HAND_IN, 'One bay'))
      .min(1)
      .max(60),
  }),
])

/** A rated value of the user's; null where none is known, and then what needs it is not checked. */
const rated = (what: string) => number(1, 1000000, what).nullable()

const postSchema = z.strictObject({
  section: z.enum(c.POST_SECTIONS),
  lumber,
  glulam: z
    .strictObject({
      widthIn: lengthIn(3, 12, 'Width along the wall'),
      depthIn: lengthIn(3, 16, 'Depth square to the wall'),
    })
    .describe('Size of a glue-laminated column; used when section is glulam'),
  incised: z
    .boolean()
    .describe('Treated Douglas fir, hem-fir and spruce-pine-fir of posts and skirts is incised (NDS 4.3.8)'),
  ep559: z
    .boolean()
    .describe('Lamination meets the EP559 fastening, so that its bending factors are used (register C08)'),
  splice: z
    .strictObject({
      fromIn: lengthIn(0, 240, 'Lowest joint above grade'),
      toIn: lengthIn(0, 360, 'Highest joint above grade'),
      efficiency: number(0.1, 1, 'Share of the whole section’s bending strength that counts').nullable(),
    })
    .nullable()
    .describe(
      'Zone of butt joints in the plies; null when every ply is one piece. An efficiency of null takes 0.42 ' +
        '(register C08)',
    ),
})

const girtsSchema = z.strictObject({
  style: z.enum(c.GIRT_STYLES),
  size: z.enum(c.GIRT_SIZES),
  lumber,
  plies: z.int().min(1).max(2).describe('Boards at each row, doubled where 2'),
  maxGapIn: lengthIn(8, 60, 'Widest space, top edge to top edge'),
  run: z.enum(['one-bay', 'two-bays']).describe('Boards reach over one bay, or over two with staggered splices'),
  meetOpenings: z.boolean().describe('Rows land on sills and heads'),
  walls: z
    .partialRecord(
      z.enum(c.SIDES),
      z.strictObject({
        style: z.enum(c.GIRT_STYLES),
        size: z.enum(c.GIRT_SIZES),
        lumber,
        maxGapIn: lengthIn(8, 60, 'Widest space on this wall'),
      }),
    )
    .describe('Walls that differ'),
})

/**
 * Own grade, read off a stamp or a report, psi. Every value already holds its size factor. A grade whose values are not
 * all entered has none: nothing is made up for it.
 */
const gradeSchema = z.strictObject({
  id: z.string().regex(/^own-[a-zA-Z0-9_-]{1,30}$/),
  name: z.string().trim().min(1).max(60),
  source: text(120),
  fbPsi: number(50, 6000, 'Bending, psi').nullable(),
  ftPsi: number(20, 5000, 'Tension, psi').nullable(),
  fvPsi: number(20, 600, 'Shear, psi').nullable(),
  fcPerpPsi: number(50, 2000, 'Bearing across the grain, psi').nullable(),
  fcPsi: number(50, 6000, 'Compression, psi').nullable(),
  ePsi: number(200000, 4000000, 'Stiffness E, psi').nullable(),
  eMinPsi: number(100000, 2500000, 'Stiffness for stability Emin, psi').nullable(),
  g: number(0.2, 0.9, 'Specific gravity').nullable(),
})

export const buildingSchema = z.strictObject({
  lengthIn: lengthIn(96, 6000, 'Length'),
  widthIn: lengthIn(96, 1920, 'Width'),
  heelIn: lengthIn(72, 360, 'Heel (truss seat) above the grade line'),
  pitchPer12: number(1, 12, 'Roof rise per 12 of run'),
  eaveOverhangIn: lengthIn(0, 48, 'Eave overhang'),
  gableOverhangIn: lengthIn(0, 48, 'Gable overhang'),
  bays: baysSchema,
  baysFrom: z
    .enum(['outside', 'centres'])
    .describe('Equal bays between outside faces, or between centers of the end posts'),
  dimensionTo: z
    .enum(['post', 'girt'])
    .describe('Length and width are to the outside of post or to the outside of girt'),
  post: postSchema,
  grades: z.array(gradeSchema).max(20).describe('Grades of your own'),
  school: z
    .enum(c.FOUNDATION_TYPES)
    .describe('Pad in the hole, concrete collar around the post, or bracket on a concrete pier'),
  collarHeightIn: lengthIn(6, 96, 'Height of the concrete collar above the pad'),
  cleat: z
    .strictObject({
      widthIn: lengthIn(1.5, 24, 'Cleats across, both together'),
      lengthIn: lengthIn(6, 48, 'Cleats along'),
    })
    .nullable()
    .describe('Cleats bolted to the foot of the post, instead of a collar'),
  coneAngleDeg: number(0, 15, 'Spread of the soil cone over a collar, degrees from vertical'),
  bracketIn: lengthIn(0, 36, 'Bracket seat above the grade line (on piers)'),
  pier: z
    .strictObject({
      upliftLb: rated('Uplift that the bracket is rated for, lb, with the duration of wind'),
      alongLb: rated('Shear along the wall that the bracket is rated for, lb, with the duration of wind'),
      acrossLb: rated('Shear square to the wall that the bracket is rated for, lb, with the duration of wind'),
      anchorLb: rated('Uplift that the anchorage in the concrete is rated for, lb (ACI 318-19 chapter 17)'),
      bars: z.int().min(0).max(16).describe('Upright bars in each pier, developed above and below; 0 for none'),
      bar: z.literal([3, 4, 5, 6, 7, 8]).describe('Number of the bars, eighths of an inch'),
    })
    .describe('What is known of brackets, anchors and steel of piers; what is not known is not checked'),
  sharedFootings: z
    .array(z.tuple([postId, postId]))
    .max(60)
    .describe('Pairs of posts that stand on one common footing, by id'),
  padThicknessIn: lengthIn(4, 36, 'Pad thickness'),
  holeDiameterIn: lengthIn(10, 60, 'Hole and pad diameter')
    .nullable()
    .describe('Hole and pad diameter, inches; null lets Burdock choose'),
  minimumDepthIn: lengthIn(12, 144, 'Least depth to the pad bottom'),
  gravelIn: lengthIn(0, 24, 'Gravel tamped in under the pad or pier').describe(
    'Dug besides the depth, for drainage and a level bed; it counts for nothing in bearing or frost',
  ),
  slabTieLb: rated('Force square to the wall that one tie of a post to the slab is rated for, lb'),
  slab: z
    .enum(['none', 'tied'])
    .describe('Support at grade: none, or a slab that bears on the posts and is tied to them'),
  diaphragm: z
    .enum(c.TOPS)
    .describe(
      'What holds the tops of the posts: the roof trusted unchecked, the roof checked with the skin’s own ' +
        'values, or nothing',
    ),
  base: z
    .strictObject({
      model: z.enum(c.BASES),
      soilPsiPerFt: number(
        1,
        2000,
        'Soil stiffness Es growing with depth, psi per foot, from a soil report',
      ).nullable(),
    })
    .describe('How posts stand in the ground: fixed at their pivot, or on soil springs'),
  knee: z
    .strictObject({
      downIn: lengthIn(12, 120, 'Foot of the brace below the heel'),
      outIn: lengthIn(12, 120, 'Head of the brace in from the post'),
      size: z.enum(c.BOARD_SIZES),
      lumber,
      plies: z.int().min(1).max(2),
      trussDesigned: z.boolean().describe('The truss maker has designed for knee braces'),
    })
    .nullable(),
  postSag: z.literal([90, 120, 180, 240]).describe('Deflection limit of posts, height over this'),
  wallFinish: z.enum(c.FINISHES).describe('What the girts carry: decides their deflection limit'),
  openSides: z.array(z.enum(c.SIDES)).max(4).describe('Walls without girts or skin'),
  edgeShortcut: z.boolean().describe('Use the depth-to-breadth rules of NDS 4.4.1 in place of the stability equation'),
  openings: z.array(openingSchema).max(60),
  skirt: z.strictObject({
    topIn: lengthIn(0, 48, 'Top of the skirt board above the grade line'),
    depthIn: lengthIn(0, 24, 'Depth of the skirt board'),
  }),
  girts: girtsSchema,
  gableMaxIn: lengthIn(36, 240, 'Widest space between gable posts'),
  gableShiftsIn: z
    .record(postId, z.number().min(-240).max(240))
    .describe('Gable posts moved by hand along their wall, inches, by post id'),
  ...postsFields,
  bridged: z.array(postId).max(60).describe('Eave posts left out on purpose, by id: a header carries their trusses'),
  leanTos: z.array(leanToSchema).max(2).describe('At most one on each eave'),
  roof: roofSchema,
  skin: skinSchema,
  bracing: bracingSchema,
  joints: jointsSchema,
})

import { z } from 'zod'
import * as c from './choices'
import { board, builtUp, lengthIn, lumber, number } from './zod'

/** Open lean-to on one eave: rafters from a ledger (or the posts) down to a beam on a row of posts. */
export const leanToSchema = z.strictObject({
  side: z.enum(['south', 'north']),
  depthIn: lengthIn(48, 360, 'From main string to lean-to string'),
  pitchPer12: number(0.25, 12, 'Lean-to rise per 12'),
  dropIn: lengthIn(0, 120, 'High end of the lean-to roof below the heel'),
  rafter: z.strictObject({
    plies: z.int().min(1).max(3),
    size: board,
    lumber,
    spaceIn: lengthIn(12, 144, 'Rafter spacing')
      .nullable()
      .describe('Spacing along a ledger and beam; null stands one at each post'),
  }),
  ledger: builtUp,
  beam: builtUp,
  seatIn: lengthIn(1.5, 12, 'Level seat of the bird’s mouth on the low post or beam'),
})

const beam = z.strictObject({
  plies: z.int().min(2).max(4),
  size: board,
  lumber,
  sides: z.enum(c.BUILT_UP_SIDES).describe('Plies on both faces of the post, or all on one face or in a notch'),
})

export const roofSchema = z.strictObject({
  truss: z.strictObject({
    set: z.enum(c.TRUSS_SETS).describe('Wide trusses on the posts, or close trusses on carriers'),
    spaceIn: lengthIn(12, 144, 'Truss spacing on carriers'),
    firstIn: lengthIn(0, 144, 'First truss from the west string, on carriers'),
    seat: z.enum(c.TRUSS_SEATS).describe('Pocket in the center ply, notch, or face of the post'),
    plies: z.int().min(1).max(2),
    blockNails: z
      .int()
      .min(0)
      .max(40)
      .describe('Nails of a bearing block under each truss on the inner face of its post; 0 for none'),
    heelDepthIn: lengthIn(3, 36, 'Depth of the truss at its heel'),
    reaction: z
      .strictObject({
        gravityLb: number(100, 60000, 'Gravity reaction from the truss drawing, lb'),
        upliftLb: number(0, 30000, 'Uplift reaction from the truss drawing, lb, service level'),
      })
      .nullable(),
  }),
  carrier: beam,
  header: beam,
  purlins: z.strictObject({
    style: z.enum(c.PURLIN_STYLES),
    size: board,
    lumber,
    spaceIn: lengthIn(9, 48, 'Purlin spacing on the slope'),
    run: z.enum(c.PURLIN_RUNS),
    skinHolds: z.boolean().describe('Screwed skin holds the top edge and carries the load along the slope'),
    blocked: z.boolean().describe('Blocked at mid-span against rolling under uplift'),
  }),
  ceiling: z.enum(c.CEILINGS),
})

/** Tested values of the skin. None is assumed: without them the building must stand by its frames and braces. */
export const skinSchema = z.strictObject({
  roofStiffnessLbPerIn: number(100, 100000, 'Effective shear stiffness G of the roof assembly, lb/in').nullable(),
  roofAllowPlf: number(5, 2000, 'Allowable roof shear, plf').nullable(),
  wallStiffnessLbPerIn: number(100, 100000, 'Effective shear stiffness G of the wall assembly, lb/in').nullable(),
  wallAllowPlf: number(5, 2000, 'Allowable wall shear, plf').nullable(),
  narrowStrips: z.boolean().describe('The wall’s tested values hold for strips narrower than their height over 3.5'),
  pullOverLb: number(10, 2000, 'Pull-over strength of the sheet at one screw, lb, allowable').nullable(),
  openRoofCn: number(0.5, 6, 'Cladding coefficient CN of an open roof, both signs, from the standard').nullable(),
})

export const bracingSchema = z.strictObject({
  walls: z.enum(c.WALL_BRACES).describe('What holds the walls in their own plane'),
  size: board,
  lumber,
  nail: z.enum(c.NAIL_IDS),
  nails: z.int().min(1).max(40).describe('Nails at each end of a brace'),
  swayOver: number(60, 1000, 'The eave may move its height over this')
    .nullable()
    .describe('Sway that doors and finishes allow under wind, height over this; no code sets one (IBC 2021 1604.3)'),
  strapLb: number(100, 20000, 'Allowable tension of one strap with its fixings, lb').nullable(),
  baysPerWall: z.int().min(1).max(10).describe('Braced bays in each wall'),
})

const nailing = z.strictObject({ nail: z.enum(c.NAIL_IDS), count: z.int().min(1).max(30) })
const bolting = z.strictObject({ diameterIn: z.literal([0.5, 0.625, 0.75]), count: z.int().min(1).max(12) })
export const jointsSchema = z.strictObject({
  wetPosts: z
    .boolean()
    .describe('Posts are freshly treated when nailed: smooth nails keep a quarter of their pull (NDS 11.3.3)'),
  hardenedRing: z
    .boolean()
    .describe('Ring-shank nails are known to be hardened: wet wood takes nothing of their pull (NDS Table 11.3.3)'),
  girt: nailing,
  purlin: nailing,
  ledger: bolting,
  truss: bolting,
  carrier: bolting,
  collar: bolting,
  trussTieLb: number(50, 10000, 'Rated uplift of the tie at each truss, lb').nullable(),
  rafterTieLb: number(50, 10000, 'Rated uplift of a rafter tie, lb').nullable(),
  purlinTieLb: number(50, 10000, 'Rated uplift of a purlin tie or hanger, lb').nullable(),
  lamination: z.strictObject({
    nail: z.enum(c.NAIL_IDS),
    rows: z.int().min(1).max(4),
    spacingIn: lengthIn(1, 24, 'Nail spacing along a row'),
    edgeIn: lengthIn(0.5, 4, 'Row to edge'),
    endIn: lengthIn(1, 12, 'First nail from the end'),
    through: z.boolean().describe('Each nail passes every ply; otherwise each pair of plies is nailed by itself'),
    interfacePlf: number(1, 5000, 'Interlayer shear the lamination must hold, plf, from EP559').nullable(),
  }),
  screw: z.strictObject({
    gauge: z.literal([8, 9, 10, 12, 14]),
    threadIn: number(0.25, 3, 'Thread in the wood, inches'),
    spacingIn: lengthIn(3, 24, 'Screws along a purlin'),
  }),
})

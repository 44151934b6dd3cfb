import { z } from 'zod'
import * as c from './choices'
import { lengthIn, number } from './zod'

/** Roof dead load: one typed total, or the sum of its parts. */
const dead = z.discriminatedUnion('by', [
  z.strictObject({ by: z.literal('total'), psf: number(1, 60, 'Greatest certain roof dead load, psf of plan') }),
  z.strictObject({
    by: z.literal('parts'),
    skinPsf: number(0, 30, 'Roof skin, psf of slope'),
    trussPsf: number(0, 20, 'Trusses, psf of plan')
      .nullable()
      .describe('Truss weight from its maker, psf of plan; null takes the default for its spacing'),
    ceilingPsf: number(0, 30, 'Ceiling and what hangs from it, psf'),
    otherPsf: number(0, 30, 'Anything else, psf'),
  }),
])

/** Site hazards are null until someone enters them: no load, soil or frost value is ever assumed. */
export const siteSchema = z.strictObject({
  edition: z.enum(c.EDITIONS).describe('Loads standard'),
  groundSnowPsf: number(0, 300, 'Ground snow load pg, psf (ASCE 7-16 7.2)').nullable(),
  windMph: number(60, 220, 'Basic wind speed V for the risk category, mph, strength level (ASCE 7-16 26.5)').nullable(),
  exposure: z.enum(c.EXPOSURES).nullable().describe('Wind exposure (26.7)'),
  kzt: number(1, 3, 'Topographic factor Kzt; 1 on flat ground only (26.8)'),
  enclosure: z.enum(c.ENCLOSURES).describe('Enclosure for wind, or judged from the openings (26.2)'),
  doorsRated: z.boolean().describe('Doors are rated for the wind, so that they count as closed'),
  risk: z.enum(c.RISKS).describe('Risk category (Table 1.5-1)'),
  elevationFt: number(-300, 15000, 'Ground elevation above sea level, feet (26.9)'),
  frostIn: lengthIn(0, 120, 'Frost depth given by the official').nullable(),
  thermal: z.enum(c.THERMALS).describe('Thermal condition (Table 7.3-2)'),
  snowExposure: z.enum(c.SNOW_EXPOSURES).describe('Exposure of the roof to wind (Table 7.3-1)'),
  slipperyRoof: z.boolean().describe('Unobstructed slippery roof surface (7.4)'),
  soil: z.enum(c.SOILS).nullable().describe('Soil class of IBC Table 1806.2, or own values'),
  ownBearingPsf: number(250, 20000, 'Own allowable bearing, psf').nullable(),
  ownLateralPsfPerFt: number(20, 2000, 'Own lateral bearing, psf per foot of depth').nullable(),
  doubleLateral: z
    .boolean()
    .describe('Building not harmed by 1/2 inch of motion at grade: lateral value doubled (IBC 1806.3.4)'),
  groundSlopePer12: number(
    0,
    12,
    'Fall of the ground beside the posts, inches per foot; embedment counts from the lowest ground near the post',
  ),
  northDeg: number(-180, 180, 'Degrees that true north stands clockwise from the top of the plan'),
  dead,
  deadMinPsf: number(0, 30, 'Least certain roof dead load, psf of plan'),
  highSeismic: z.boolean().describe('Seismic Design Category D or above, or heavy walls: not computed here'),
})

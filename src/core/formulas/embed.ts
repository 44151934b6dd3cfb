import * as z from 'zod/mini'
import { collarUpliftLb, constrainedDepthFt, type EmbedmentLoad, ep486DepthFt, unconstrainedDepthFt } from '../ground'
import { answer, positive, zeroOrMore } from '../pocket/fields'
import { fail, ok } from '../result'
import { IN2_PER_FT2, IN_PER_FT } from '../units'
import { formula, orElse, value, within } from './formula'

const soil = within(1, 5000, 'Lateral soil pressure, psf a foot of depth')
const widthFt = within(0.1, 20, 'Width that pushes on the soil, feet')
const ibc = z.strictObject({
  P_lb: positive('Force sideways, pounds'),
  h_ft: zeroOrMore('How high over the ground it acts, feet'),
  b_ft: widthFt,
  s_psf_per_ft: soil,
  factor: orElse(within(0.1, 4, 'On the soil: 2 where it may be doubled'), 1),
  cap_ft: orElse(within(0.1, 100, 'Depth below which the pressure grows no more, feet'), 12),
})
const loadOf = (given: z.infer<typeof ibc>): EmbedmentLoad => ({
  shearLb: given.P_lb,
  momentFtLb: given.P_lb * given.h_ft,
  bFt: given.b_ft,
  lateralPsfPerFt: given.s_psf_per_ft * given.factor,
  capFt: given.cap_ft,
})
const ep486 = { Ma_lbft: zeroOrMore('Moment at the ground, foot-pounds'), b_ft: widthFt, S_psf_per_ft: soil }
const depth = value('Depth, feet')

const nonconstrained = formula({
  name: 'embed.ibc_nonconstrained',
  clause: 'IBC 2021 1807.3.2.1',
  formula: 'd = 0.5·A·(1 + √(1 + 4.36·h/A)), A = 2.34·P/(S1·b), S1 = S·min(d, cap)/3',
  input: ibc,
  output: depth,
  solve: (given) => {
    const depthFt = unconstrainedDepthFt(loadOf(given))
    return depthFt === null
      ? fail('too-large', ['P_lb'], { maximum: 'what soil 30 ft deep holds' })
      : ok({ value: depthFt })
  },
})

const constrained = formula({
  name: 'embed.ibc_constrained',
  clause: 'IBC 2021 1807.3.2.2',
  formula: 'd = √(4.25·P·h/(S3·b)), S3 = S·min(d, cap)',
  input: ibc,
  output: depth,
  solve: (given) => ok({ value: constrainedDepthFt(loadOf(given)) }),
})

const epFree = formula({
  name: 'embed.ep486_nonconstrained',
  clause: 'ASABE EP486.1',
  formula: "d² = (6·Va + 8·Ma/d)/(S'·b)",
  input: z.strictObject({ Va_lb: positive('Shear at the ground, pounds'), ...ep486 }),
  output: depth,
  solve: (given) =>
    ok({
      value: ep486DepthFt(
        { shearLb: given.Va_lb, momentFtLb: given.Ma_lbft, bFt: given.b_ft, lateralPsfPerFt: given.S_psf_per_ft },
        false,
      ),
    }),
})

const epHeld = formula({
  name: 'embed.ep486_constrained',
  clause: 'ASABE EP486.1',
  formula: "d³ = 4·Ma/(S'·b)",
  input: z.strictObject(ep486),
  output: depth,
  solve: (given) =>
    ok({
      value: ep486DepthFt(
        { shearLb: 0, momentFtLb: given.Ma_lbft, bFt: given.b_ft, lateralPsfPerFt: given.S_psf_per_ft },
        true,
      ),
    }),
})

const uplift = formula({
  name: 'embed.uplift',
  clause: 'mechanics',
  formula: '(π·ds/3)·(r1² + r1·r2 + r2²) − post; soil and concrete by weight',
  input: z.strictObject({
    collar_dia_in: within(1, 240, 'Collar, across, inches'),
    collar_top_in: within(0, 600, 'Its top below the ground, inches'),
    collar_thick_in: within(0, 600, 'Its thickness, inches'),
    post_area_in2: zeroOrMore('Section of the post, square inches'),
    cone_deg: within(0, 45, 'Slope of the cone from upright, degrees'),
    soil_pcf: within(1, 200, 'Weight of the soil, pcf'),
    concrete_pcf: orElse(within(1, 250, 'Weight of the concrete, pcf'), 145),
  }),
  output: z.object({
    soil_ft3: answer('Soil over the collar'),
    concrete_ft3: answer('Concrete, the post out of it'),
    resistance_lb: answer('What they weigh, no factor in it'),
  }),
  solve: (given) => {
    if (given.post_area_in2 >= (Math.PI / 4) * given.collar_dia_in ** 2)
      return fail('too-large', ['post_area_in2'], { maximum: (Math.PI / 4) * given.collar_dia_in ** 2 })
    const found = collarUpliftLb({
      diameterIn: given.collar_dia_in,
      heightIn: given.collar_thick_in,
      topFt: given.collar_top_in / IN_PER_FT,
      postAreaFt2: given.post_area_in2 / IN2_PER_FT2,
      postWeightLb: 0,
      coneDeg: given.cone_deg,
      soilPcf: given.soil_pcf,
      concretePcf: given.concrete_pcf,
    })
    return ok({
      soil_ft3: found.soilFt3,
      concrete_ft3: found.concreteLb / given.concrete_pcf,
      resistance_lb: found.weightLb,
    })
  },
})

const depthIn = formula({
  name: 'embed.depth_in',
  clause: 'IBC 2021 1809.5',
  formula: 'the largest of what is required, frost, the minimum and 12 in',
  input: z.strictObject({
    required_ft: zeroOrMore('What the load asks for, feet'),
    frost_in: zeroOrMore('Frost, inches'),
    minimum_in: orElse(zeroOrMore('At least, inches'), 0),
  }),
  output: value('Depth, inches, not rounded'),
  solve: (given) => ok({ value: Math.max(given.required_ft * IN_PER_FT, given.frost_in, given.minimum_in) }),
})

/** Posts in the ground, IBC 2021 1807.3 and ASABE EP486.1. */
export const EMBED = [nonconstrained, constrained, epFree, epHeld, uplift, depthIn] as const

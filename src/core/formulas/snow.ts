import * as z from 'zod/mini'
import { driftEdgePsf, roofSnow, slidingSnow, stepDrift } from '../loads'
import { answer, answerOrNull, positive } from '../pocket/fields'
import { ok } from '../result'
import { degrees, pitchRadians } from '../units'
import { formula, orElse, within } from './formula'

const groundSnowPsf = within(0, 400, 'Snow on the ground, psf')
const importance = within(0.5, 1.5, 'Importance factor')
const pitchPer12 = within(0, 24, 'Rise in twelve of run')
const roof = {
  pg: groundSnowPsf,
  Ce: within(0.5, 1.5, 'Exposure factor'),
  Ct: within(0.5, 1.5, 'Thermal factor'),
  Is: importance,
  rise_per_12: pitchPer12,
  slippery: z.boolean(),
}
type Roof = z.infer<z.ZodMiniObject<typeof roof>>

const snowOn = (given: Roof, halfWidthFt: number, simpleRafter = false) =>
  roofSnow(
    { pgPsf: given.pg, ce: given.Ce, ct: given.Ct, is: given.Is },
    { pitchPer12: given.rise_per_12, halfWidthFt, slippery: given.slippery, simpleRafter },
  )

const balanced = formula({
  name: 'snow.balanced',
  clause: 'ASCE 7-16 7.3, 7.4',
  formula: 'pf = 0.7·Ce·Ct·Is·pg; ps = Cs·pf; pm = Is·min(pg, 20) under 15°',
  input: z.strictObject(roof),
  output: z.object({
    slope_deg: answer('Slope, degrees'),
    pf_psf: answer('Flat-roof snow'),
    cs: answer('Slope factor'),
    ps_psf: answer('Sloped-roof snow, no rain on it'),
    pm_psf: answer('Minimum on low slopes'),
    uniform_psf: answer('Larger of the two'),
  }),
  solve: (given) => {
    const snow = snowOn(given, 0)
    return ok({
      slope_deg: degrees(pitchRadians(given.rise_per_12)),
      pf_psf: snow.pfPsf,
      cs: snow.cs,
      ps_psf: snow.psPsf,
      pm_psf: snow.pmPsf,
      uniform_psf: Math.max(snow.psPsf, snow.pmPsf),
    })
  },
})

const unbalanced = formula({
  name: 'snow.unbalanced_gable',
  clause: 'ASCE 7-16 7.6.1',
  formula: '0.3·ps to windward; ps and hd·γ/√S over (8/3)·hd·√S to leeward',
  input: z.strictObject({
    ...roof,
    W_ft: within(1, 1000, 'Eave to ridge, level, feet'),
    simple_rafter: z._default(z.boolean(), false),
  }),
  output: z.object({
    required: z.boolean(),
    windward_psf: answerOrNull('On the windward half'),
    leeward_psf: answerOrNull('On the leeward half'),
    hd_ft: answer('Drift height'),
    gamma_pcf: answer('Density of snow'),
    surcharge_psf: answerOrNull('More, by the ridge'),
    surcharge_ft: answerOrNull('How far from the ridge'),
  }),
  solve: (given) => {
    const snow = snowOn(given, given.W_ft, given.simple_rafter)
    return ok({
      required: snow.unbalanced !== null,
      windward_psf: snow.unbalanced?.windwardPsf ?? null,
      leeward_psf: snow.unbalanced?.leewardPsf ?? null,
      hd_ft: snow.driftFt,
      gamma_pcf: snow.gammaPcf,
      surcharge_psf: snow.unbalanced?.surchargePsf ?? null,
      surcharge_ft: snow.unbalanced?.surchargeFt ?? null,
    })
  },
})

const drift = formula({
  name: 'snow.drift_on_lower',
  clause: 'ASCE 7-16 7.7.1',
  formula: 'hd = √Is·(0.43·∛lu·∜(pg+10) − 1.5); pd = min(hd, hc)·γ; w = 4·hd, or 4·hd²/hc up to 8·hc',
  input: z.strictObject({
    pg: groundSnowPsf,
    ps_lower: within(0, 400, 'Balanced snow on the lower roof, psf'),
    lu_upper_ft: positive('Upper roof along the wind, feet'),
    lower_ft: positive('Lower roof along the wind, feet'),
    drop_ft: within(0, 200, 'Step between them, feet'),
    Is: orElse(importance, 1),
  }),
  output: z.object({
    required: z.boolean(),
    governing: z.enum(['leeward', 'windward']),
    gamma_pcf: answer('Density of snow'),
    hb_ft: answer('Depth of the balanced snow'),
    hc_ft: answer('From there to the upper roof'),
    hd_leeward_ft: answer('Drift from the upper roof'),
    hd_windward_ft: answer('Three quarters of the drift from the lower roof'),
    height_ft: answer('Height of the drift'),
    pd_psf: answer('At the wall'),
    width_ft: answer('Width of the triangle'),
    edge_psf: answer('Left where the lower roof ends'),
  }),
  solve: (given) => {
    const found = stepDrift({
      pgPsf: given.pg,
      is: given.Is,
      psPsf: given.ps_lower,
      upperFt: given.lu_upper_ft,
      lowerFt: given.lower_ft,
      stepFt: given.drop_ft,
    })
    return ok({
      required: found.isRequired,
      governing: found.leewardFt >= found.windwardFt ? ('leeward' as const) : ('windward' as const),
      gamma_pcf: found.gammaPcf,
      hb_ft: found.balancedFt,
      hc_ft: found.clearFt,
      hd_leeward_ft: found.leewardFt,
      hd_windward_ft: found.windwardFt,
      height_ft: found.heightFt,
      pd_psf: found.peakPsf,
      width_ft: found.widthFt,
      edge_psf: driftEdgePsf(found.peakPsf, found.widthFt, given.lower_ft),
    })
  },
})

const sliding = formula({
  name: 'snow.sliding',
  clause: 'ASCE 7-16 7.9',
  formula: '0.4·pf·W over 15 ft',
  input: z.strictObject({
    pf_upper: within(0, 400, 'Flat-roof snow of the upper roof, psf'),
    upper_rise_per_12: pitchPer12,
    slippery: z.boolean(),
    W_upper_ft: within(0, 1000, 'Upper roof, eave to ridge, level, feet'),
    lower_ft: positive('Lower roof out from the wall, feet'),
  }),
  output: z.object({
    required: z.boolean(),
    plf: answer('All that slides off, a foot of eave'),
    psf: answer('Spread over 15 ft'),
    extent_ft: answer('How much of that the lower roof has'),
    on_lower_plf: answer('What of it stays on the lower roof'),
  }),
  solve: (given) => {
    const found = slidingSnow({
      pfPsf: given.pf_upper,
      pitchPer12: given.upper_rise_per_12,
      slippery: given.slippery,
      runFt: given.W_upper_ft,
    })
    const extentFt = found ? Math.min(found.extentFt, given.lower_ft) : 0
    const [plf, psf] = [found?.plf ?? 0, found?.psf ?? 0]
    return ok({ required: found !== null, plf, psf, extent_ft: extentFt, on_lower_plf: psf * extentFt })
  },
})

/** Snow, ASCE 7-16 chapter 7. */
export const SNOW = [balanced, unbalanced, drift, sliding] as const

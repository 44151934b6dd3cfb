import * as z from 'zod/mini'
import { ok } from '../result'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** Velocity pressure of a mile an hour squared, psf (ASCE 7-16 26.10-1), and its directionality factor (26.6). */
const PSF_PER_MPH2 = 0.00256
const DIRECTIONALITY = 0.85
/** Exposure B and C up to 15 ft (ASCE 7-16 Table 26.10-1, C). */
const LOW_KZ = 0.85
/** Force coefficient of open framing of flat sticks, on the safe side (ASCE 7-16 29.4). */
const FORCE = 2

/** Wind on a frame that stands bare: pressure, psf, and the push on the area of its sticks, lb. */
export const bareWind = figure({
  name: 'bare-wind',
  input: z.strictObject({
    windMph: zeroOrMore('Wind in gusts, miles an hour'),
    areaFt2: positive('Area of the sticks that it meets, square feet'),
    kz: z.optional(positive('Exposure and height; 0.85 where it is left out')),
  }),
  output: z.object({ pressurePsf: answer('Pressure, psf'), pushLb: answer('Push, pounds') }),
  solve: ({ windMph, areaFt2, kz = LOW_KZ }) => {
    const pressurePsf = PSF_PER_MPH2 * kz * DIRECTIONALITY * windMph ** 2
    return ok({ pressurePsf, pushLb: pressurePsf * FORCE * areaFt2 })
  },
  arithmetic: ({ windMph, areaFt2, kz = LOW_KZ }, { pressurePsf, pushLb }) => [
    step({
      label: 'Pressure',
      formula: '0.00256·kz·0.85·V²',
      numbers: `0.00256 × ${num(kz)} × 0.85 × ${num(windMph)}²`,
      value: pressurePsf,
      unit: 'psf',
      clause: 'ASCE 7-16 26.10',
    }),
    step({
      label: 'Push',
      formula: 'pressure·2·area',
      numbers: `${num(pressurePsf)} × 2 × ${num(areaFt2)}`,
      value: pushLb,
      unit: 'lb',
      clause: 'ASCE 7-16 29.4',
    }),
  ],
})

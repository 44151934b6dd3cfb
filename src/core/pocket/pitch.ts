import * as z from 'zod/mini'
import { ok } from '../result'
import { degrees, PITCH_RUN_IN } from '../units'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** A slope in the ways it is said: inches in twelve, degrees, percent, and its length along the slope. */
export const pitch = figure({
  name: 'pitch',
  input: z.strictObject({ riseIn: zeroOrMore('Rise, inches'), runIn: positive('Level run, inches') }),
  output: z.object({
    per12: answer('Inches in twelve'),
    degrees: answer('Degrees from level'),
    percent: answer('Percent'),
    slopeLengthIn: answer('Along the slope, inches'),
  }),
  solve: ({ riseIn, runIn }) =>
    ok({
      per12: (riseIn / runIn) * PITCH_RUN_IN,
      degrees: degrees(Math.atan2(riseIn, runIn)),
      percent: (riseIn / runIn) * 100,
      slopeLengthIn: Math.hypot(riseIn, runIn),
    }),
  arithmetic: ({ riseIn, runIn }, found) => [
    step({
      label: 'In twelve',
      formula: '12·rise/run',
      numbers: `12 × ${num(riseIn)}/${num(runIn)}`,
      value: found.per12,
      unit: 'in 12',
    }),
    step({
      label: 'Angle from level',
      formula: 'atan(rise/run)',
      numbers: `atan(${num(riseIn)}/${num(runIn)}) in degrees`,
      value: found.degrees,
      unit: '°',
    }),
    step({
      label: 'Percent',
      formula: '100·rise/run',
      numbers: `100 × ${num(riseIn)}/${num(runIn)}`,
      value: found.percent,
      unit: '%',
    }),
    step({
      label: 'Along the slope',
      formula: '√(rise² + run²)',
      numbers: `√(${num(riseIn)}² + ${num(runIn)}²)`,
      value: found.slopeLengthIn,
      unit: 'in',
    }),
  ],
})

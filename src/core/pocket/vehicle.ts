import * as z from 'zod/mini'
import { ok } from '../result'
import { atLeast } from './compare'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/**
 * Whether a machine goes through an opening, inches: room at each side, and over it while its wheels climb a ramp and lift
 * what hangs in front of them. Too little room is an answer, not an error.
 */
export const vehicle = figure({
  name: 'vehicle',
  input: z.strictObject({
    openWidthIn: positive('Opening, wide, inches'),
    openHeightIn: positive('Opening, high, inches'),
    widthIn: positive('Machine, wide, inches'),
    heightIn: positive('Machine, high, inches'),
    marginIn: zeroOrMore('Room wanted all round, inches'),
    rampShare: zeroOrMore('Rise of the ramp as a share of its run'),
    rampIn: zeroOrMore('Run of the ramp, inches'),
    wheelbaseIn: positive('Axle to axle, inches'),
    frontIn: zeroOrMore('What stands out before the front axle, inches'),
  }),
  output: z.object({
    sideIn: answer('Room at each side, inches'),
    noseIn: answer('The nose lifts on the ramp, inches'),
    overIn: answer('Room over it, inches'),
    fits: z.boolean(),
  }),
  solve: (given) => {
    const sideIn = (given.openWidthIn - given.widthIn) / 2
    const onRampIn = Math.min(given.rampIn, given.wheelbaseIn)
    const noseIn = (given.frontIn * given.rampShare * onRampIn) / given.wheelbaseIn
    const overIn = given.openHeightIn - given.heightIn - noseIn
    return ok({ sideIn, noseIn, overIn, fits: atLeast(sideIn, given.marginIn) && atLeast(overIn, given.marginIn) })
  },
  arithmetic: (given, { sideIn, noseIn, overIn }) => [
    step({
      label: 'At each side',
      formula: '(opening − width)/2',
      numbers: `(${num(given.openWidthIn)} − ${num(given.widthIn)})/2`,
      value: sideIn,
      unit: 'in',
    }),
    step({
      label: 'Nose lifts',
      formula: 'front·ramp share·min(ramp, wheelbase)/wheelbase',
      numbers:
        `${num(given.frontIn)} × ${num(given.rampShare)} × min(${num(given.rampIn)}, ${num(given.wheelbaseIn)})` +
        `/${num(given.wheelbaseIn)}`,
      value: noseIn,
      unit: 'in',
    }),
    step({
      label: 'Over it',
      formula: 'opening − height − nose',
      numbers: `${num(given.openHeightIn)} − ${num(given.heightIn)} − ${num(noseIn)}`,
      value: overIn,
      unit: 'in',
    }),
  ],
})

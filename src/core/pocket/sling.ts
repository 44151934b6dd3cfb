import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { radians } from '../units'
import { over } from './compare'
import { answer, positive } from './fields'
import { figure, num, step } from './figure'

/** Legs that carry of two or four: of four only two are sure to. */
const CARRY = 2
/** Flattest angle of a leg from level, degrees. */
const FLATTEST_DEG = 30

/**
 * Pull in one leg of a sling, lb, with a factor for the jerk; angle of a leg from level, 30 degrees or more. Of four legs
 * two are taken to carry.
 */
export const sling = figure({
  name: 'sling',
  input: z.strictObject({
    loadLb: positive('What is lifted, pounds'),
    legs: z.literal([1, 2, 4]),
    angleDeg: positive('A leg from level, degrees'),
    factor: positive('Factor on the load for jerks'),
  }),
  output: z.object({ legLb: answer('Pull in a leg, pounds') }),
  solve: ({ loadLb, legs, angleDeg, factor }) => {
    if (over(FLATTEST_DEG, angleDeg)) return fail('too-small', ['angleDeg'], { minimum: FLATTEST_DEG })
    if (over(angleDeg, 90)) return fail('too-large', ['angleDeg'], { maximum: 90 })
    const shared = legs === 1 ? 1 : CARRY * Math.sin(radians(angleDeg))
    return ok({ legLb: (loadLb * factor) / shared })
  },
  arithmetic: ({ loadLb, legs, angleDeg, factor }, { legLb }) => [
    step({
      label: 'In a leg',
      formula: legs === 1 ? 'load·factor' : 'load·factor/(2·sin)',
      numbers:
        legs === 1 ? `${num(loadLb)} × ${num(factor)}` : `${num(loadLb)} × ${num(factor)}/(2 × sin(${num(angleDeg)}°))`,
      value: legLb,
      unit: 'lb',
      clause: 'statics',
    }),
  ],
})

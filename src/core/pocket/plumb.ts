import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { radians } from '../units'
import { over } from './compare'
import { answer, anySign, positive } from './fields'
import { figure, num, step } from './figure'

/** A lean under this is left, whatever the height, inches; and the share of the height under which it is. */
const LEFT_IN = 1 / 8
const LEFT_SHARE = 1 / 960

/**
 * How far a post leans over its height, inches: from the level's degrees, or from a line's distance at top and bottom,
 * one or the other; whether it is worth straightening.
 */
export const plumb = figure({
  name: 'plumb',
  input: z.strictObject({
    offDeg: z.optional(anySign('Off plumb by the level, degrees')),
    topOffsetIn: z.optional(anySign('From a plumb line at the top, inches')),
    bottomOffsetIn: z.optional(anySign('From the same line at the bottom, inches')),
    heightIn: positive('Between the two, inches'),
  }),
  output: z.object({ leanIn: answer('Lean, inches'), worth: z.boolean() }),
  solve: ({ offDeg, topOffsetIn, bottomOffsetIn, heightIn }) => {
    const pair = topOffsetIn !== undefined && bottomOffsetIn !== undefined
    const half = !pair && (topOffsetIn !== undefined || bottomOffsetIn !== undefined)
    if (half || pair === (offDeg !== undefined)) return fail('one-or-the-other', ['offDeg'])
    if (offDeg !== undefined && !over(90, Math.abs(offDeg))) return fail('too-large', ['offDeg'], { maximum: 90 })
    const leanIn = pair ? topOffsetIn - bottomOffsetIn : heightIn * Math.tan(radians(offDeg ?? 0))
    return ok({ leanIn, worth: over(Math.abs(leanIn), Math.max(LEFT_IN, heightIn * LEFT_SHARE)) })
  },
  arithmetic: ({ offDeg, topOffsetIn, bottomOffsetIn, heightIn }, { leanIn }) => [
    offDeg === undefined
      ? step({
          label: 'Lean',
          formula: 'top − bottom',
          numbers: `${num(topOffsetIn ?? 0)} − (${num(bottomOffsetIn ?? 0)})`,
          value: leanIn,
          unit: 'in',
        })
      : step({
          label: 'Lean',
          formula: 'height·tan(off)',
          numbers: `${num(heightIn)} × tan(${num(offDeg)}°)`,
          value: leanIn,
          unit: 'in',
        }),
    step({
      label: 'Left alone up to',
      formula: 'the greater of 1/8 and height/960',
      numbers: `max(1/8, ${num(heightIn)}/960)`,
      value: Math.max(LEFT_IN, heightIn * LEFT_SHARE),
      unit: 'in',
    }),
  ],
})

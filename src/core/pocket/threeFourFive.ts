import * as z from 'zod/mini'
import { issue, ok } from '../result'
import { wholeIn } from './compare'
import { answer, positive } from './fields'
import { figure, num, step } from './figure'

/**
 * The largest right triangle of 4, 3 and 5 whole units, inches, that has room on both legs; the legs are not exchanged.
 * Refused where a leg is under 4 or 3 inches: a triangle of no size squares nothing.
 */
export const threeFourFive = figure({
  name: 'three-four-five',
  input: z.strictObject({
    longIn: positive('Room on the leg of four, inches'),
    shortIn: positive('Room on the leg of three, inches'),
  }),
  output: z.object({
    multiple: answer('Inches in one unit'),
    legAIn: answer('Leg of four, inches'),
    legBIn: answer('Leg of three, inches'),
    diagonalIn: answer('From end to end, inches'),
  }),
  solve: ({ longIn, shortIn }) => {
    const multiple = Math.min(wholeIn(longIn / 4), wholeIn(shortIn / 3))
    if (multiple >= 1) return ok({ multiple, legAIn: 4 * multiple, legBIn: 3 * multiple, diagonalIn: 5 * multiple })
    const issues = [
      ...(wholeIn(longIn / 4) < 1 ? [issue('no-room', ['longIn'], { leastIn: 4 })] : []),
      ...(wholeIn(shortIn / 3) < 1 ? [issue('no-room', ['shortIn'], { leastIn: 3 })] : []),
    ]
    return { ok: false, issues }
  },
  arithmetic: ({ longIn, shortIn }, { multiple, legAIn, legBIn, diagonalIn }) => [
    step({
      label: 'Unit',
      formula: 'the lesser of long/4 and short/3, whole',
      numbers: `min(${num(longIn)}/4, ${num(shortIn)}/3), down`,
      value: multiple,
      unit: 'in',
    }),
    step({ label: 'Leg of four', formula: '4·u', numbers: `4 × ${multiple}`, value: legAIn, unit: 'in' }),
    step({ label: 'Leg of three', formula: '3·u', numbers: `3 × ${multiple}`, value: legBIn, unit: 'in' }),
    step({ label: 'End to end', formula: '5·u', numbers: `5 × ${multiple}`, value: diagonalIn, unit: 'in' }),
  ],
})

import * as z from 'zod/mini'
import { fail, item, ok } from '../result'
import { over } from './compare'
import { answer, MOST_MARKS, positive } from './fields'
import { figure, num, step } from './figure'

/**
 * Near edges of sticks on centers, inches: the first flush with the start, the last with the end, the others centered
 * on multiples of the spacing for as long as they clear the last. Refused where two sticks do not fit or would overlap.
 */
export const onCentre = figure({
  name: 'on-centre',
  input: z.strictObject({
    lengthIn: positive('Length of the plate, inches'),
    centresIn: positive('Center to center, inches'),
    stickIn: positive('Thickness of a stick, inches'),
  }),
  output: z.object({
    marksIn: z.array(z.number()),
    lastSpaceIn: answer('Center of the last less center of the one before, inches'),
  }),
  solve: ({ lengthIn, centresIn, stickIn }) => {
    if (over(2 * stickIn, lengthIn)) return fail('too-small', ['lengthIn'], { minimum: 2 * stickIn })
    if (over(1.5 * stickIn, centresIn)) return fail('too-small', ['centresIn'], { minimum: 1.5 * stickIn })
    if (lengthIn / centresIn > MOST_MARKS) return fail('too-small', ['centresIn'], { minimum: lengthIn / MOST_MARKS })
    const marksIn = [0]
    for (let k = 1; !over(k * centresIn + stickIn / 2, lengthIn - stickIn); k++)
      marksIn.push(k * centresIn - stickIn / 2)
    const lastSpaceIn = lengthIn - stickIn - item(marksIn, marksIn.length - 1)
    return ok({ marksIn: [...marksIn, lengthIn - stickIn], lastSpaceIn })
  },
  arithmetic: ({ lengthIn, centresIn, stickIn }, { marksIn, lastSpaceIn }) => [
    ...(marksIn.length > 2
      ? [
          step({
            label: 'Second stick, near edge',
            formula: 'centers − stick/2',
            numbers: `${num(centresIn)} − ${num(stickIn)}/2`,
            value: item(marksIn, 1),
            unit: 'in',
          }),
        ]
      : []),
    step({
      label: 'Last stick, near edge',
      formula: 'length − stick',
      numbers: `${num(lengthIn)} − ${num(stickIn)}`,
      value: item(marksIn, marksIn.length - 1),
      unit: 'in',
    }),
    step({
      label: 'Last space',
      formula: 'last edge − the edge before',
      numbers: `${num(lengthIn - stickIn)} − ${num(item(marksIn, marksIn.length - 2))}`,
      value: lastSpaceIn,
      unit: 'in',
    }),
  ],
})

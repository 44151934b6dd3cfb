import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { over, wholeFor } from './compare'
import { answer, MOST_MARKS, positive } from './fields'
import { figure, num, step } from './figure'

/** Fewest pickets between two posts that leave no gap over the limit, a gap at each end, all gaps alike, inches. */
export const equalOpenings = figure({
  name: 'equal-openings',
  input: z.strictObject({
    lengthIn: positive('Clear between the posts, inches'),
    pickIn: positive('Width of a picket, inches'),
    maxGapIn: positive('Widest gap allowed, inches'),
  }),
  output: z.object({
    count: answer('Pickets'),
    gapIn: answer('Each gap, inches'),
    marksIn: z.array(z.number()).check(z.describe('Near edge of each picket, inches from the first post')),
  }),
  solve: ({ lengthIn, pickIn, maxGapIn }) => {
    const count = Math.max(0, wholeFor((lengthIn - maxGapIn) / (pickIn + maxGapIn)))
    if (count > MOST_MARKS) return fail('too-small', ['maxGapIn'], { minimum: lengthIn / MOST_MARKS })
    const gapIn = (lengthIn - count * pickIn) / (count + 1)
    if (!over(gapIn, 0)) return fail('no-room', ['pickIn'], { mostIn: lengthIn / Math.max(1, count) })
    return ok({ count, gapIn, marksIn: Array.from({ length: count }, (_, i) => gapIn + i * (pickIn + gapIn)) })
  },
  arithmetic: ({ lengthIn, pickIn, maxGapIn }, { count, gapIn }) => [
    step({
      label: 'Pickets',
      formula: '(length − gap)/(picket + gap), up',
      numbers: `(${num(lengthIn)} − ${num(maxGapIn)})/(${num(pickIn)} + ${num(maxGapIn)}), up`,
      value: count,
      unit: '',
    }),
    step({
      label: 'Gap',
      formula: '(length − n·picket)/(n + 1)',
      numbers: `(${num(lengthIn)} − ${count} × ${num(pickIn)})/(${count} + 1)`,
      value: gapIn,
      unit: 'in',
    }),
  ],
})

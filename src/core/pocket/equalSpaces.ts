import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { wholeFor } from './compare'
import { answer, MOST_MARKS, positive } from './fields'
import { figure, num, step } from './figure'

/** Marks of `count` equal spaces from one end of a run to the other, both ends among them. */
export const evenMarks = (fromIn: number, runIn: number, count: number): number[] =>
  Array.from({ length: count + 1 }, (_, i) => fromIn + (runIn * i) / count)

/** The fewest equal spaces of a run, none over `maxIn`, and how wide each is, inches; both over 0. One at least. */
export function spacesFor(runIn: number, maxIn: number): { readonly count: number; readonly spaceIn: number } {
  const count = Math.max(1, wholeFor(runIn / maxIn))
  return { count, spaceIn: runIn / count }
}

/** A run cut into the fewest equal spaces, none over the widest, inches; an exact multiple adds none. */
export const equalSpaces = figure({
  name: 'equal-spaces',
  input: z.strictObject({
    runIn: positive('From the center of the first to the center of the last, inches'),
    maxIn: positive('Widest space, center to center, inches'),
  }),
  output: z.object({
    count: answer('Spaces'),
    spaceIn: answer('Each space, center to center, inches'),
    marksIn: z.array(z.number()),
  }),
  solve: ({ runIn, maxIn }) => {
    const { count, spaceIn } = spacesFor(runIn, maxIn)
    if (count > MOST_MARKS) return fail('too-small', ['maxIn'], { minimum: runIn / MOST_MARKS })
    return ok({ count, spaceIn, marksIn: evenMarks(0, runIn, count) })
  },
  arithmetic: ({ runIn, maxIn }, { count, spaceIn }) => [
    step({
      label: 'Spaces',
      formula: 'run/widest, up',
      numbers: `${num(runIn)}/${num(maxIn)}, up`,
      value: count,
      unit: '',
    }),
    step({ label: 'Each', formula: 'run/spaces', numbers: `${num(runIn)}/${count}`, value: spaceIn, unit: 'in' }),
  ],
})

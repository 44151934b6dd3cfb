import * as z from 'zod/mini'
import { fail, item, ok } from '../result'
import { over } from './compare'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/**
 * Where the grade line comes on each post from one set-up of a level, inches: the highest ground (the smallest reading)
 * with its cover sets it; on a tie the first that was written.
 */
export const rodMarks = figure({
  name: 'rod-marks',
  input: z.strictObject({
    readingsIn: z.record(z.string(), positive('Rod on the ground at a post, inches')),
    coverIn: zeroOrMore('Grade line above the highest ground, inches'),
  }),
  output: z.object({
    highId: z.string(),
    highIn: answer('The smallest reading, inches'),
    gradeReadsIn: answer('What the rod reads on the grade line, inches'),
    upIn: z.record(z.string(), z.number()).check(z.describe('Grade line above the ground at each, inches')),
  }),
  solve: ({ readingsIn, coverIn }) => {
    const entries = Object.entries(readingsIn)
    if (entries.length === 0) return fail('too-few', ['readingsIn'], { minimum: 1 })
    const [highId, highIn] = entries.reduce((high, entry) => (over(high[1], entry[1]) ? entry : high), item(entries, 0))
    const gradeReadsIn = highIn - coverIn
    const upIn = Object.fromEntries(entries.map(([id, readingIn]) => [id, readingIn - gradeReadsIn]))
    return ok({ highId, highIn, gradeReadsIn, upIn })
  },
  arithmetic: ({ readingsIn, coverIn }, { highIn, gradeReadsIn, upIn }) => [
    step({
      label: 'Rod on the grade line',
      formula: 'smallest − cover',
      numbers: `${num(highIn)} − ${num(coverIn)}`,
      value: gradeReadsIn,
      unit: 'in',
    }),
    ...Object.entries(readingsIn).map(([id, readingIn]) =>
      step({
        label: `Up at ${id}`,
        formula: 'reading − grade line',
        numbers: `${num(readingIn)} − ${num(gradeReadsIn)}`,
        value: upIn[id] ?? readingIn - gradeReadsIn,
        unit: 'in',
      }),
    ),
  ],
})

import * as z from 'zod/mini'
import { fail, item, ok } from '../result'
import { notAscending, wholeFor } from './compare'
import { answer, anySign, MOST_MARKS, positive } from './fields'
import { evenMarks } from './equalSpaces'
import { figure, num, step } from './figure'

/** Equal spaces between each two of the places that cannot move, none over the widest, inches. */
export const betweenFixed = figure({
  name: 'between-fixed',
  input: z.strictObject({
    fixedIn: z.array(anySign('A place that cannot move, inches from anywhere')).check(z.minLength(2)),
    maxIn: positive('Widest space, inches'),
  }),
  output: z.object({
    gaps: z.array(z.object({ count: answer('Spaces'), spaceIn: answer('Each, inches') })),
    marksIn: z.array(z.number()),
    narrowestIn: answer('The least space, inches'),
  }),
  solve: ({ fixedIn, maxIn }) => {
    const wrong = notAscending(fixedIn)
    if (wrong !== null) return fail('not-ascending', ['fixedIn', wrong])
    const runs = fixedIn.slice(1).map((toIn, i) => ({ fromIn: item(fixedIn, i), runIn: toIn - item(fixedIn, i) }))
    const counts = runs.map(({ runIn }) => wholeFor(runIn / maxIn))
    const marks = counts.reduce((sum, count) => sum + count, 0)
    if (marks > MOST_MARKS) return fail('too-small', ['maxIn'], { minimum: maxIn * (marks / MOST_MARKS) })
    const gaps = runs.map(({ runIn }, i) => ({ count: item(counts, i), spaceIn: runIn / item(counts, i) }))
    const rest = runs.flatMap(({ fromIn, runIn }, i) => evenMarks(fromIn, runIn, item(counts, i)).slice(1))
    return ok({
      gaps,
      marksIn: [item(fixedIn, 0), ...rest],
      narrowestIn: Math.min(...gaps.map((gap) => gap.spaceIn)),
    })
  },
  arithmetic: ({ fixedIn, maxIn }, { gaps }) =>
    gaps.flatMap(({ count, spaceIn }, i) => {
      const run = num(item(fixedIn, i + 1) - item(fixedIn, i))
      return [
        step({
          label: `Spaces, gap ${i + 1}`,
          formula: 'gap/widest, up',
          numbers: `${run}/${num(maxIn)}, up`,
          value: count,
          unit: '',
        }),
        step({
          label: `Each, gap ${i + 1}`,
          formula: 'gap/spaces',
          numbers: `${run}/${count}`,
          value: spaceIn,
          unit: 'in',
        }),
      ]
    }),
})

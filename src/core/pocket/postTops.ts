import * as z from 'zod/mini'
import { fail, item, ok } from '../result'
import { PITCH_RUN_IN } from '../units'
import { notAscending, over } from './compare'
import { anySign, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** Top of a post under a slope that falls from `topIn`, a level distance away, inches. */
export const topUnder = (topIn: number, pitchPer12: number, awayIn: number): number =>
  topIn - (awayIn * pitchPer12) / PITCH_RUN_IN

/** Tops of rows of posts under one straight slope, inches, and how far each drops from the row before. */
export const postTops = figure({
  name: 'post-tops',
  input: z.strictObject({
    topIn: positive('Top of the first row, inches'),
    pitchPer12: zeroOrMore('Inches of fall in twelve'),
    rowsIn: z.array(anySign('Distance of a row from the first, inches')).check(z.minLength(1)),
  }),
  output: z.object({ topsIn: z.array(z.number()), dropsIn: z.array(z.number()) }),
  solve: ({ topIn, pitchPer12, rowsIn }) => {
    if (over(Math.abs(item(rowsIn, 0)), 0)) return fail('begins-at-zero', ['rowsIn', 0])
    const wrong = notAscending(rowsIn)
    if (wrong !== null) return fail('not-ascending', ['rowsIn', wrong])
    const topsIn = rowsIn.map((rowIn) => topUnder(topIn, pitchPer12, rowIn))
    return ok({ topsIn, dropsIn: topsIn.map((top, i) => (i === 0 ? 0 : item(topsIn, i - 1) - top)) })
  },
  arithmetic: ({ topIn, pitchPer12, rowsIn }, { topsIn }) =>
    rowsIn.map((rowIn, i) =>
      step({
        label: `Top of row ${i + 1}`,
        formula: 'top − row·pitch/12',
        numbers: `${num(topIn)} − ${num(rowIn)} × ${num(pitchPer12)}/12`,
        value: item(topsIn, i),
        unit: 'in',
      }),
    ),
})

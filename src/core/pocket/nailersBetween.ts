import * as z from 'zod/mini'
import { fail, item, ok } from '../result'
import { notAscending, over, wholeFor } from './compare'
import { anySign, MOST_MARKS, positive } from './fields'
import { evenMarks } from './equalSpaces'
import { figure, num, step } from './figure'

/** Nailers put between fixed rows so that no space is over the widest, inches: each space that is gets equal parts. */
export const nailersBetween = figure({
  name: 'nailers-between',
  input: z.strictObject({
    rowsIn: z.array(anySign('Top of a row that stands, inches')),
    fromIn: anySign('Where the skin begins, inches'),
    toIn: anySign('Where it ends, inches'),
    maxIn: positive('Widest space, inches'),
  }),
  output: z.object({ newRowsIn: z.array(z.number()), spacesIn: z.array(z.number()) }),
  solve: ({ rowsIn, fromIn, toIn, maxIn }) => {
    if (!over(toIn, fromIn)) return fail('too-small', ['toIn'], { minimum: fromIn })
    const outside = rowsIn.findIndex((rowIn) => over(fromIn, rowIn) || over(rowIn, toIn))
    if (outside >= 0) return fail('outside', ['rowsIn', outside], { fromIn, toIn })
    const wrong = notAscending(rowsIn)
    if (wrong !== null) return fail('not-ascending', ['rowsIn', wrong])
    if ((toIn - fromIn) / maxIn > MOST_MARKS)
      return fail('too-small', ['maxIn'], { minimum: (toIn - fromIn) / MOST_MARKS })
    const places = [fromIn, ...rowsIn, toIn].filter((placeIn, i, all) => i === 0 || over(placeIn, item(all, i - 1)))
    const spans = places.slice(1).map((placeIn, i) => ({ fromIn: item(places, i), runIn: placeIn - item(places, i) }))
    const parts = spans.map(({ runIn }) => wholeFor(runIn / maxIn))
    return ok({
      newRowsIn: spans.flatMap((span, i) => evenMarks(span.fromIn, span.runIn, item(parts, i)).slice(1, -1)),
      spacesIn: spans.flatMap(({ runIn }, i) => Array.from({ length: item(parts, i) }, () => runIn / item(parts, i))),
    })
  },
  arithmetic: ({ fromIn, toIn, maxIn }, { newRowsIn, spacesIn }) => [
    step({
      label: 'Widest space after',
      formula: 'each space over the widest, in equal parts',
      numbers: `${num(toIn - fromIn)} in ${spacesIn.length} spaces, none over ${num(maxIn)}`,
      value: Math.max(...spacesIn),
      unit: 'in',
    }),
    step({ label: 'Nailers', formula: 'new rows', numbers: '', value: newRowsIn.length, unit: '' }),
  ],
})

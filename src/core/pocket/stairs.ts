import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { over, wholeFor } from './compare'
import { answer, answerOrNull, MOST_MARKS, positive } from './fields'
import { figure, num, step } from './figure'

/** Depth of the board that stringers are usually cut from, a dressed 2×12, inches. */
const STRINGER_IN = 11.25

/**
 * A straight stair with its stringers cut out, inches: equal risers none over the highest, the first cut short by a tread's
 * thickness, marks along the stringer's edge, and the wood that a notch leaves.
 */
export const stairs = figure({
  name: 'stairs',
  input: z.strictObject({
    riseIn: positive('Floor to deck, inches'),
    maxRiserIn: positive('Highest riser, inches'),
    treadRunIn: positive('Run of a tread, inches'),
    treadIn: positive('Thickness of a tread, inches'),
    widthIn: positive('Width of the stair, inches'),
    stringersEveryIn: positive('Widest between stringers, inches'),
    boardIn: z.optional(
      positive('Depth of the board that stringers are cut from; 11 1/4 where it is left out, inches'),
    ),
  }),
  output: z.object({
    risers: answer('Risers'),
    riserIn: answer('Each riser, inches'),
    treads: answer('Treads'),
    runIn: answer('Level run, inches'),
    firstCutIn: answer('First riser as it is cut, inches'),
    stringers: answer('Stringers'),
    stringerIn: answer('Corner to corner of the whole stair, inches'),
    stepMarksIn: z.array(z.number()).check(z.describe('Front of each step along the stringer’s edge, inches')),
    woodLeftIn: answerOrNull('Wood under a notch, square to the edge, inches; null without a tread'),
  }),
  solve: ({ riseIn, maxRiserIn, treadRunIn, treadIn, widthIn, stringersEveryIn, boardIn = STRINGER_IN }) => {
    const risers = wholeFor(riseIn / maxRiserIn)
    if (risers > MOST_MARKS) return fail('too-small', ['maxRiserIn'], { minimum: riseIn / MOST_MARKS })
    const riserIn = riseIn / risers
    const firstCutIn = riserIn - treadIn
    if (!over(firstCutIn, 0)) return fail('too-large', ['treadIn'], { maximum: riserIn })
    const treads = risers - 1
    const stepIn = Math.hypot(riserIn, treadRunIn)
    return ok({
      risers,
      riserIn,
      treads,
      runIn: treads * treadRunIn,
      firstCutIn,
      stringers: wholeFor(widthIn / stringersEveryIn) + 1,
      stringerIn: Math.hypot(riseIn, treads * treadRunIn),
      stepMarksIn: Array.from({ length: treads + 1 }, (_, i) => i * stepIn),
      woodLeftIn: treads > 0 ? boardIn - (riserIn * treadRunIn) / stepIn : null,
    })
  },
  arithmetic: ({ riseIn, maxRiserIn, treadRunIn, treadIn, widthIn, stringersEveryIn }, found) => [
    step({
      label: 'Risers',
      formula: 'rise/highest, up',
      numbers: `${num(riseIn)}/${num(maxRiserIn)}, up`,
      value: found.risers,
      unit: '',
    }),
    step({
      label: 'Riser',
      formula: 'rise/risers',
      numbers: `${num(riseIn)}/${found.risers}`,
      value: found.riserIn,
      unit: 'in',
    }),
    step({
      label: 'First cut',
      formula: 'riser − tread',
      numbers: `${num(found.riserIn)} − ${num(treadIn)}`,
      value: found.firstCutIn,
      unit: 'in',
    }),
    step({
      label: 'Run',
      formula: 'treads·run',
      numbers: `${found.treads} × ${num(treadRunIn)}`,
      value: found.runIn,
      unit: 'in',
    }),
    step({
      label: 'Corner to corner',
      formula: '√(rise² + run²)',
      numbers: `√(${num(riseIn)}² + ${num(found.runIn)}²)`,
      value: found.stringerIn,
      unit: 'in',
    }),
    step({
      label: 'Stringers',
      formula: 'width/widest, up, + 1',
      numbers: `${num(widthIn)}/${num(stringersEveryIn)}, up, + 1`,
      value: found.stringers,
      unit: '',
    }),
  ],
})

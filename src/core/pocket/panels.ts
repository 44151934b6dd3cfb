import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { over, wholeFor } from './compare'
import { answer, answerOrNull, MOST_MARKS, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** A rip moved out to the next rib. */
const toRib = (ripIn: number, ribIn: number): number => wholeFor(ripIn / ribIn) * ribIn

/**
 * Sheets along a run, inches: how many, what the last shows, and where that is too little both ends ripped alike; the rip
 * moved out to the next rib.
 */
export const panels = figure({
  name: 'panels',
  input: z.strictObject({
    runIn: positive('Run to cover, inches'),
    coverIn: positive('One sheet covers, inches'),
    ribIn: positive('Rib to rib, inches'),
    leastIn: zeroOrMore('Least that a sheet should show, inches'),
  }),
  output: z.object({
    sheets: answer('Sheets'),
    lastIn: answer('What the last shows where the first is whole, inches'),
    way: z.enum(['whole', 'last', 'both']),
    startRipIn: answerOrNull('Both ends alike, inches'),
    short: z.boolean(),
    ribRipIn: answerOrNull('The rip moved out to the next rib, inches'),
  }),
  solve: ({ runIn, coverIn, ribIn, leastIn }) => {
    if (over(leastIn, coverIn)) return fail('too-large', ['leastIn'], { maximum: coverIn })
    const sheets = wholeFor(runIn / coverIn)
    if (sheets > MOST_MARKS) return fail('too-small', ['coverIn'], { minimum: runIn / MOST_MARKS })
    const lastIn = runIn - (sheets - 1) * coverIn
    if (over(leastIn, lastIn) && sheets >= 2) {
      const startRipIn = (runIn - (sheets - 2) * coverIn) / 2
      const short = over(leastIn, startRipIn)
      return ok({ sheets, lastIn, way: 'both' as const, startRipIn, short, ribRipIn: toRib(startRipIn, ribIn) })
    }
    const rest = { sheets, lastIn, startRipIn: null, short: false }
    if (!over(coverIn, lastIn)) return ok({ ...rest, way: 'whole' as const, ribRipIn: null })
    return ok({ ...rest, way: 'last' as const, ribRipIn: toRib(lastIn, ribIn) })
  },
  arithmetic: ({ runIn, coverIn, ribIn }, { sheets, lastIn, way, startRipIn, ribRipIn }) => [
    step({
      label: 'Sheets',
      formula: 'run/cover, up',
      numbers: `${num(runIn)}/${num(coverIn)}, up`,
      value: sheets,
      unit: '',
    }),
    step({
      label: 'Last shows',
      formula: 'run − (sheets − 1)·cover',
      numbers: `${num(runIn)} − (${sheets} − 1) × ${num(coverIn)}`,
      value: lastIn,
      unit: 'in',
    }),
    ...(way === 'both' && startRipIn !== null
      ? [
          step({
            label: 'Both ends',
            formula: '(run − (sheets − 2)·cover)/2',
            numbers: `(${num(runIn)} − (${sheets} − 2) × ${num(coverIn)})/2`,
            value: startRipIn,
            unit: 'in',
          }),
        ]
      : []),
    ...(ribRipIn === null
      ? []
      : [
          step({
            label: 'At the next rib',
            formula: 'rip/rib, up, ·rib',
            numbers: `${num(startRipIn ?? lastIn)}/${num(ribIn)}, up, × ${num(ribIn)}`,
            value: ribRipIn,
            unit: 'in',
          }),
        ]),
  ],
})

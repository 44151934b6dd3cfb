import * as z from 'zod/mini'
import { ok } from '../result'
import { over } from './compare'
import { answer, anySign, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** Places beside each other that are off to one side make a bow from this many on. */
const LEAST_OF_BOW = 3

export interface Bow {
  readonly fromIndex: number
  readonly toIndex: number
  readonly sign: 1 | -1
}

/** Which side of the line a place stands out to, where by more than the limit; else 0. */
function sideOf(offIn: number, limitIn: number): 1 | -1 | 0 {
  if (!over(Math.abs(offIn), limitIn)) return 0
  return offIn > 0 ? 1 : -1
}

/** Runs of three places or more that stand out to one side, each by more than the limit. */
function bowsOf(offsIn: readonly number[], limitIn: number): Bow[] {
  const bows: Bow[] = []
  let fromIndex = 0
  for (let i = 1; i <= offsIn.length; i++) {
    const sign = sideOf(offsIn[fromIndex] ?? 0, limitIn)
    const next = i < offsIn.length ? sideOf(offsIn[i] ?? 0, limitIn) : 0
    if (next === sign && i < offsIn.length) continue
    if (sign !== 0 && i - fromIndex >= LEAST_OF_BOW) bows.push({ fromIndex, toIndex: i - 1, sign })
    fromIndex = i
  }
  return bows
}

/** The place that is off the most of those to act on, the first of equals; −1 where none is. */
function firstToAct(offsIn: readonly number[], act: readonly boolean[]): number {
  let first = -1
  for (const [i, offIn] of offsIn.entries())
    if (act[i] && (first < 0 || over(Math.abs(offIn), Math.abs(offsIn[first] ?? 0)))) first = i
  return first
}

/** An eave measured against a string that stands off it, inches: how far out each place is, what to act on first, bows. */
export const eaveLine = figure({
  name: 'eave-line',
  input: z.strictObject({
    standoffIn: zeroOrMore('String from where the eave should be, inches'),
    readingsIn: z.array(anySign('String to the eave, inches')),
    actIn: zeroOrMore('Off by more than this is acted on, inches'),
  }),
  output: z.object({
    offsIn: z.array(z.number()),
    act: z.array(z.boolean()),
    firstIndex: answer('The place to act on first; −1 for none'),
    bows: z.array(z.object({ fromIndex: z.number(), toIndex: z.number(), sign: z.literal([1, -1]) })),
  }),
  solve: ({ standoffIn, readingsIn, actIn }) => {
    const offsIn = readingsIn.map((readingIn) => readingIn - standoffIn)
    const act = offsIn.map((offIn) => over(Math.abs(offIn), actIn))
    return ok({ offsIn, act, firstIndex: firstToAct(offsIn, act), bows: bowsOf(offsIn, actIn / 2) })
  },
  arithmetic: ({ standoffIn, readingsIn }, { offsIn }) =>
    offsIn.map((offIn, i) =>
      step({
        label: `Place ${i + 1}`,
        formula: 'reading − standoff',
        numbers: `${num(readingsIn[i] ?? 0)} − ${num(standoffIn)}`,
        value: offIn,
        unit: 'in',
      }),
    ),
})

import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { atLeast, wholeIn } from './compare'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'
import { STICK_INPUT, STICK_OUTPUT, sticksArithmetic, sticksFor } from './sticks'

/** What a board that goes between two faces is cut to, inches: the gap less its play, down to the sixteenth. */
export const girtCut = figure({
  name: 'girt-cut',
  input: z.strictObject({
    gapIn: positive('Between the faces, inches'),
    playIn: zeroOrMore('Play so that it goes in, inches'),
    ...STICK_INPUT,
  }),
  output: z.object({
    cutIn: answer('Cut to, inches'),
    ...STICK_OUTPUT,
  }),
  solve: ({ gapIn, playIn, stickIn, pieces }) => {
    if (atLeast(playIn, gapIn)) return fail('too-large', ['playIn'], { maximum: gapIn })
    const cutIn = wholeIn((gapIn - playIn) * 16) / 16
    const sticks = sticksFor(cutIn, stickIn, pieces)
    return sticks.ok ? ok({ cutIn, ...sticks.value }) : sticks
  },
  arithmetic: ({ gapIn, playIn, stickIn, pieces }, { cutIn, ...sticks }) => [
    step({
      label: 'Cut',
      formula: 'gap − play, down to the sixteenth',
      numbers: `${num(gapIn)} − ${num(playIn)}, down`,
      value: cutIn,
      unit: 'in',
    }),
    ...sticksArithmetic({ pieceIn: cutIn, stickIn, pieces }, sticks),
  ],
})

import * as z from 'zod/mini'
import { fail, ok } from '../result'
import { atLeast, wholeIn } from './compare'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** What a board that goes between two faces is cut to, inches: the gap less its play, down to the sixteenth. */
export const girtCut = figure({
  name: 'girt-cut',
  input: z.strictObject({
    gapIn: positive('Between the faces, inches'),
    playIn: zeroOrMore('Play so that it goes in, inches'),
  }),
  output: z.object({ cutIn: answer('Cut to, inches') }),
  solve: ({ gapIn, playIn }) =>
    atLeast(playIn, gapIn)
      ? fail('too-large', ['playIn'], { maximum: gapIn })
      : ok({ cutIn: wholeIn((gapIn - playIn) * 16) / 16 }),
  arithmetic: ({ gapIn, playIn }, { cutIn }) => [
    step({
      label: 'Cut',
      formula: 'gap − play, down to the sixteenth',
      numbers: `${num(gapIn)} − ${num(playIn)}, down`,
      value: cutIn,
      unit: 'in',
    }),
  ],
})

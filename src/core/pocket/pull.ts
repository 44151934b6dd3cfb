import * as z from 'zod/mini'
import { ok } from '../result'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** What one link of a chain, or a wedge under it, moves the top that a slanting line pulls, level, inches. */
export const pull = figure({
  name: 'pull',
  input: z.strictObject({
    upIn: positive('Anchor to the hold, up, inches'),
    acrossIn: positive('Anchor to the hold, level, inches'),
    linkIn: zeroOrMore('One link, inches'),
    wedgeIn: zeroOrMore('A wedge that lifts the middle of the line, inches'),
  }),
  output: z.object({
    lineIn: answer('Length of the line, inches'),
    linkMovesIn: answer('A link moves the hold, inches'),
    wedgeMovesIn: answer('The wedge moves the hold, inches'),
  }),
  solve: ({ upIn, acrossIn, linkIn, wedgeIn }) => {
    const lineIn = Math.hypot(upIn, acrossIn)
    return ok({
      lineIn,
      linkMovesIn: (linkIn * lineIn) / acrossIn,
      wedgeMovesIn: (((2 * wedgeIn ** 2) / lineIn) * lineIn) / acrossIn,
    })
  },
  arithmetic: ({ upIn, acrossIn, linkIn, wedgeIn }, { lineIn, linkMovesIn, wedgeMovesIn }) => [
    step({
      label: 'Line',
      formula: '√(up² + across²)',
      numbers: `√(${num(upIn)}² + ${num(acrossIn)}²)`,
      value: lineIn,
      unit: 'in',
    }),
    step({
      label: 'A link moves it',
      formula: 'link·line/across',
      numbers: `${num(linkIn)} × ${num(lineIn)}/${num(acrossIn)}`,
      value: linkMovesIn,
      unit: 'in',
    }),
    step({
      label: 'The wedge moves it',
      formula: '(2·wedge²/line)·line/across',
      numbers: `(2 × ${num(wedgeIn)}²/${num(lineIn)}) × ${num(lineIn)}/${num(acrossIn)}`,
      value: wedgeMovesIn,
      unit: 'in',
    }),
  ],
})

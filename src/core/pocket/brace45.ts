import * as z from 'zod/mini'
import { ok } from '../result'
import { over } from './compare'
import { answer, positive } from './fields'
import { figure, num, step } from './figure'

/** A brace at 45 degrees, as long as the post and the half of the beam leave it, inches. */
export const brace45 = figure({
  name: 'brace-45',
  input: z.strictObject({
    downIn: positive('Room down the post, inches'),
    outLimitIn: positive('Room to the middle of the beam, inches'),
  }),
  output: z.object({
    legIn: answer('Both legs, inches'),
    limitedBy: z.enum(['post', 'middle']),
    longEdgeIn: answer('Long edge, inches'),
  }),
  solve: ({ downIn, outLimitIn }) => {
    const limitedBy = over(downIn, outLimitIn) ? ('middle' as const) : ('post' as const)
    const legIn = Math.min(downIn, outLimitIn)
    return ok({ legIn, limitedBy, longEdgeIn: legIn * Math.SQRT2 })
  },
  arithmetic: ({ downIn, outLimitIn }, { legIn, longEdgeIn }) => [
    step({
      label: 'Leg',
      formula: 'the lesser of down and out',
      numbers: `min(${num(downIn)}, ${num(outLimitIn)})`,
      value: legIn,
      unit: 'in',
    }),
    step({ label: 'Long edge', formula: 'leg·√2', numbers: `${num(legIn)} × √2`, value: longEdgeIn, unit: 'in' }),
  ],
})

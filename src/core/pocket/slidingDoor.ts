import * as z from 'zod/mini'
import { ok } from '../result'
import { answer, positive, zeroOrMore } from './fields'
import { figure, num, step } from './figure'

/** Room past an open leaf for its handle and the end of the track, inches. */
const PAST_LEAF_IN = 4

/** Leaves of a sliding door that lap the opening, their track, and the clear wall beside it on each side, inches. */
export const slidingDoor = figure({
  name: 'sliding-door',
  input: z.strictObject({
    openIn: positive('Opening, inches'),
    lapIn: zeroOrMore('Lap over the jamb, inches'),
    leaves: z.literal([1, 2]),
  }),
  output: z.object({
    leafIn: answer('Width of a leaf, inches'),
    trackIn: answer('Length of the track, inches'),
    besideIn: answer('Clear wall on each side that a leaf slides to, inches'),
  }),
  solve: ({ openIn, lapIn, leaves }) => {
    const leafIn = leaves === 1 ? openIn + 2 * lapIn : openIn / 2 + lapIn
    const trackIn = leaves === 1 ? 2 * leafIn : 2 * openIn + 2 * lapIn
    return ok({ leafIn, trackIn, besideIn: leafIn + PAST_LEAF_IN })
  },
  arithmetic: ({ openIn, lapIn, leaves }, { leafIn, trackIn, besideIn }) => [
    step({
      label: 'Leaf',
      formula: leaves === 1 ? 'opening + 2·lap' : 'opening/2 + lap',
      numbers: leaves === 1 ? `${num(openIn)} + 2 × ${num(lapIn)}` : `${num(openIn)}/2 + ${num(lapIn)}`,
      value: leafIn,
      unit: 'in',
    }),
    step({
      label: 'Track',
      formula: leaves === 1 ? '2·leaf' : '2·opening + 2·lap',
      numbers: leaves === 1 ? `2 × ${num(leafIn)}` : `2 × ${num(openIn)} + 2 × ${num(lapIn)}`,
      value: trackIn,
      unit: 'in',
    }),
    step({ label: 'Beside', formula: 'leaf + 4', numbers: `${num(leafIn)} + 4`, value: besideIn, unit: 'in' }),
  ],
})

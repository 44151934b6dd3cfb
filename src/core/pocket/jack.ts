import * as z from 'zod/mini'
import { ok } from '../result'
import { anySign, answer, positive } from './fields'
import { figure, num, step } from './figure'

/** What a jack under a roof must lift, lb, and how far the foot goes to stand under a leaning top, inches. */
export const jack = figure({
  name: 'jack',
  input: z.strictObject({
    areaFt2: positive('Roof that comes to the post, square feet'),
    loadPsf: positive('What lies on it, psf'),
    factor: positive('Factor on the load'),
    leanIn: anySign('Lean of the post, inches'),
  }),
  output: z.object({
    loadLb: answer('On the post, pounds'),
    jackLb: answer('What the jack must lift, pounds'),
    footMovesIn: answer('The foot moves, inches'),
  }),
  solve: ({ areaFt2, loadPsf, factor, leanIn }) =>
    ok({ loadLb: areaFt2 * loadPsf, jackLb: areaFt2 * loadPsf * factor, footMovesIn: leanIn }),
  arithmetic: ({ areaFt2, loadPsf, factor }, { loadLb, jackLb }) => [
    step({
      label: 'On the post',
      formula: 'area·load',
      numbers: `${num(areaFt2)} × ${num(loadPsf)}`,
      value: loadLb,
      unit: 'lb',
      clause: 'statics',
    }),
    step({
      label: 'Jack',
      formula: 'load·factor',
      numbers: `${num(loadLb)} × ${num(factor)}`,
      value: jackLb,
      unit: 'lb',
      clause: 'statics',
    }),
  ],
})

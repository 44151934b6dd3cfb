import * as z from 'zod/mini'
import { ok } from '../result'
import { IN_PER_FT } from '../units'
import { answer, positive } from './fields'
import { figure, num, step } from './figure'

/** An arm fixed to a post that a load hangs from: the load with its factor, the moment, the pull at two fixings. */
export const gin = figure({
  name: 'gin',
  input: z.strictObject({
    loadLb: positive('What is lifted, pounds'),
    factor: positive('Factor on the load for jerks'),
    armIn: positive('Post to the hook, level, inches'),
    fixingsIn: positive('Between the two fixings, inches'),
  }),
  output: z.object({
    hangLb: answer('On the hook, pounds'),
    momentLbFt: answer('Moment in the post, pound-feet'),
    coupleLb: answer('At each fixing, pounds'),
  }),
  solve: ({ loadLb, factor, armIn, fixingsIn }) => {
    const hangLb = loadLb * factor
    return ok({ hangLb, momentLbFt: (hangLb * armIn) / IN_PER_FT, coupleLb: (hangLb * armIn) / fixingsIn })
  },
  arithmetic: ({ loadLb, factor, armIn, fixingsIn }, { hangLb, momentLbFt, coupleLb }) => [
    step({
      label: 'On the hook',
      formula: 'load·factor',
      numbers: `${num(loadLb)} × ${num(factor)}`,
      value: hangLb,
      unit: 'lb',
      clause: 'statics',
    }),
    step({
      label: 'Moment',
      formula: 'hook·arm/12',
      numbers: `${num(hangLb)} × ${num(armIn)}/12`,
      value: momentLbFt,
      unit: 'lb-ft',
      clause: 'statics',
    }),
    step({
      label: 'At each fixing',
      formula: 'hook·arm/fixings',
      numbers: `${num(hangLb)} × ${num(armIn)}/${num(fixingsIn)}`,
      value: coupleLb,
      unit: 'lb',
      clause: 'statics',
    }),
  ],
})

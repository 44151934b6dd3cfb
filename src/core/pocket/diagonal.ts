import * as z from 'zod/mini'
import { ok } from '../result'
import { answer, positive } from './fields'
import { figure, num, step } from './figure'

/** Corner to corner of a rectangle, inches: √(a² + b²). */
export const diagonal = figure({
  name: 'diagonal',
  input: z.strictObject({ aIn: positive('One side, inches'), bIn: positive('The side square to it, inches') }),
  output: z.object({ diagonalIn: answer('Corner to corner, inches') }),
  solve: ({ aIn, bIn }) => ok({ diagonalIn: Math.hypot(aIn, bIn) }),
  arithmetic: ({ aIn, bIn }, { diagonalIn }) => [
    step({
      label: 'Diagonal',
      formula: '√(a² + b²)',
      numbers: `√(${num(aIn)}² + ${num(bIn)}²)`,
      value: diagonalIn,
      unit: 'in',
    }),
  ],
})

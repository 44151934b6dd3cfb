import * as z from 'zod/mini'
import { ok } from '../result'
import { answer, positive, whole } from './fields'
import { figure, num, step } from './figure'

/** What one sheet truly covers, inches: the tape over several laid together, shared by them. */
export const cover = figure({
  name: 'cover',
  input: z.strictObject({
    laidIn: positive('Tape over the sheets laid together, inches'),
    sheets: whole(1, 'Sheets laid together'),
  }),
  output: z.object({ coverIn: answer('One sheet covers, inches') }),
  solve: ({ laidIn, sheets }) => ok({ coverIn: laidIn / sheets }),
  arithmetic: ({ laidIn, sheets }, { coverIn }) => [
    step({ label: 'Cover', formula: 'laid/sheets', numbers: `${num(laidIn)}/${sheets}`, value: coverIn, unit: 'in' }),
  ],
})

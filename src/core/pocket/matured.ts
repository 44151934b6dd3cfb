import * as z from 'zod/mini'
import { ok } from '../result'
import { over } from './compare'
import { anySign, answer } from './fields'
import { figure, num, step } from './figure'
import { warmHour } from './warmHour'

const FREEZES_F = 32
/** Hours of maturity under which frost does harm. */
const TENDER_H = 24

const meanOf = (tempsF: readonly number[]): number =>
  tempsF.reduce((sum, tempF) => sum + tempF, 0) / Math.max(1, tempsF.length)

/**
 * How far concrete has come, hours at 65 °F: each hour counts by how far it is over 14 °F (the straight-line maturity of
 * ASTM C1074), and the hours of frost before it could bear them. Nothing is cured while there are any.
 */
export const matured = figure({
  name: 'matured',
  input: z.strictObject({ tempsF: z.array(anySign('Temperature of an hour, °F')) }),
  output: z.object({
    maturedH: answer('Hours at 65 °F'),
    frozenHours: answer('Hours at 32 °F and under before it had 24'),
  }),
  solve: ({ tempsF }) => {
    let maturedH = 0
    let frozenHours = 0
    for (const tempF of tempsF) {
      if (!over(tempF, FREEZES_F) && over(TENDER_H, maturedH)) frozenHours++
      maturedH += warmHour(tempF)
    }
    return ok({ maturedH, frozenHours })
  },
  arithmetic: ({ tempsF }, { maturedH, frozenHours }) => [
    step({
      label: 'Matured',
      formula: 'sum of (T − 14)/51 over the hours, none under 0',
      numbers: `${tempsF.length} hours, ${num(meanOf(tempsF))} °F on average`,
      value: maturedH,
      unit: 'h',
      clause: 'ASTM C1074',
    }),
    step({
      label: 'Frozen',
      formula: 'hours at 32 °F and under before 24',
      numbers: '',
      value: frozenHours,
      unit: 'h',
    }),
  ],
})

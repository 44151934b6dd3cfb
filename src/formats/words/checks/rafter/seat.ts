import { quantity } from '@/core/units'
import { line, sig } from '@/core/result'
import { supportLine } from '@/core/wood'
import type { seat } from '@/core/rules/rafter/seat'
import type { CheckOf, CheckWords } from '../checkWords'
import { allowedPressing } from '../pressing'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof seat>> = {
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: rafters on their low seat`,
  governs: ({ facts }) => `${quantity(facts.lowLb, 'lb')} press each rafter on its seat.`,
  remedy: () => 'A longer seat within a quarter of the depth, or more plies.',
  place: () => 'low end',
  trace: ({ facts, demand }) => [
    line({
      label: 'Bearing',
      formula: 'R/(b·a)',
      numbers: `${sig(facts.lowLb)}/(${sig(facts.widthIn)} × ${sig(facts.seatIn)})`,
      value: demand,
      unit: 'psi',
      clause: 'NDS 2018 3.10.2',
    }),
    allowedPressing(facts.values),
    ...(facts.support ? [supportLine(facts.support)] : []),
  ],
}

import { about, quantity } from '@/core/units'
import { entryOf, line, sig } from '@/core/result'
import { supportLine } from '@/core/wood'
import type { seat } from '@/core/rules/beam/seat'
import type { CheckOf, CheckWords } from '../checkWords'
import { allowedPressing } from '../pressing'
import { BEAM } from './texts'

export const words: CheckWords<CheckOf<typeof seat>> = {
  title: ({ key }) => `${entryOf(BEAM, key.place).name} on their seats`,
  governs: ({ facts }) =>
    `${quantity(facts.downLb, 'lb')} press the beam on a notch of ${about(facts.areaIn2, 'in2')}.`,
  remedy: () => 'A wider seat, a bearing block, or a denser wood.',
  place: ({ facts }) => `at ${facts.post.name}`,
  trace: ({ facts, demand }) => [
    line({
      label: 'Bearing',
      formula: 'R/(b·lb)',
      numbers: `${sig(facts.downLb)}/${sig(facts.areaIn2)}`,
      value: demand,
      unit: 'psi',
      clause: 'NDS 2018 3.10.2',
    }),
    allowedPressing(facts.values),
    ...(facts.support ? [supportLine(facts.support)] : []),
  ],
}

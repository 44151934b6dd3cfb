import { quantity } from '@/core/units'
import { line, sig } from '@/core/result'
import type { push } from '@/core/rules/brace/push'
import type { CheckOf, CheckWords } from '../checkWords'
import { wallName } from '../wallName'
import { forceLines } from './lines'

export const words: CheckWords<CheckOf<typeof push>> = {
  title: ({ key }, walls) => `${wallName(walls, key.place)}: single braces pushed`,
  governs: ({ facts }) =>
    facts.cp === 0
      ? `Nailed only at its ends and middle it is too limber to push (le/d ${sig(facts.slenderness)}): wind from the ` +
        'other side has nothing.'
      : `Wind from the other side pushes it with ${quantity(facts.brace.forceLb, 'lb')}, held at every girt.`,
  remedy: ({ facts }) => (facts.cp === 0 ? 'X braces, or nail it at every girt.' : 'X braces.'),
  place: ({ facts }) => facts.brace.between,
  trace: ({ facts: { brace, slenderness, cp, holdsLb, values, size } }) =>
    cp === 0
      ? []
      : [
          ...forceLines(brace),
          line({
            label: 'Slenderness, held at every girt',
            formula: 'le/d',
            numbers: `${sig(slenderness * size.bIn)}/${sig(size.bIn)}`,
            value: slenderness,
            unit: '',
            clause: 'NDS 2018 3.7.1',
          }),
          line({
            label: 'Stability',
            formula: 'CP at le/d',
            numbers: sig(cp),
            value: cp,
            unit: '',
            clause: 'NDS 2018 3.7.1.5',
          }),
          line({
            label: 'Allowed',
            formula: 'Fc·CD·CP·A',
            numbers: `${sig(values.fc)} × 1.6 × ${sig(cp)} × ${sig(size.areaIn2)}`,
            value: holdsLb,
            unit: 'lb',
            clause: 'NDS 2018 3.7.1',
          }),
        ],
}

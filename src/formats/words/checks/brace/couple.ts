import { quantity } from '@/core/units'
import { line, sig } from '@/core/result'
import type { couple } from '@/core/rules/brace/couple'
import type { CheckOf, CheckWords } from '../checkWords'
import { wallName } from '../wallName'
import { forceLines } from './lines'

export const words: CheckWords<CheckOf<typeof couple>> = {
  title: ({ key }, walls) => `${wallName(walls, key.place)}: braced posts held down`,
  governs: ({ facts }) =>
    `The braces lift their post by ${quantity(facts.brace.coupleLb, 'lb')} besides the roof’s uplift.`,
  remedy: () => 'Lower force by more braced bays; a wider or deeper collar.',
  place: ({ facts }) => facts.brace.between,
  trace: ({ facts: { brace, held } }) => [
    ...forceLines(brace),
    line({
      label: 'Couple at the posts',
      formula: 'V·H/s',
      numbers: `${sig(brace.shearLb / brace.bays)} × ${sig(brace.heightIn)}/${sig(brace.bayIn)}`,
      value: brace.coupleLb,
      unit: 'lb',
      clause: 'statics',
    }),
    line({
      label: 'Roof uplift there',
      formula: 'T',
      numbers: sig(held.demandLb),
      value: held.demandLb,
      unit: 'lb',
      clause: 'ASCE 7-16 2.4.1 (7)',
    }),
    line({
      label: 'What the hole holds',
      formula: 'see its uplift',
      numbers: sig(held.capacityLb),
      value: held.capacityLb,
      unit: 'lb',
      clause: 'see the hole’s uplift',
    }),
  ],
}

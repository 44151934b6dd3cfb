import { line, sig } from '@/core/result'
import type { strength } from '@/core/rules/knee/strength'
import { formatLength, quantity } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof strength>> = {
  title: () => 'Knee braces',
  governs: ({ facts }) =>
    facts.limber
      ? `A brace ${formatLength(facts.lengthIn)} long is too limber (le/d over 50).`
      : `The frame puts ${quantity(facts.kneeLb, 'lb')} into each knee.`,
  remedy: ({ facts }) =>
    facts.limber ? 'Shorter, doubled or blocked braces.' : 'Doubled braces, or braces that meet lower on the post.',
  place: () => 'each eave post',
  trace: ({ facts: { limber, kneeLb, cp, slenderness, values, areaIn2, plies, holdsLb } }) =>
    limber
      ? []
      : [
          line({
            label: 'Force in the knee',
            formula: 'post, stiff truss and knee solved together',
            numbers: sig(kneeLb),
            value: kneeLb,
            unit: 'lb',
            clause: 'statics',
          }),
          line({
            label: 'Stability of the knee',
            formula: 'CP at le/d',
            numbers: sig(cp),
            value: cp,
            unit: '',
            clause: `NDS 2018 3.7.1.5; le/d ${sig(slenderness)}`,
          }),
          line({
            label: 'What it can take',
            formula: "the less of Fc'·CP and Ft', × A",
            numbers:
              `min(${sig(values.fc)} × 1.6 × ${sig(cp)}, ${sig(values.ft)} × 1.6) × ` + `${sig(areaIn2)} × ${plies}`,
            value: holdsLb,
            unit: 'lb',
            clause: 'NDS 2018 3.7, 3.8',
          }),
        ],
}

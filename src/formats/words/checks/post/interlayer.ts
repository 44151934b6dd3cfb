import { line, sig } from '@/core/result'
import type { interlayer } from '@/core/rules/post/interlayer'
import { about, IN_PER_FT } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof interlayer>> = {
  title: () => 'EP559 fastening of the laminations',
  governs: ({ facts }) => {
    const passes = `The nails pass ${about(facts.passesPlf, 'plf')} between plies`
    return facts.asked
      ? `${passes}.`
      : `${passes}; the shear EP559 asks for is not entered, so its bending factors rest on your word.`
  },
  remedy: ({ facts }) => (facts.asked ? 'More or thicker nails.' : 'Enter the interlayer shear EP559 asks for.'),
  place: () => 'between two plies',
  trace: ({ facts }) =>
    facts.asked
      ? [
          line({
            label: 'Between two plies',
            formula: 'rows·Z·12/spacing',
            numbers:
              `${facts.rows} × ${sig((facts.passesPlf * facts.spacingIn) / (IN_PER_FT * facts.rows))} × ` +
              `12/${sig(facts.spacingIn)}`,
            value: facts.passesPlf,
            unit: 'plf',
            clause: 'NDS 2018 12.3, ASABE EP559',
            verify: 'C08',
          }),
        ]
      : [],
}

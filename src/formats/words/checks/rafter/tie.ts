import { quantity, stated } from '@/core/units'
import type { tie } from '@/core/rules/rafter/tie'
import type { CheckOf, CheckWords } from '../checkWords'
import { ratedLine } from '../rated'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof tie>> = {
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: rafter ties`,
  governs: ({ facts: { upLb, tieLb } }) =>
    tieLb === null
      ? `Wind lifts each rafter by ${quantity(upLb, 'lb')} at its end; the rating of the ties is not entered.`
      : `Wind lifts each rafter by ${quantity(upLb, 'lb')}; each tie is rated ${stated(tieLb, 'lb')}.`,
  remedy: ({ facts }) =>
    facts.tieLb === null ? 'Enter the rated uplift of the ties; toe-nails are not counted.' : 'Stronger ties, or two.',
  place: () => 'low end',
  trace: ({ facts: { tieLb, windTrace } }) => (tieLb === null ? [] : [...windTrace, ratedLine('Rated tie', tieLb)]),
}

import { line, sig } from '@/core/result'
import type { slabTie } from '@/core/rules/hole/slabTie'
import { quantity } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'
import { ratedLine } from '../rated'

export const words: CheckWords<CheckOf<typeof slabTie>> = {
  title: ({ key }) => `${kindName(key.place)}: tie to the slab`,
  governs: ({ facts: { post, forceLb, wind, ratedLb } }) =>
    `${wind.name.charAt(0).toUpperCase()}${wind.name.slice(1)} on ${post} pulls on its tie with ${quantity(forceLb, 'lb')}` +
    `${ratedLb === null ? '; what the tie is rated for is not entered.' : '.'}`,
  remedy: ({ facts }) =>
    facts.ratedLb === null
      ? 'Enter the tie’s rating, or do not count the slab.'
      : 'A heavier tie, or posts in the ground that do without the slab.',
  place: () => 'at grade',
  trace: ({ facts: { wind, depthFt, forceLb, ratedLb } }) => [
    line({
      label: 'Level reaction at grade',
      formula: 'V + 4·M/(3·d)',
      numbers:
        depthFt > 0
          ? `${sig(Math.abs(wind.shearLb))} + 4 × ${sig(Math.abs(wind.momentFtLb))}/(3 × ${sig(depthFt)})`
          : sig(Math.abs(wind.shearLb)),
      value: forceLb,
      unit: 'lb',
      clause: 'statics of the soil pressure of IBC 2021 1807.3.2.2',
    }),
    ...(ratedLb === null ? [] : [ratedLine('Rated tie', ratedLb)]),
  ],
}

import { quantity } from '@/core/units'
import type { reaction } from '@/core/rules/truss/reaction'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof reaction>> = {
  title: () => 'Truss reaction differs from the loads here',
  governs: ({ facts }) =>
    `The drawing says ${quantity(facts.typedLb, 'lb')}; balanced snow and dead load here make ` +
    `${quantity(facts.ownLb, 'lb')}.`,
  remedy: () => 'Ask the truss maker which loads the drawing uses.',
}

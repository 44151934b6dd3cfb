import type { wind } from '@/core/rules/purlin/wind'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof wind>> = {
  title: () => 'Purlins',
  governs: ({ facts }) =>
    facts.open
      ? 'Cladding wind on an open roof is not in the table here: its coefficient CN has not been entered.'
      : 'Cladding wind on roofs steeper than 45° is not covered.',
  remedy: ({ facts }) =>
    facts.open ? 'Enter CN from the standard, or take the purlins to an engineer.' : 'Take these to an engineer.',
}

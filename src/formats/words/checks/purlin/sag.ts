import type { sag } from '@/core/rules/purlin/sag'
import type { CheckOf, CheckWords } from '../checkWords'
import { sagWords } from '../span'
import { purlinRemedy } from './remedy'

export const words: CheckWords<CheckOf<typeof sag>> = sagWords({
  title: () => 'Purlins, field of the roof',
  remedy: ({ facts }) => purlinRemedy(facts.about.skinHolds),
})

import type { strength } from '@/core/rules/purlin/strength'
import type { CheckOf, CheckWords } from '../checkWords'
import { strengthWords } from '../span'
import { purlinRemedy } from './remedy'

export const words: CheckWords<CheckOf<typeof strength>> = strengthWords({
  title: ({ key }) => (key.place === 'field' ? 'Purlins, field of the roof' : 'Purlins by the rakes'),
  remedy: ({ facts }) => purlinRemedy(facts.about.skinHolds),
})

import { about } from '@/core/units'
import type { steepGround } from '@/core/rules/hole/steepGround'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof steepGround>> = {
  title: () => 'Steep ground',
  governs: ({ facts }) =>
    `The ground falls ${about(facts.steepestPer12, 'inches')} a foot somewhere between the spots: over 1 in 3 the setbacks ` +
    'of IBC 1808.7 apply and are not sized here.',
  remedy: () => 'Take these to an engineer.',
}

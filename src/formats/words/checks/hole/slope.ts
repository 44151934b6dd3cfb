import type { slope } from '@/core/rules/hole/slope'
import type { CheckOf, CheckWords } from '../checkWords'
import { kindName } from '../kinds'

export const words: CheckWords<CheckOf<typeof slope>> = {
  title: ({ key }) => `${kindName(key.place)}: slope`,
  governs: () =>
    'The ground falls more than 1 in 3: the setbacks of IBC 1808.7 and the lateral values on slopes are not ' +
    'sized here.',
  remedy: () => 'Take these to an engineer.',
}

import type { strength } from '@/core/rules/rafter/strength'
import type { CheckOf, CheckWords } from '../checkWords'
import { strengthWords } from '../span'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof strength>> = strengthWords({
  title: ({ key }, walls) => `${leanToName(walls, key.place)} rafters`,
  remedy: () => 'Deeper or doubled rafters, a better grade, or rafters closer together.',
})

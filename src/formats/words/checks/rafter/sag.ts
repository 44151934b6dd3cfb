import type { sag } from '@/core/rules/rafter/sag'
import type { CheckOf, CheckWords } from '../checkWords'
import { sagWords } from '../span'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof sag>> = sagWords({
  title: ({ key }, walls) => `${leanToName(walls, key.place)} rafters`,
  remedy: () => 'Deeper or doubled rafters, a better grade, or rafters closer together.',
})

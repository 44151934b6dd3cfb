import type { strength } from '@/core/rules/leanToBeam/strength'
import type { CheckOf, CheckWords } from '../checkWords'
import { strengthWords } from '../span'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof strength>> = strengthWords({
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: beam on the outer posts`,
  remedy: () => 'Deeper boards, more plies, or posts closer together.',
})

import type { sag } from '@/core/rules/leanToBeam/sag'
import type { CheckOf, CheckWords } from '../checkWords'
import { sagWords } from '../span'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof sag>> = sagWords({
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: beam on the outer posts`,
  remedy: () => 'Deeper boards, more plies, or posts closer together.',
})

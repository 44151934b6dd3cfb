import type { sag } from '@/core/rules/ledger/sag'
import type { CheckOf, CheckWords } from '../checkWords'
import { sagWords } from '../span'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof sag>> = sagWords({
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: ledger`,
  remedy: () => 'Deeper boards, more plies, or posts closer together.',
})

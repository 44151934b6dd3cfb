import type { strength } from '@/core/rules/leanToPurlin/strength'
import type { CheckOf, CheckWords } from '../checkWords'
import { strengthWords } from '../span'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof strength>> = strengthWords({
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: purlins`,
  remedy: ({ facts }) => `Closer rows by the wall, where ${facts.about.snow} snow lies deepest, or a deeper purlin.`,
})

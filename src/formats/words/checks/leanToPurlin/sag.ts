import type { sag } from '@/core/rules/leanToPurlin/sag'
import type { CheckOf, CheckWords } from '../checkWords'
import { sagWords } from '../span'
import { leanToName } from '../wallName'

export const words: CheckWords<CheckOf<typeof sag>> = sagWords({
  title: ({ key }, walls) => `${leanToName(walls, key.place)}: purlins`,
  remedy: ({ facts }) => `Closer rows by the wall, where ${facts.about.snow} snow lies deepest, or a deeper purlin.`,
})

import { entryOf } from '@/core/result'
import type { sag } from '@/core/rules/beam/sag'
import type { CheckOf, CheckWords } from '../checkWords'
import { sagWords } from '../span'
import { BEAM } from './texts'

export const words: CheckWords<CheckOf<typeof sag>> = sagWords({
  title: ({ key, facts }) => `${entryOf(BEAM, key.place).title}, ${facts.about.between}`,
  remedy: ({ key }) => entryOf(BEAM, key.place).remedy,
})

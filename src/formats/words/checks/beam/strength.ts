import { entryOf } from '@/core/result'
import type { strength } from '@/core/rules/beam/strength'
import type { CheckOf, CheckWords } from '../checkWords'
import { strengthWords } from '../span'
import { BEAM } from './texts'

export const words: CheckWords<CheckOf<typeof strength>> = strengthWords({
  title: ({ key, facts }) => `${entryOf(BEAM, key.place).title}, ${facts.about.between}`,
  remedy: ({ key }) => entryOf(BEAM, key.place).remedy,
})

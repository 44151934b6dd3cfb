import type { anchor } from '@/core/rules/pier/anchor'
import type { CheckOf, CheckWords } from '../checkWords'
import { ratedWords } from './rated'

export const words: CheckWords<CheckOf<typeof anchor>> = ratedWords(
  'Anchors of the brackets',
  'pulls the anchors of',
  'the anchorage',
)

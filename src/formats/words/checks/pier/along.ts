import type { along } from '@/core/rules/pier/along'
import type { CheckOf, CheckWords } from '../checkWords'
import { ratedWords } from './rated'

export const words: CheckWords<CheckOf<typeof along>> = ratedWords(
  'Brackets along their wall',
  'pushes along its wall',
  'the bracket',
)

import type { across } from '@/core/rules/pier/across'
import type { CheckOf, CheckWords } from '../checkWords'
import { ratedWords } from './rated'

export const words: CheckWords<CheckOf<typeof across>> = ratedWords(
  'Brackets square to their wall',
  'pushes',
  'the bracket',
)

import type { uplift } from '@/core/rules/pier/uplift'
import type { CheckOf, CheckWords } from '../checkWords'
import { ratedWords } from './rated'

export const words: CheckWords<CheckOf<typeof uplift>> = ratedWords('Brackets held down', 'lifts', 'the bracket')

import type { share } from '@/core/rules/truss/share'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof share>> = {
  title: () => 'Sharing between the two carriers',
  governs: () =>
    'Each carrier takes half only if every truss seats on both. One that bears on one ply loads it double.',
  remedy: () => 'Check every seat while setting, shim where one is low.',
}

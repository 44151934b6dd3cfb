import type { strength } from '@/core/rules/skirt/strength'
import { formatLength } from '@/core/units'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof strength>> = {
  title: () => 'Skirt board',
  governs: ({ facts }) =>
    `Wind works a ${facts.size.replace('x', '×')} over ${formatLength(facts.bayIn)} with half the wall up to the first ` +
    'girt.',
  remedy: () => 'A stake or slab edge between posts, or a doubled board.',
  place: () => 'between posts',
  trace: ({ facts }) => facts.strengthTrace(),
}

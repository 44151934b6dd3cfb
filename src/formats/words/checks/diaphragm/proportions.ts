import { sig } from '@/core/result'
import type { proportions } from '@/core/rules/diaphragm/proportions'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof proportions>> = {
  title: () => 'Roof diaphragm, proportions',
  governs: ({ facts }) =>
    `The building is ${sig(facts.ratio)} times as long as wide; past 4 the sharing by stiffness is not relied on here.`,
  remedy: () => 'An interior shear wall, or an engineer.',
}

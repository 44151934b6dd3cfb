import { quantity } from '@/core/units'
import type { truss } from '@/core/rules/knee/truss'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof truss>> = {
  title: () => 'Knee braces on the trusses',
  governs: ({ facts }) =>
    `Each knee pushes and pulls the truss with ${quantity(facts.kneeLb, 'lb')}. The truss maker has not designed for it.`,
  remedy: () => 'Do not add knee braces until the truss maker has designed for them.',
}

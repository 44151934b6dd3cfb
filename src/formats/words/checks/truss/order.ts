import { about } from '@/core/units'
import type { order } from '@/core/rules/truss/order'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof order>> = {
  title: () => 'The trusses themselves',
  governs: ({ facts }) => {
    const unbalanced =
      facts.unbalancedPsf === null ? '' : `, ${about(facts.unbalancedPsf, 'psf')} by the ridge unbalanced`
    return (
      `Their design is the truss maker’s. Give them: dead ${about(facts.deadPsf, 'psf')}, snow ${about(facts.snowPsf, 'psf')} ` +
      `balanced${unbalanced}, net uplift ${about(facts.netUpLb, 'lb')} at the worst seat, ${about(facts.spaceIn, 'inches')} ` +
      `apart${facts.knee ? ', knee braces' : ''}.`
    )
  },
  remedy: () => 'Truss drawings, and their bracing sheets on site.',
}

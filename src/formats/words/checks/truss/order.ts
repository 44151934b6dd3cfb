import { sig } from '@/core/result'
import type { order } from '@/core/rules/truss/order'
import type { CheckOf, CheckWords } from '../checkWords'

export const words: CheckWords<CheckOf<typeof order>> = {
  title: () => 'The trusses themselves',
  governs: ({ facts }) => {
    const unbalanced = facts.unbalancedPsf === null ? '' : `, ${sig(facts.unbalancedPsf)} psf by the ridge unbalanced`
    return (
      `Their design is the truss maker’s. Give them: dead ${sig(facts.deadPsf)} psf, snow ${sig(facts.snowPsf)} psf ` +
      `balanced${unbalanced}, net uplift ${sig(facts.netUpLb)} lb at the worst seat, ${sig(facts.spaceIn)} in. ` +
      `apart${facts.knee ? ', knee braces' : ''}.`
    )
  },
  remedy: () => 'Truss drawings, and their bracing sheets on site.',
}
